package org.zeroply.library.drawing;

import java.util.Locale;

/** The inks of printed pages; each stays apart from the others in black and white too. */
public enum Ink {
    INK(0x22252b),
    FADED(0x5b5a56),
    RULE(0xcfc6b4),
    SHADE(0xece6da),
    PAPER(0xffffff),
    COACH(0x1f5a66),
    ALARM(0xa23b2a),
    PROOF(0x3e6b3a);

    private final int rgb;

    Ink(int rgb) {
        this.rgb = rgb;
    }

    /** Red, green and blue, eight bits each. */
    public int rgb() {
        return rgb;
    }

    /** As in style sheets: {@code #22252b}. */
    public String css() {
        return String.format(Locale.ROOT, "#%06x", rgb);
    }
}
