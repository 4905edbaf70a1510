package org.zeroply.desktop;

import javafx.application.Application;
import org.zeroply.desktop.app.ZeroPly;

/** {@code demo} or {@code desktop [FILE]}. */
public final class DesktopLauncher {

    private DesktopLauncher() {}

    /** Starts the window. */
    public static void main(String[] args) {
        Application.launch(ZeroPly.class, args);
    }
}
