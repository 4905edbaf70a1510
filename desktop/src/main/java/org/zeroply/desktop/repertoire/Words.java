package org.zeroply.desktop.repertoire;

import java.util.Locale;

/** Figures as the desk writes them. */
final class Words {

    private Words() {}

    /** A part of 1 in hundredths, with a tenth below ten. */
    static String percent(double part) {
        double hundred = 100 * part;
        return String.format(
                Locale.ROOT, hundred > 0 && hundred < 9.95 ? "%.1f%%" : "%.0f%%", hundred);
    }
}
