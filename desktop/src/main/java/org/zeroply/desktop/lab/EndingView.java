package org.zeroply.desktop.lab;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.ending.CorrespondingSquares;
import org.zeroply.coach.ending.DirectTry;
import org.zeroply.coach.ending.EndingReport;
import org.zeroply.coach.ending.EndingSolver;
import org.zeroply.coach.ending.EndingWays;
import org.zeroply.coach.ending.KingMap;
import org.zeroply.desktop.board.BoardOverlay;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;

/** The truth about an ending, its picture, and playing it against perfect defence. */
final class EndingView extends VBox {

    /** A triangulation: one pawn pair blocked, a passed pawn, the kings around it. */
    private static final String EXAMPLE = "2k5/8/p1P5/P2K4/8/8/8/8 w - - 0 1";

    private static final int LONG_LINE = 24;
    private static final int MOST_PAIRS = 24;

    private final Services services;
    private final LabModel model;
    private final VBox answer = new VBox(6);
    private final FlowPane pictures = new FlowPane(6, 6);
    private final ToggleGroup chosen = new ToggleGroup();
    private final CheckBox atOnce = new CheckBox(Texts.of("lab.tell-spoilt-moves-at-once"));
    private final EndingPlayModel play;
    private final VBox playing = new VBox(6);
    private Optional<Position> solved = Optional.empty();

    EndingView(Services services, LabModel model, Consumer<Position> look) {
        super(8);
        this.services = services;
        this.model = model;
        setId("ending");
        getStyleClass().add("facts");
        play = new EndingPlayModel(model.session());
        atOnce.setId("tell-at-once");
        atOnce.setSelected(true);
        play.tellAtOnceProperty().bind(atOnce.selectedProperty());
        Label told = Widgets.label("", "plain");
        told.setId("play-message");
        told.setWrapText(true);
        told.textProperty().bind(play.messageProperty());
        playing.getChildren()
                .addAll(
                        Widgets.heading(Texts.of("lab.play-it-yourself")),
                        Widgets.row(
                                Widgets.button(
                                        "play-ending", Texts.of("lab.begin-here"), this::begin),
                                Widgets.button(
                                        "stop-ending",
                                        Texts.of("lab.stop-and-look-back"),
                                        play::stop),
                                atOnce),
                        told);
        getChildren()
                .addAll(
                        Widgets.row(
                                Widgets.button(
                                        "solve-ending",
                                        Texts.of("lab.solve-this-ending"),
                                        this::solve),
                                Widgets.quiet(
                                        "ending-example",
                                        Texts.of("lab.an-example"),
                                        () -> look.accept(Position.fromFen(EXAMPLE))),
                                Widgets.label(Texts.of("lab.kings-and-pawns-or-up"), "faded")),
                        answer,
                        pictures,
                        playing);
        // Whoever plays it is not shown how it goes.
        for (javafx.scene.Node shown : List.of(answer, pictures)) {
            shown.visibleProperty().bind(play.playingProperty().not());
            shown.managedProperty().bind(shown.visibleProperty());
        }
        show();
    }

    /** Forgets an answer that is about another position. */
    void show() {
        if (!play.isPlaying() && !solved.equals(Optional.of(model.position()))) {
            answer.getChildren().clear();
            pictures.getChildren().clear();
            playing.setVisible(false);
            solved = Optional.empty();
        }
    }

    /** Solves the ending on the board in the background. */
    void solve() {
        Position position = model.position();
        EndingSolver solver = services.endingSolver();
        answer.getChildren().setAll(line(Texts.of("lab.solving")));
        services.scheduler()
                .longWork(
                        Texts.of("lab.solving-the-ending"),
                        (cancellation, progress) ->
                                solver.solve(position, progress::accept, cancellation),
                        found -> {
                            services.messages().say("");
                            if (!model.position().equals(position)) {
                                return;
                            }
                            answer.getChildren().clear();
                            found.ifPresent(report -> show(position, report));
                        })
                .otherwise(() -> answer.getChildren().setAll(line(Texts.of("lab.not-solved"))));
    }

    // ---- The answer -----------------------------------------------------------------------------

    private void show(Position position, EndingReport report) {
        solved = Optional.of(position);
        Label result = Widgets.label(result(position, report), "total");
        result.setId("ending-result");
        result.setWrapText(true);
        answer.getChildren().add(result);
        if (!report.moves().best().isEmpty()) {
            answer.getChildren().add(line(moves(position, report)));
        }
        zugzwang(report).ifPresent(words -> answer.getChildren().add(line(words)));
        report.triangulation()
                .ifPresent(
                        t -> {
                            String path = Line.numbered(position, t.path());
                            answer.getChildren()
                                    .add(
                                            line(
                                                    Texts.of(
                                                            "lab.triangulation-the-same-position-the",
                                                            path)));
                            answer.getChildren().add(line(t.reason() + "."));
                        });
        EndingWays ways = report.ways();
        if (!ways.plan().isEmpty()) {
            answer.getChildren()
                    .add(
                            line(
                                    Texts.of(
                                            "lab.plan",
                                            String.join(Texts.of("lab.then"), ways.plan()))));
        }
        if (!ways.other().isEmpty()) {
            answer.getChildren()
                    .add(
                            line(
                                    Texts.of(
                                            "lab.another-plan",
                                            String.join(Texts.of("lab.then"), ways.other()))));
        }
        for (DirectTry failed : ways.tries()) {
            answer.getChildren().add(line(failed.text() + "."));
        }
        if (!report.moves().line().isEmpty()) {
            String words = Line.numbered(position, Line.start(report.moves().line(), LONG_LINE));
            String more = report.moves().line().size() > LONG_LINE ? " …" : "";
            answer.getChildren().add(line(Texts.of("lab.line", words, more)));
            answer.getChildren()
                    .add(
                            Widgets.row(
                                    Widgets.button(
                                            "adopt-ending",
                                            Texts.of("lab.put-the-line-into-the"),
                                            () ->
                                                    model.session()
                                                            .editor()
                                                            .addLine(
                                                                    model.session().current(),
                                                                    report.moves().line()))));
        }
        pictures(position, report);
        playing.setVisible(report.graph().isPresent());
        report.graph().ifPresent(g -> play.prepare(g, position));
    }

