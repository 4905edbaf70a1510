package org.zeroply.desktop.defence;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.concurrent.CancellationException;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.coach.defence.elimination.Candidate;
import org.zeroply.coach.defence.elimination.Elimination;
import org.zeroply.coach.defence.elimination.Eliminator;
import org.zeroply.coach.defence.pin.Pin;
import org.zeroply.coach.defence.pin.PinFinder;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.MoveEvaluators;
import org.zeroply.desktop.texts.Texts;
import org.zeroply.desktop.work.Services;
import org.zeroply.desktop.work.Task;
import org.zeroply.desktop.work.TreeSession;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.library.database.Setting;

/**
 * A position that is to be defended: what is known of its moves, refined while one watches, and the
 * sheet that shows them, one row each. What somebody plays on the sheet stays there.
 */
public final class DefenceModel {

    /** The setting that holds how many nodes a move gets. */
    public static final Setting<Long> NODES = Setting.number("defence.nodes", Eliminator.NODES);

    /** Plies shown of each move. */
    private static final int SHOWN = 4;

    /** Between two tellings, so that the sheet stays readable while it is refined. */
    private static final long PAUSE = 350_000_000L;

    private final Services services;
    private final TreeSession sheet = new TreeSession();
    private final ReadOnlyObjectWrapper<Optional<Elimination>> found =
            new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<List<Pin>> pins = new ReadOnlyObjectWrapper<>(List.of());
    private final ReadOnlyStringWrapper state = new ReadOnlyStringWrapper("");

    /** In the order in which they were refuted. */
    private final List<Move> crossed = new ArrayList<>();

    private Task<?> cancellation = Task.none();
    private Optional<Position> looking = Optional.empty();
    private boolean stopped;

    public DefenceModel(Services services) {
        this.services = services;
    }

    /** The sheet of moves. */
    public TreeSession sheet() {
        return sheet;
    }

    /** What is known so far. */
    public ReadOnlyObjectProperty<Optional<Elimination>> foundProperty() {
        return found.getReadOnlyProperty();
    }

    /** The pins and the ways out, known at the end. */
    public ReadOnlyObjectProperty<List<Pin>> pinsProperty() {
        return pins.getReadOnlyProperty();
    }

    /** What is going on, in words; empty when all is done. */
    public ReadOnlyStringProperty stateProperty() {
        return state.getReadOnlyProperty();
    }

    /** The position looked at. */
    public Optional<Position> position() {
        return looking;
    }

    /** Whether a position is looked at already, and it was not stopped. */
    public boolean isLookedAt(Position position) {
        return looking.equals(Optional.of(position)) && !stopped;
    }

    /** Looks at a position, unless it is the one looked at already. */
    public void look(Position position) {
        if (!isLookedAt(position)) {
            lookAnew(position);
        }
    }

    /** Stops; what is known so far stays. */
    public void stop() {
        if (!state.get().isEmpty()) {
            stopped = true;
            cancellation.cancel();
            state.set("");
        }
    }

    private void lookAnew(Position position) {
        cancellation.cancel();
        looking = Optional.of(position);
        stopped = false;
        crossed.clear();
        found.set(Optional.empty());
        pins.set(List.of());
        sheet.open(new MoveTree(position), OptionalLong.empty());
        if (position.legalMoves().isEmpty()) {
            state.set(
                    position.isCheckmate()
                            ? Texts.of("defence.it-is-checkmate")
                            : Texts.of("defence.there-is-no-legal-move"));
            return;
        }
        state.set(Texts.of("defence.looking-at-every-move"));
        cancellation =
                services.scheduler()
                        .beside(
                                (token, progress) -> work(position, token),
                                held -> held.ifPresent(h -> finish(position, h)))
                        .whenFailed(
                                reason -> {
                                    if (isShown(position)) {
                                        stopped = true;
                                        state.set(Texts.of("defence.stopped", reason));
                                    }
                                });
    }

