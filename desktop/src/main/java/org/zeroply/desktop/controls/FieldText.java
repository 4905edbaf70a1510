package org.zeroply.desktop.controls;

import javafx.scene.control.TextInputControl;

/**
 * What the program shows in a field that somebody may be typing in. What is kept is often read
 * again while a hand is in the middle of a word; what was typed and not taken over yet stays then.
 */
public final class FieldText {

    /** In the properties of a field: what was shown there last. */
    private static final Object SHOWN = FieldText.class;

    private record Shown(Object of, String text) {}

    private FieldText() {}

    /**
     * Shows a text, but for where another is being typed in its stead.
     *
     * @param of what the text is of: what was typed on something else gives way, so its owner takes
     *     it over before
     */
    public static void show(TextInputControl field, Object of, String text) {
        boolean typed = isTyped(field, of);
        boolean there = text.equals(field.getText());
        if (typed && !there) {
            return;
        }
        field.getProperties().put(SHOWN, new Shown(of, text));
        if (typed) {
            takenOver(field);
        } else if (!there) {
            field.setText(text);
        }
    }

    /** A field that has the focus is typed in where it says something else than was shown last. */
    private static boolean isTyped(TextInputControl field, Object of) {
        return field.isFocused()
                && field.getProperties().get(SHOWN) instanceof Shown shown
                && shown.of().equals(of)
                && !shown.text().equals(field.getText());
    }

    /** From now on it is taken back where it was taken over, no longer letter by letter. */
    private static void takenOver(TextInputControl field) {
        int caret = field.getCaretPosition();
        field.setText(field.getText());
        field.positionCaret(caret);
    }
}
