package org.zeroply.desktop.defence;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.defence.practice.ChecksEnough;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Sentence;
import org.zeroply.coach.fact.tactics.Contest;
import org.zeroply.coach.insight.TiedInquiry;
import org.zeroply.desktop.controls.FindingList;
import org.zeroply.desktop.controls.Remark;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;

/** Questions to a position: are there enough checks, which men are tied, who contests a square. */
final class ChecksPage extends VBox {

    private static final long CHECK_NODES = 2_000_000;
    private static final long TIED_NODES = 10_000;

    private final Services services;
    private final DefenceModel model;
    private final Consumer<List<Mark>> draw;
    private final List<Remark> findings = new ArrayList<>();
    private final FindingList list =
            new FindingList("defence-answers", Texts.of("defence.ask-with-the-buttons-above"));

    /**
     * @param draw draws marks on the board
     */
    ChecksPage(Services services, DefenceModel model, Consumer<List<Mark>> draw) {
        super(8);
        this.services = services;
        this.model = model;
        this.draw = draw;
        HBox questions =
                Widgets.row(
                        Widgets.button(
                                "checks-white",
                                Texts.of("defence.whites-checks"),
                                () -> checks(Side.WHITE)),
                        Widgets.button(
                                "checks-black",
                                Texts.of("defence.blacks-checks"),
                                () -> checks(Side.BLACK)),
                        Widgets.button("tied", Texts.of("defence.tied-pieces"), this::tied));
        getChildren()
                .addAll(
                        questions,
                        list,
                        Widgets.label(Texts.of("defence.enter-shows-an-answer-on"), "faded"));
    }

    /** Forgets what was asked of another position. */
    void clear() {
        findings.clear();
        list.show(List.of());
    }

    private void add(Remark finding) {
        findings.removeIf(f -> f.kind().equals(finding.kind()) && f.text().equals(finding.text()));
        findings.add(0, finding);
        list.show(findings);
        list.getSelectionModel().select(0);
        finding.go().run();
    }

    void checks(Side side) {
        Optional<Position> at = model.position();
        Optional<Position> from = at.flatMap(p -> new Scene(p).withMove(side));
        if (from.isEmpty()) {
            services.messages()
                    .say(Texts.of("defence.is-in-check-and-cannot", side.other().word()));
            return;
        }
        services.scheduler()
                .<Optional<ChecksEnough>>longWork(
                        Texts.of("defence.searching-the-checks"),
                        (cancellation, progress) ->
                                Optional.of(ChecksEnough.of(from.get(), CHECK_NODES, cancellation))
                                        .filter(c -> !cancellation.isCancelled()),
                        found -> {
                            services.messages().say("");
                            found.filter(f -> model.position().equals(at))
                                    .ifPresent(f -> add(checks(at.get(), side, f)));
                        });
    }

    private Remark checks(Position position, Side side, ChecksEnough found) {
        List<String> path = found.kingPath().stream().map(Square::name).toList();
        String line = found.line().isEmpty() ? "" : Line.numbered(found.from(), found.line());
        String king =
                path.size() > 1 ? Texts.of("defence.the-king-goes", String.join(" – ", path)) : "";
        return new Remark(
                Texts.of("defence.s-checks", side.word()),
                sentence(found),
                ((line.isEmpty() ? "" : line + ".") + king).strip(),
                () -> show(position, found));
    }

    private static String sentence(ChecksEnough found) {
        String words = found.outcome().words();
        String gain =
                found.outcome() == ChecksEnough.Outcome.WINS
                        ? Texts.of("defence.worth", Math.round(found.gain() / 100.0))
                        : "";
        return Sentence.begin(words) + gain + ".";
    }

    /** The line where it can be played from here, else the king's path drawn. */
    private void show(Position position, ChecksEnough found) {
        if (found.from().equals(position)) {
            model.play(found.line());
        } else {
            model.sheet().toStart();
        }
        List<Mark> marks = new ArrayList<>();
        if (found.kingPath().size() > 1) {
            marks.add(new Mark(Mark.Meaning.ROUTE, found.kingPath()));
        }
        found.line().stream()
                .findFirst()
                .map(m -> new Mark(Mark.Meaning.THREAT, List.of(m.from(), m.to())))
                .ifPresent(marks::add);
        draw.accept(marks);
    }

    private void tied() {
        Optional<Position> at = model.position();
        if (at.isEmpty()) {
            return;
        }
        services.scheduler()
                .<List<Fact>>longWork(
                        Texts.of("defence.looking-for-tied-pieces"),
                        (cancellation, progress) -> {
                            List<Fact> facts = new ArrayList<>();
                            new TiedInquiry(services.marking(), TIED_NODES)
                                    .answer(at.get(), facts::add, cancellation);
                            return facts;
                        },
                        facts -> {
                            services.messages().say("");
                            if (model.position().equals(at)) {
                                tied(facts);
                            }
                        });
    }

    private void tied(List<Fact> facts) {
        if (facts.isEmpty()) {
            add(
                    new Remark(
                            Texts.of("defence.tied-pieces"),
                            Texts.of("defence.no-man-is-tied-to"),
                            "",
                            () -> {}));
        }
        for (Fact fact : facts) {
            String side = fact.side().map(Side::word).orElse("");
            add(
                    new Remark(
                            Texts.of("defence.tied", side),
                            fact.text(),
                            "",
                            () -> {
                                model.sheet().toStart();
                                draw.accept(fact.drawn());
                            }));
        }
    }

    /** Who contests a square. */
    void contest(int square) {
        model.position()
                .ifPresent(
                        p -> {
                            Scene scene = new Scene(p);
                            Contest contest = Contest.of(scene, square);
                            add(
                                    new Remark(
                                            Texts.of("defence.contest-of", Square.name(square)),
                                            contest.text(scene),
                                            "",
                                            () -> draw(contest)));
                        });
    }

    private void draw(Contest contest) {
        List<Mark> marks = new ArrayList<>();
        marks.add(new Mark(Mark.Meaning.TARGET, List.of(contest.square())));
        for (Side side : Side.values()) {
            for (int man : contest.men(side)) {
                marks.add(new Mark(Mark.Meaning.IDEA, List.of(man, contest.square())));
            }
        }
        draw.accept(marks);
    }
}
