package org.zeroply.library.sheet;

/**
 * What lists show of a sheet.
 *
 * @param heading what is known of the game
 * @param plies moves of one side in the main line
 */
public record SheetRow(long id, SheetKind kind, String title, GameHeading heading, int plies) {}
