package org.zeroply.workshop;

import javafx.application.Application;
import org.zeroply.workshop.pauses.PausesApplication;
import org.zeroply.workshop.pictures.PicturesApplication;

/**
 * {@code shots [--out DIR] [--part DESK]}: pictures of the main views; {@code pauses [--library
 * FILE]}: how long the interface thread is held up.
 */
public final class Main {

    private Main() {}

    /** Does one of the two and ends. */
    public static void main(String[] args) {
        boolean pauses = args.length > 0 && args[0].equals("pauses");
        Application.launch(pauses ? PausesApplication.class : PicturesApplication.class, args);
    }
}