    private static String result(Position position, EndingReport report) {
        String side = position.sideToMove().word();
        String words =
                switch (report.result()) {
                    case WIN -> Texts.of("lab.wins", side);
                    case LOSS -> Texts.of("lab.loses", side);
                    case DRAW -> Texts.of("lab.draw");
                    case UNCLEAR -> Texts.of("lab.unclear-nothing-was-proved");
                };
        String proof =
                report.result() == EndingReport.Result.UNCLEAR
                        ? ""
                        : report.proof() == EndingReport.Proof.EXACT
                                ? Texts.of("lab.proved-exactly")
                                : report.graph().isPresent()
                                        ? Texts.of("lab.promotions-with-more-than-four")
                                        : Texts.of("lab.by-search");
        return words + proof;
    }

    private static String moves(Position position, EndingReport report) {
        String best = names(position, report.moves().best());
        return Texts.of(
                "lab.best-of-moves-keep-the",
                best,
                report.moves().keeping().size(),
                position.legalMoves().size(),
                report.moves().keeping().size() > report.moves().best().size()
                        ? ": " + names(position, report.moves().keeping())
                        : "");
    }

    private static String names(Position position, List<org.zeroply.chess.board.Move> moves) {
        return String.join(", ", moves.stream().map(m -> San.write(position, m)).toList());
    }

    private static Optional<String> zugzwang(EndingReport report) {
        return switch (report.zugzwang()) {
            case NONE -> Optional.empty();
            case MUTUAL -> Optional.of(Texts.of("lab.mutual-zugzwang-whoever-is-to"));
            case WHITE -> Optional.of(Texts.of("lab.white-to-move-here-would"));
            case BLACK -> Optional.of(Texts.of("lab.black-to-move-here-would"));
        };
    }

    private static Label line(String text) {
        Label label = Widgets.label(text, "plain");
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        return label;
    }

    // ---- The picture ----------------------------------------------------------------------------

    private void pictures(Position position, EndingReport report) {
        pictures.getChildren().clear();
        report.graph()
                .ifPresent(
                        graph -> {
                            for (Side side : Side.values()) {
                                KingMap map = KingMap.of(graph, position, side);
                                picture(
                                        Texts.of("lab.s-king-to-move", side.word()),
                                        () -> draw(map, true));
                                picture(
                                        Texts.of("lab.s-king-other-to-move", side.word()),
                                        () -> draw(map, false));
                            }
                            CorrespondingSquares squares = CorrespondingSquares.of(graph, position);
                            if (!squares.pairs().isEmpty()) {
                                picture(Texts.of("lab.corresponding-squares"), () -> draw(squares));
                            }
                        });
    }

    private void picture(String text, Runnable draw) {
        ToggleButton button = new ToggleButton(text);
        button.setId("picture-" + (pictures.getChildren().size() + 1));
        button.setToggleGroup(chosen);
        Widgets.leaveFocus(button);
        button.setOnAction(
                e -> {
                    if (button.isSelected()) {
                        draw.run();
                    } else {
                        model.clearOverlay();
                    }
                });
        pictures.getChildren().add(button);
    }

    private void draw(KingMap map, boolean toMove) {
        Map<Integer, BoardOverlay.Tone> tones = new HashMap<>();
        Map<Integer, String> signs = new HashMap<>();
        for (int square = 0; square < 64; square++) {
            int at = square;
            map.at(square, toMove)
                    .ifPresent(
                            r -> {
                                tones.put(
                                        at,
                                        switch (r) {
                                            case WIN -> BoardOverlay.Tone.GOOD;
                                            case LOSS -> BoardOverlay.Tone.BAD;
                                            default -> BoardOverlay.Tone.LEVEL;
                                        });
                                signs.put(
                                        at,
                                        switch (r) {
                                            case WIN -> "+";
                                            case LOSS -> "–";
                                            default -> "=";
                                        });
                            });
        }
        model.overlayProperty().set(new BoardOverlay(List.of(), tones, signs));
        services.messages().say(Texts.of("lab.for-s-king-on-each", map.mover().word()));
    }

    /** Numbers of the squares near the kings; a list of pairs in words would be hard to read. */
    private void draw(CorrespondingSquares squares) {
        Map<Integer, String> signs = new HashMap<>();
        Map<Integer, BoardOverlay.Tone> tones = new HashMap<>();
        for (CorrespondingSquares.Pair pair : squares.pairs()) {
            if (pair.number() <= MOST_PAIRS) {
                signs.put(pair.white(), String.valueOf(pair.number()));
                signs.putIfAbsent(pair.black(), String.valueOf(pair.number()));
                tones.put(pair.white(), BoardOverlay.Tone.GOOD);
                tones.putIfAbsent(pair.black(), BoardOverlay.Tone.BAD);
            }
        }
        model.overlayProperty().set(new BoardOverlay(List.<Mark>of(), tones, signs));
        services.messages().say(Texts.of("lab.squares-with-the-same-number"));
    }

    private void begin() {
        solved.filter(p -> p.equals(model.position()))
                .ifPresentOrElse(
                        p -> {
                            model.clearOverlay();
                            chosen.selectToggle(null);
                            play.begin();
                        },
                        () -> services.messages().say(Texts.of("lab.solve-this-ending-first")));
    }
}
