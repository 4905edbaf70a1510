package org.zeroply.workshop.pictures;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import javafx.application.Application;
import javafx.stage.Stage;
import org.zeroply.desktop.app.Workbench;
import org.zeroply.desktop.app.ZeroPly;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.Library;
import org.zeroply.workshop.command.Arguments;

/** Opens a window on a fresh demo library, takes a picture of each main view, and ends. */
public final class PicturesApplication extends Application {

    private Services services;

    @Override
    public void start(Stage stage) {
        ZeroPly.loadFonts();
        Arguments arguments = new Arguments(getParameters().getRaw());
        services = ZeroPly.services(Library.open(fresh()), true);
        Workbench workbench = new Workbench(services, Clock.systemUTC());
        stage.setScene(ZeroPly.scene(workbench));
        stage.show();
        Path folder = Path.of(arguments.value("--out", "docs/screenshots"));
        new Shots(workbench, services, folder).take(arguments.value("--part", ""));
    }

    private static Path fresh() {
        try {
            return Files.createTempDirectory("zeroply-pictures").resolve("demo.zpl");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void stop() {
        services.close();
    }
}