    /** The pins at the end; nothing when another position is looked at meanwhile. */
    private Optional<List<Pin>> work(Position position, Cancellation token) {
        MoveEvaluators evaluators = evaluators(token);
        long[] told = {0};
        Consumer<Elimination> listener =
                e -> {
                    long now = System.nanoTime();
                    if (e.done() == 1 || now - told[0] > PAUSE) {
                        told[0] = now;
                        Platform.runLater(() -> take(position, e));
                    }
                };
        try {
            Optional<Elimination> result = new Eliminator(evaluators).run(position, listener);
            return result.map(e -> PinFinder.of(evaluators.first(), e));
        } catch (CancellationException e) {
            return Optional.empty();
        }
    }

    private void finish(Position position, List<Pin> held) {
        if (isShown(position)) {
            pins.set(held);
            state.set("");
        }
    }

    private boolean isShown(Position position) {
        return isLookedAt(position);
    }

    /** Judges with the nodes for each move, one for each engine. */
    public MoveEvaluators evaluators(Cancellation token) {
        long nodes = services.library().settings().get(NODES);
        List<MoveEvaluator> each =
                services.defenders().stream()
                        .map(e -> new MoveEvaluator(e, services.endings().tables(), nodes, token))
                        .toList();
        return new MoveEvaluators(each, services.scheduler().helpers());
    }

    private void take(Position position, Elimination now) {
        if (!isShown(position)) {
            return;
        }
        for (Candidate candidate : now.candidates()) {
            boolean told = crossed.contains(candidate.move());
            if (candidate.isRefuted() && !told) {
                crossed.add(candidate.move());
            } else if (!candidate.isRefuted() && told) {
                crossed.remove(candidate.move());
            }
        }
        found.set(Optional.of(now));
        state.set(
                now.done() < 1
                        ? Texts.of("defence.looking-further-of-100", Math.round(100 * now.done()))
                        : Texts.of("defence.looking-for-pins"));
        show(now);
    }

    /** The sheet anew, with what somebody played on it, and at the same place. */
    private void show(Elimination now) {
        List<Move> here = sheet.current().path().stream().map(Node::move).toList();
        TreeEditor editor = new TreeEditor(new MoveTree(now.position()));
        Node root = editor.tree().root();
        for (Candidate candidate : rows(now)) {
            editor.addLine(root, Line.start(candidate.weighed().line(), SHOWN));
        }
        editor.graft(root, own(now));
        Node at = here.isEmpty() ? root : editor.addLine(root, here);
        sheet.open(editor.tree(), OptionalLong.empty());
        sheet.go(at);
    }

    /** What is longer than the program's own rows, which come and go. */
    private Node own(Elimination now) {
        TreeEditor kept = new TreeEditor(new MoveTree(now.position()));
        for (Node node : sheet.tree().nodes()) {
            boolean played = node.children().isEmpty() && node.depth() > SHOWN;
            if (played) {
                List<Move> line = node.path().stream().map(Node::move).toList();
                kept.addLine(kept.tree().root(), line);
            }
        }
        return kept.tree().root();
    }

    /** Moves not refuted first, the best in front; then the others as they were refuted. */
    private List<Candidate> rows(Elimination now) {
        List<Candidate> rows = new ArrayList<>();
        now.candidates().stream().filter(c -> !c.isRefuted()).forEach(rows::add);
        crossed.forEach(m -> now.of(m).ifPresent(rows::add));
        return rows;
    }

    /** The candidate whose row the board shows; else the best one. */
    public Optional<Candidate> chosen() {
        return found.get()
                .flatMap(
                        e -> {
                            List<Node> path = sheet.current().path();
                            return path.isEmpty()
                                    ? e.candidates().stream().findFirst()
                                    : e.of(path.get(0).move());
                        });
    }

    /** Puts a line into the sheet and goes to its first move. */
    public void play(List<Move> line) {
        Node root = sheet.tree().root();
        if (!line.isEmpty() && root.position().isLegal(line.get(0))) {
            sheet.editor().addLine(root, line);
            sheet.go(root.child(line.get(0)).orElseThrow());
        }
    }
}
