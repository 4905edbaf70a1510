package org.zeroply.coach.exercise.find;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.MoveComparison;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Obvious;
import org.zeroply.coach.evaluation.ResultClass;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.exercise.draft.Ways;
import org.zeroply.coach.fact.tactics.LineGain;
import org.zeroply.coach.fact.tactics.theme.Theme;
import org.zeroply.coach.fact.tactics.theme.ThemeFinder;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.endings.Endings;
import org.zeroply.engine.exchange.LegalExchange;

/**
 * Looks through games for positions with one clearly best move that is worth finding. A short look
 * at every position tells where a longer one may pay.
 */
public final class ExerciseFinder implements GameSearch {

    /** Nodes for each longer look unless chosen otherwise. */
    public static final long NODES = 200_000;

    /** A short look takes this part of the nodes of a longer one. */
    private static final int SHORT_LOOK = 16;

    /** Expected score, 0 to 1, that all other moves must give away at a short look. */
    private static final double SHORT_GAP = 0.13;

    /** The same at a longer one, and again at one twice as long. */
    private static final double GAP = 0.25;

    /**
     * The gap that has to be left at twice the nodes, in expected score; a little less than at
     * first, as it was found among many. Our choice.
     */
    private static final double SURE_GAP = 0.23;

    /** Who stands worse than this after the best move has nothing to find. */
    private static final double HOLDS = 0.36;

    /**
     * Expected score from which the best move is worth finding for a win: clearly better, our
     * choice.
     */
    private static final double WINS = 0.66;

    /**
     * A move that comes to the front at this depth or later is hard to see, in plies: our choice.
     */
    private static final int DEEP = 6;

    /** From so many own moves on a solution is hard for its length: our choice. */
    private static final int LONG = 3;

    /** So far a solution is followed, in own moves: our choice. */
    private static final int MOST_OWN = 8;

    /** So many own moves in a row may need no finding before one that does. */
    private static final int EASY = 2;

    /** One of these makes one or two moves hard to find; without, a solution has to be longer. */
    private static final Set<Appeal.Kind> HARD =
            EnumSet.of(
                    Appeal.Kind.DEPTH,
                    Appeal.Kind.TEMPTING,
                    Appeal.Kind.SACRIFICE,
                    Appeal.Kind.IN_BETWEEN);

    private final Engine engine;
    private final Endings endings;
    private final long nodes;
    private final Wishes wishes;

    /**
     * @param engine what calculates; one that remembers makes a second search cheap
     * @param nodes nodes for each longer look
     */
    public ExerciseFinder(Engine engine, Endings endings, long nodes, Wishes wishes) {
        this.engine = engine;
        this.endings = endings;
        this.nodes = nodes;
        this.wishes = wishes;
    }

    @Override
    public Optional<List<Prospect>> in(
            MoveTree game, DoubleConsumer progress, Cancellation cancellation) {
        MoveEvaluator evaluator = new MoveEvaluator(engine, endings, nodes, cancellation);
        return new GameWalk(wishes)
                .through(
                        game,
                        (position, last, ply) -> at(position, last, ply, evaluator),
                        progress);
    }

    private Optional<Prospect> at(Position position, Move last, int ply, MoveEvaluator evaluator) {
        if (position.legalMoves().size() < 4) {
            return Optional.empty();
        }
        Choice brief =
                evaluator
                        .withNodes(Math.max(1, nodes / SHORT_LOOK))
                        .choice(position, 2)
                        .orElseThrow();
        boolean pays =
                brief.best().expected().value() >= HOLDS - 0.1
                        && (brief.gap() >= SHORT_GAP
                                || brief.gap() >= SHORT_GAP / 2 && brief.depthFound() >= DEEP)
                        && Obvious.why(brief, Optional.of(last)).isEmpty();
        if (!pays) {
            return Optional.empty();
        }
        Choice choice = evaluator.choice(position, 3).orElseThrow();
        if (!isClear(choice, GAP) || Obvious.why(choice, Optional.of(last)).isPresent()) {
            return Optional.empty();
        }
        Choice sure = evaluator.withNodes(2 * nodes).choice(position, 3).orElseThrow();
        if (!isClear(sure, SURE_GAP) || !sure.best().move().equals(choice.best().move())) {
            return Optional.empty();
        }
        return prospect(sure, last, ply, evaluator);
    }

    private static boolean isClear(Choice choice, double gap) {
        double best = choice.best().expected().value();
        boolean worth = best >= WINS || best >= HOLDS && choice.decidesTheResult();
        return worth && choice.gap() >= gap && choice.best().line().size() >= 3;
    }

