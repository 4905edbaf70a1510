package org.zeroply.desktop.work;

import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Clock;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxToolkit;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.library.FreshLibrary;
import org.zeroply.library.Library;

/**
 * What tests of models stand on: a library of their own and the services of a window, without one.
 */
public abstract class ModelTest {

    @TempDir Path folder;

    /** On a library with nothing in it. */
    protected Services services;

    @BeforeAll
    static void toolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    @BeforeEach
    void openServices() {
        services =
                new Services(
                        Library.open(FreshLibrary.at(folder.resolve("models.zpl"))),
                        new WindowMemory(Optional.empty()),
                        Clock.systemUTC(),
                        KeptEngines.with(Limits.nodes(1_000)));
        services.live().runningProperty().set(false);
    }

    @AfterEach
    void closeServices() {
        services.close();
    }

    /** Makes the library refuse whatever is added to a table, until {@link #accept}. */
    protected final void refuse(String table) throws SQLException {
        sql(
                "CREATE TRIGGER refusing BEFORE INSERT ON "
                        + table
                        + " BEGIN SELECT RAISE(ABORT, 'the disk is full'); END");
    }

    /** Ends {@link #refuse}. */
    protected final void accept() throws SQLException {
        sql("DROP TRIGGER refusing");
    }

    private void sql(String text) throws SQLException {
        try (var connection =
                        DriverManager.getConnection("jdbc:sqlite:" + services.library().file());
                var statement = connection.createStatement()) {
            statement.execute(text);
        }
    }

    /** Presses what the last message offers, which is to take back what it tells of. */
    protected final void undo() {
        Fx.run(() -> services.messages().latestProperty().get().get().actions().get(0).run().run());
    }

    /** What the program said last; empty for nothing. */
    protected final String said() {
        return services.messages().latestProperty().get().map(Messages.Message::text).orElse("");
    }
}
