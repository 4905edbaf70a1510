package org.zeroply.coach.repertoire.tournament;

/**
 * Somebody who plays in a tournament.
 *
 * @param rating 0 where it is not known
 */
public record Entrant(String name, int rating) {

    /** In the place of an opponent where there is none: the other one has a bye. */
    public static final Entrant NOBODY = new Entrant("", 0);

    public Entrant {
        name = name.strip();
    }

    /** Name and rating as they are shown. */
    public String words() {
        return rating == 0 ? name : name + " (" + rating + ")";
    }
}
