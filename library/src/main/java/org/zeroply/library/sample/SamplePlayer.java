package org.zeroply.library.sample;

import java.util.List;
import org.zeroply.coach.play.Strength;

/**
 * An invented player.
 *
 * @param rating made-up rating, which decides how well the player plays
 */
record SamplePlayer(String name, int rating) {

    static final List<SamplePlayer> STUDENTS =
            List.of(
                    new SamplePlayer("Nora Tidewell", 1420),
                    new SamplePlayer("Jonas Quay", 1655),
                    new SamplePlayer("Ilse Marram", 1880),
                    new SamplePlayer("Pavel Dunmore", 2110));

    static final List<SamplePlayer> CLUB =
            List.of(
                    new SamplePlayer("Rufus Anchorby", 1510),
                    new SamplePlayer("Greta Shoal", 1730),
                    new SamplePlayer("Odo Lanthorn", 1960),
                    new SamplePlayer("Maren Breakwater", 2050));

    static final List<SamplePlayer> MASTERS =
            List.of(
                    new SamplePlayer("Teodor Vasskill", 2480),
                    new SamplePlayer("Livia Corramond", 2515),
                    new SamplePlayer("Anselm Picardo-Rhys", 2440),
                    new SamplePlayer("Zuzana Hallorin", 2555));

    /** From this rating on a player takes all the time there is, and plays as this strength. */
    private static final int MASTER = 2400;

    private static final int MOST = 2800;

    /** How well the player plays. */
    Strength strength() {
        return new Strength(rating < MASTER ? rating : MOST);
    }
}
