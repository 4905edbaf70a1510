package org.zeroply.library.drawing;

/** Words inside HTML and SVG. */
public final class Markup {

    private Markup() {}

    /** A text with the signs of the markup written out. */
    public static String escape(String text) {
        return text.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;")
                .replace("'", "&#39;");
    }
}
