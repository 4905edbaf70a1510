package org.zeroply.desktop.exercises;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.exercise.marking.WrittenAnswer;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.exercise.scheme.MarkingScheme;
import org.zeroply.coach.exercise.sound.Soundness;
import org.zeroply.coach.exercise.sound.SoundnessCheck;
import org.zeroply.desktop.controls.FindingList;
import org.zeroply.desktop.controls.Remark;
import org.zeroply.desktop.controls.Widgets;
import org.zeroply.desktop.sheet.LinePlayer;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.TreeSession;

/** What is wrong with the open exercise, each finding with its line and what can be done. */
final class CheckPage extends VBox {

    private final Services services;
    private final SchemePage scheme;
    private final Runnable boardChanged;
    private final TreeSession proof = new TreeSession();
    private final Label title = Widgets.label("", "sheet-title");
    private final Label verdict = Widgets.wrapped("", "plain");
    private final FindingList list =
            new FindingList("soundness", Texts.of("exercises.press-check-this-exercise-it"));
    private Optional<MoveTree> checked = Optional.empty();
    private int revision;

    /** Whether it is said already that what was checked has changed since. */
    private boolean outdated;

    private boolean playing;

    CheckPage(Services services, SchemePage scheme, Runnable boardChanged) {
        super(8);
        this.services = services;
        this.scheme = scheme;
        this.boardChanged = boardChanged;
        verdict.setId("soundness-verdict");
        Button step = list.step("soundness-step", Texts.of("exercises.mend"));
        getChildren()
                .addAll(
                        Widgets.row(
                                title,
                                Widgets.spacer(),
                                Widgets.button(
                                        "soundness-check",
                                        Texts.of("exercises.check-this-exercise"),
                                        this::check)),
                        verdict,
                        list,
                        Widgets.row(
                                step,
                                Widgets.label(
                                        Texts.of("exercises.enter-plays-the-line-of"), "faded")));
        VBox.setVgrow(list, Priority.ALWAYS);
        scheme.session().revisionProperty().addListener(o -> changed());
    }

    /** What the board shows: the line of the chosen finding, or the scheme. */
    TreeSession session() {
        return playing ? proof : scheme.session();
    }

    void shown() {
        title.setText(scheme.session().tree().tag("ZpTitle"));
        playing = false;
        changed();
    }

    private void changed() {
        MoveTree tree = scheme.session().tree();
        boolean same = checked.filter(t -> t == tree).isPresent();
        if (!same) {
            list.show(List.of());
            verdict.setText("");
        } else if (scheme.session().revisionProperty().get() != revision && !outdated) {
            outdated = true;
            verdict.setText(Texts.of("exercises.changed-since-it-was-checked", verdict.getText()));
        }
    }

    void check() {
        if (scheme.session().id().isEmpty()) {
            services.messages().say(Texts.of("exercises.open-an-exercise-first"));
            return;
        }
        MoveTree tree = scheme.session().tree();
        OptionalLong id = scheme.session().id();
        MoveTree copy = tree.copy();
        int now = scheme.session().revisionProperty().get();
        services.scheduler()
                .<Optional<Soundness>>longWork(
                        Texts.of("exercises.checking-the-exercise"),
                        (cancellation, progress) -> {
                            SoundnessCheck check = services.checker(id);
                            return check.check(copy, progress::accept, cancellation);
                        },
                        found -> found.ifPresent(s -> show(tree, now, s)));
    }

