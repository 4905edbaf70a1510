package org.zeroply.workshop;

import java.util.List;
import javafx.application.Application;
import org.zeroply.workshop.fuzz.FuzzRun;
import org.zeroply.workshop.kill.KillRun;
import org.zeroply.workshop.pauses.PausesApplication;
import org.zeroply.workshop.pictures.PicturesApplication;

/**
 * {@code shots [--out DIR] [--part DESK]}: pictures of the main views; {@code pauses [--library
 * FILE]}: how long the interface thread is held up; {@code fuzz}: see {@link FuzzRun}; {@code
 * kill}: see {@link KillRun}.
 */
public final class Main {

    private Main() {}

    /** Does one of these and ends. */
    public static void main(String[] args) throws Exception {
        if (args.length > 0 && (args[0].equals("kill") || args[0].equals(KillRun.VICTIM))) {
            System.exit(KillRun.run(List.of(args), System.out) == 0 ? 0 : 1);
        }
        if (args.length > 0 && args[0].equals("fuzz")) {
            System.exit(FuzzRun.run(List.of(args), System.out) == 0 ? 0 : 1);
        }
        boolean pauses = args.length > 0 && args[0].equals("pauses");
        Application.launch(pauses ? PausesApplication.class : PicturesApplication.class, args);
    }
}
