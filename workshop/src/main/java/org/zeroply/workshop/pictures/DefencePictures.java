package org.zeroply.workshop.pictures;

import javafx.scene.control.ListView;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.desktop.app.Workbench;
import org.zeroply.desktop.work.Services;

/** The pictures of the Defence desk. */
final class DefencePictures {

    /** A knight held to the square from which there would be mate. */
    private static final String HELD = "6k1/5ppp/8/3n4/8/8/r4PPP/3R2K1 b - - 0 1";

    private DefencePictures() {}

    static void take(Shots run, Workbench bench, Services services) {
        run.step(() -> bench.show("Defence"));
        run.step(() -> run.press("#defence-example"));
        run.until(() -> run.text("#defence-state").isEmpty());
        run.shot("defence");
        run.step(bench::toggleTheme);
        run.detail("defence-lamp");
        run.step(bench::toggleTheme);
        run.step(() -> run.toggle("#defence-what-if"));
        run.step(() -> run.press("#what-if-propose"));
        run.until(() -> !services.scheduler().isBusy());
        run.step(() -> run.press("#what-if-1-0"));
        run.detail("defence-what-if");
        if (run.details) {
            more(run, bench, services);
        }
    }

    /** The other pages, to look at while working. */
    private static void more(Shots run, Workbench bench, Services services) {
        run.step(() -> bench.defence().defend(Position.fromFen(HELD)));
        run.step(() -> bench.show("Defence"));
        run.until(() -> run.text("#defence-state").isEmpty());
        run.step(() -> run.toggle("#defence-pins"));
        run.step(() -> ((ListView<?>) bench.lookup("#pins")).getSelectionModel().select(0));
        run.detail("defence-pins");
        run.step(() -> run.toggle("#defence-checks"));
        run.step(() -> run.press("#checks-white"));
        run.until(() -> !services.scheduler().isBusy());
        run.step(() -> run.press("#checks-black"));
        run.until(() -> !services.scheduler().isBusy());
        run.step(() -> run.press("#tied"));
        run.until(() -> !services.scheduler().isBusy());
        run.step(() -> bench.defence().pressed(Square.parse("g2")));
        run.detail("defence-checks");
        run.step(() -> run.toggle("#defence-wish"));
        run.step(() -> bench.defence().pressed(Square.parse("b3")));
        run.step(() -> bench.defence().pressed(Square.parse("d4")));
        run.until(() -> !services.scheduler().isBusy());
        run.detail("defence-wish");
        run.step(() -> run.toggle("#defence-active"));
        run.step(() -> run.press("#active-go"));
        run.until(() -> !services.scheduler().isBusy());
        run.step(() -> run.press("#fortress"));
        run.until(() -> !services.scheduler().isBusy());
        run.detail("defence-active");
    }
}