    private void show(MoveTree tree, int at, Soundness soundness) {
        if (scheme.session().tree() != tree) {
            return;
        }
        checked = Optional.of(tree);
        revision = at;
        outdated = false;
        String counts =
                soundness.findings().stream()
                        .collect(
                                Collectors.groupingBy(
                                        f -> f.severity().word(), Collectors.counting()))
                        .entrySet()
                        .stream()
                        .sorted(Map.Entry.comparingByKey())
                        .map(e -> e.getValue() + " " + e.getKey() + (e.getValue() > 1 ? "s" : ""))
                        .collect(Collectors.joining(", "));
        verdict.setText(
                Texts.of(
                        "exercises.by",
                        (soundness.sound()
                                        ? Texts.of("exercises.sound")
                                        : Texts.of("exercises.not-sound"))
                                + (counts.isEmpty() ? "" : ": " + counts),
                        soundness.stamp(),
                        soundness.exact() ? Texts.of("exercises.exact") : "."));
        list.show(soundness.findings().stream().map(f -> finding(tree, f)).toList());
        changed();
        services.messages().say(verdict.getText());
    }

    private Remark finding(MoveTree tree, org.zeroply.coach.exercise.sound.Finding found) {
        String kind = found.kind().title() + " (" + found.severity().word() + ")";
        Remark finding =
                new Remark(kind, found.line(), found.detail(), () -> play(tree, found.line()));
        return switch (found.kind()) {
            case SECOND_SOLUTION ->
                    finding.with(
                            Texts.of("exercises.take-it-in-as-equal"),
                            () -> takeIn(tree, found.line(), true));
            case MISSING_DEFENCE ->
                    finding.with(
                            Texts.of("exercises.draft-this-defence"),
                            () -> takeIn(tree, found.line(), false));
            case NOT_EQUAL ->
                    finding.with(
                            Texts.of("exercises.not-equal-any-more"),
                            () -> notEqual(tree, found.line()));
            case POINTS_SUM ->
                    finding.with(Texts.of("exercises.let-the-maximum-be-the"), () -> sum(tree));
            default -> finding;
        };
    }

    private void play(MoveTree tree, String line) {
        if (line.isEmpty()) {
            return;
        }
        LinePlayer.play(proof, tree, "", line);
        List<Node> shown = proof.tree().mainLine();
        int shared = tree.root().along(shown.stream().map(Node::move).toList()).depth();
        if (shared > 0) {
            proof.go(shown.get(shared - 1));
        }
        playing = true;
        boardChanged.run();
    }

    /** Takes the move of a finding into the scheme: as equal to the main one, or as a defence. */
    private void takeIn(MoveTree tree, String line, boolean equal) {
        if (scheme.session().tree() != tree) {
            return;
        }
        List<Move> moves = WrittenAnswer.row(tree.start(), 1, line).moves();
        Node before = tree.root();
        int ply = 0;
        while (ply < moves.size() && isAskedFor(before, moves.get(ply))) {
            before = before.child(moves.get(ply)).orElseThrow();
            ply++;
        }
        if (ply == moves.size()) {
            services.messages().say(Texts.of("exercises.the-scheme-has-this-line"));
            return;
        }
        Node at = before;
        Move move = moves.get(ply);
        TreeEditor editor = scheme.session().editor();
        editor.together(
                () -> {
                    Node added = editor.add(at, move);
                    if (equal) {
                        editor.annotate(added, a -> a.withEqual(true).withPoints(List.of()));
                    }
                });
        if (!equal) {
            scheme.draftAfter(at.child(move).orElseThrow());
        }
    }

    /** Whether a move is in the scheme, and not only for part of the points. */
    private static boolean isAskedFor(Node before, Move move) {
        boolean solvers = before.depth() % 2 == 0;
        return before.child(move)
                .filter(
                        n ->
                                !solvers
                                        || n.annotation().scheme().equal()
                                        || before.children().indexOf(n) == 0)
                .isPresent();
    }

    private void notEqual(MoveTree tree, String line) {
        Node node = tree.root().along(WrittenAnswer.row(tree.start(), 1, line).moves());
        if (scheme.session().tree() == tree && !node.isRoot()) {
            scheme.session().editor().annotate(node, a -> a.withEqual(false));
        }
    }

    private void sum(MoveTree tree) {
        if (scheme.session().tree() == tree) {
            String sum = String.valueOf(MarkingScheme.of(tree).sum());
            scheme.session().editor().tag(Exercise.MAX_POINTS, sum);
        }
    }
}
