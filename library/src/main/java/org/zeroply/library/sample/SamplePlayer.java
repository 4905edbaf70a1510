package org.zeroply.library.sample;

import java.util.List;

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

    /** Nodes searched for each move. */
    long nodes() {
        return Math.round(150 * Math.pow(2, (rating - 1400) / 180.0));
    }

    /** How readily a worse move is chosen: a loss of so much expected score weighs 1/e. */
    double carelessness() {
        return Math.max(0.012, 0.095 - (rating - 1400) * 0.000075);
    }
}