    private Optional<Prospect> prospect(
            Choice choice, Move last, int ply, MoveEvaluator evaluator) {
        Position position = choice.position();
        Move key = choice.best().move();
        List<Move> tempting = tempting(choice, evaluator);
        List<Appeal> appeals = new ArrayList<>();
        if (choice.depthFound() >= DEEP) {
            appeals.add(
                    new Appeal(
                            Appeal.Kind.DEPTH,
                            CoachWords.of(
                                    "exercise.seen-only-from-plies-on", choice.depthFound())));
        }
        if (!tempting.isEmpty()) {
            String move = San.write(position, tempting.get(0));
            appeals.add(
                    new Appeal(
                            Appeal.Kind.TEMPTING,
                            CoachWords.of("exercise.tempting-but-wrong", move)));
        }
        if (Obvious.isQuiet(position, key)) {
            appeals.add(
                    new Appeal(Appeal.Kind.QUIET, CoachWords.of("exercise.the-key-is-a-quiet")));
        }
        if (Obvious.isSacrifice(position, key)) {
            boolean back = LineGain.hundredths(position, choice.best().line()) >= 0;
            appeals.add(
                    new Appeal(
                            Appeal.Kind.SACRIFICE,
                            CoachWords.of(
                                    back
                                            ? "exercise.a-sacrifice-that-wins-more"
                                            : "exercise.a-sacrifice-whose-compensation-must")));
        }
        if (isInBetween(position, last, key)) {
            appeals.add(
                    new Appeal(
                            Appeal.Kind.IN_BETWEEN,
                            CoachWords.of("exercise.something-comes-before-taking-back")));
        }
        if (choice.best().expected().value() < WINS) {
            appeals.add(
                    new Appeal(Appeal.Kind.ONLY_MOVE, CoachWords.of("exercise.one-move-holds")));
        }
        if (appeals.isEmpty()) {
            return Optional.empty();
        }
        defences(position.play(key), evaluator).ifPresent(appeals::add);
        Solution solution = along(choice, evaluator);
        int own = solution.own();
        if (own >= LONG) {
            appeals.add(
                    new Appeal(
                            Appeal.Kind.LENGTH,
                            CoachWords.of("exercise.moves-in-a-row-must", own)));
        }
        if (own < LONG && appeals.stream().noneMatch(a -> HARD.contains(a.kind()))) {
            return Optional.empty();
        }
        appeals.sort(Comparator.comparingDouble((Appeal a) -> a.kind().weight()).reversed());
        List<String> themes =
                ThemeFinder.of(position, choice.best().line()).stream().map(Theme::words).toList();
        return Optional.of(
                new Prospect(position, ply, solution.moves(), tempting, appeals, themes, own));
    }

    private static List<Move> tempting(Choice choice, MoveEvaluator evaluator) {
        return choice.temptations().stream()
                .filter(
                        m ->
                                gives(choice, evaluator.weigh(choice.position(), m))
                                        >= MoveComparison.HARM)
                .toList();
    }

    private static double gives(Choice choice, Weighed move) {
        return choice.best().expected().over(move.expected());
    }

    /** A man was taken and could be taken back, but the best move does something else. */
    private static boolean isInBetween(Position position, Move last, Move key) {
        return last.isCapture()
                && key.to() != last.to()
                && position.legalMoves().stream()
                        .filter(m -> m.to() == last.to() && m.isCapture())
                        .anyMatch(
                                m -> LegalExchange.isAtLeast(position.toBoard(), m.packed(), 100));
    }

    /**
     * The solution, followed while one move is clearly best, against the defences that last best.
     *
     * @param moves it and what follows the last move to be found
     * @param own own moves up to the last one that has to be found
     */
    private record Solution(List<Move> moves, int own) {}

    private static Solution along(Choice choice, MoveEvaluator evaluator) {
        List<Move> played = new ArrayList<>(List.of(choice.best().move()));
        List<Move> line = choice.best().line();
        Position p = choice.position().play(choice.best().move());
        Set<Position> seen = new HashSet<>(List.of(choice.position(), p));
        Ways ways = new Ways(Ways.aim(choice));
        int own = 1;
        for (int moves = 1; moves < MOST_OWN && moves - own <= EASY; moves++) {
            Optional<Choice> reply = evaluator.choice(p, 1);
            if (reply.isEmpty()) {
                break;
            }
            Move defence = reply.get().best().move();
            p = p.play(defence);
            Optional<Choice> only = evaluator.choice(p, 3).filter(ways::hasOne);
            // A position that comes back leaves nothing new to be found.
            if (!seen.add(p) || only.isEmpty()) {
                break;
            }
            boolean found = Obvious.why(only.get(), Optional.of(defence)).isEmpty();
            Move answer = only.get().best().move();
            played.add(defence);
            if (found) {
                own = moves + 1;
                line = new ArrayList<>(played);
                line.addAll(only.get().best().line());
            }
            played.add(answer);
            p = p.play(answer);
        }
        return new Solution(line, own);
    }

    /** Replies that are as good as each other have to be considered one by one. */
    private static Optional<Appeal> defences(Position after, MoveEvaluator evaluator) {
        Optional<Choice> replies = evaluator.choice(after, 4);
        int good = replies.map(c -> 1 + c.asGood(MoveComparison.WEAKER / 2).size()).orElse(0);
        boolean lost = replies.filter(c -> c.result() == ResultClass.LOSS).isPresent();
        return good >= 2 && good < 4 || good >= 2 && !lost
                ? Optional.of(
                        new Appeal(
                                Appeal.Kind.DEFENCES,
                                CoachWords.of("exercise.defences-to-consider", good)))
                : Optional.empty();
    }
}
