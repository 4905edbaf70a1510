package org.zeroply.workshop;

import javafx.application.Application;
import org.zeroply.workshop.pictures.PicturesApplication;

/** {@code shots [--out DIR] [--part DESK]}: pictures of the main views. */
public final class Main {

    private Main() {}

    /** Takes the pictures and ends. */
    public static void main(String[] args) {
        Application.launch(PicturesApplication.class, args);
    }
}
