package org.zeroply.workshop.pictures;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.stage.Stage;
import org.zeroply.desktop.app.Workbench;
import org.zeroply.desktop.app.ZeroPly;
import org.zeroply.desktop.work.Engines;
import org.zeroply.desktop.work.Services;
import org.zeroply.library.Library;
import org.zeroply.workshop.command.Arguments;

/** Opens a window on a fresh demo library, takes a picture of each main view, and ends. */
public final class PicturesApplication extends Application {

    /** The part that is no view but the sign of the program. */
    private static final String ICON = "icon";

    private Optional<Services> services = Optional.empty();

    @Override
    public void start(Stage stage) throws IOException {
        ZeroPly.loadFonts();
        Arguments arguments = new Arguments(getParameters().getRaw());
        Path folder = Path.of(arguments.value("--out", "docs/screenshots"));
        String part = arguments.value("--part", "");
        if (part.equals(ICON)) {
            IconFiles.write(folder);
            Platform.exit();
            return;
        }
        Services made = ZeroPly.services(Library.open(fresh()), Engines.REPEATABLE);
        services = Optional.of(made);
        Workbench workbench = new Workbench(made, Clock.systemUTC());
        stage.setScene(ZeroPly.scene(workbench));
        String[] size = arguments.value("--size", "1280x800").split("x");
        stage.setWidth(Double.parseDouble(size[0]));
        stage.setHeight(Double.parseDouble(size[1]));
        stage.show();
        if (arguments.value("--light", "paper").equals("lamp")) {
            workbench.toggleTheme();
        }
        new Shots(workbench, made, folder).take(part);
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
        services.ifPresent(Services::close);
    }
}
