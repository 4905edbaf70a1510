package org.zeroply.desktop.controls;

/** How much room the board takes beside a page. */
public enum BoardUse {
    /** The page is about the position: the board is as large as the height allows. */
    LARGE,
    /** The position only illustrates the page. */
    SMALL,
    /** There is nothing to show on a board. */
    NONE
}
