package org.zeroply.library.sheet;

/**
 * How a new state of a sheet came about: by a change, or by taking changes back or making them
 * again.
 */
public enum SheetStep {
    CHANGE,
    UNDO,
    REDO
}
