package org.zeroply.coach.exercise.draft;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CancellationException;
import java.util.function.DoubleConsumer;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.Line;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Nag;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.PointRule;
import org.zeroply.chess.tree.TreeEditor;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.coach.defence.elimination.Candidate;
import org.zeroply.coach.defence.elimination.CandidateGroup;
import org.zeroply.coach.defence.elimination.Cost;
import org.zeroply.coach.defence.elimination.DefenceKind;
import org.zeroply.coach.defence.elimination.Elimination;
import org.zeroply.coach.defence.elimination.Eliminator;
import org.zeroply.coach.defence.threat.Threat;
import org.zeroply.coach.evaluation.Holding;
import org.zeroply.coach.evaluation.MoveEvaluators;
import org.zeroply.coach.exercise.marking.HoldGame;
import org.zeroply.coach.exercise.scheme.DefenceTask;
import org.zeroply.coach.exercise.scheme.Exercise;
import org.zeroply.coach.fact.Sentence;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.ExpectedScoreCurve;

/** Drafts exercises of the kind {@code defence}, each of its tasks from the same elimination. */
public final class DefenceDraft {

    /** Points of a scheme. */
    private static final int POINTS = 20;

    /**
     * So many moves that fail are shown with what refutes them; more would bury the one that
     * tempts: our choice.
     */
    private static final int MOST_REFUTED = 6;

    /** Plies that are shown of a refutation: enough to see it, our choice. */
    private static final int REFUTATION_PLIES = 9;

    /** Plies that are shown of a line that holds, and two more of the threat: our choice. */
    private static final int LINE_PLIES = 7;

    /**
     * From so many moves that hold on, the position asks for none of them in particular: our
     * choice.
     */
    private static final int MOST_WAYS = 8;

    /**
     * Own moves to be played against the program in an exercise in holding, unless the coach says
     * otherwise: our choice.
     */
    private static final int HOLD_MOVES = 8;

    /** Rating of who is played against in it, unless the coach says otherwise: our choice. */
    private static final int HOLD_STRENGTH = 2000;

    /** Weights of a move that holds against a refutation and a further move of a line. */
    private static final double KEY = 5;

    /**
     * What seeing a refutation counts beside the move asked for, before points are shared out: our
     * choice.
     */
    private static final double REFUTATION = 2;

    /** What each further move of a mate counts that is to be seen coming: our choice. */
    private static final double FURTHER = 1.5;

    private static final String TITLE = "ZpTitle";

    /** A group for moves of which only the best counts. */
    private static final String ONE = "key";

    private final MoveEvaluators evaluators;

    /**
     * @param evaluators with the nodes for each move; see {@link Eliminator}
     */
    public DefenceDraft(MoveEvaluators evaluators) {
        this.evaluators = evaluators;
    }

    /**
     * A draft, or why there is none.
     *
     * @param why a sentence; empty when there is a draft
     */
    public record Result(Optional<MoveTree> tree, String why) {
        private static Result none(String why) {
            return new Result(Optional.empty(), why);
        }
    }

    /**
     * Drafts an exercise on a position.
     *
     * @param progress told the part done, 0 to 1
     * @return nothing when cancelled
     */
    public Optional<Result> draft(Position position, DefenceTask task, DoubleConsumer progress) {
        try {
            Optional<Elimination> found =
                    new Eliminator(evaluators).run(position, e -> progress.accept(e.done()));
            return Optional.of(
                    found.map(e -> draft(e, task))
                            .orElse(Result.none(CoachWords.of("exercise.there-is-no-legal-move"))));
        } catch (CancellationException e) {
            return Optional.empty();
        }
    }

    /** Drafts an exercise on a position that was looked at already. */
    public static Result draft(Elimination found, DefenceTask task) {
        boolean kept = found.result() == Holding.WIN || found.result() == Holding.DRAW;
        if (task == DefenceTask.THREAT) {
            return found.threat()
                    .map(DefenceDraft::threat)
                    .orElse(Result.none(CoachWords.of("exercise.nothing-is-threatened-here")));
        }
        if (!kept) {
            return Result.none(CoachWords.of("exercise.nothing-is-proved-to-hold"));
        }
        return switch (task) {
            case ELIMINATION -> elimination(found);
            case WAYS_OUT -> waysOut(found);
            case CHEAPEST -> cheapest(found);
            case HOLD -> hold(found);
            case HIT_BACK -> hitBack(found);
            case THREAT -> throw new IllegalStateException("told above");
        };
    }

    // ---- The tasks ------------------------------------------------------------------------------

    private static Result elimination(Elimination found) {
        List<Candidate> failing = worthRefuting(found);
        if (failing.isEmpty()) {
            return Result.none(CoachWords.of("exercise.no-move-that-fails-is"));
        }
        Scheme scheme = new Scheme(found);
        scheme.holding(found.held());
        failing.forEach(scheme::refuted);
        return scheme.finish(DefenceTask.ELIMINATION, themes(found));
    }

    /** The moves that look like defences first, one of each group, then those that fail last. */
    private static List<Candidate> worthRefuting(Elimination found) {
        List<Candidate> ordered = new ArrayList<>(found.refuted());
        ordered.sort(Comparator.comparing(Candidate::tempts).reversed());
        List<Candidate> chosen = new ArrayList<>();
        Set<Move> told = new HashSet<>();
        for (Candidate candidate : ordered) {
            boolean first = told.add(candidate.move());
            if (first && chosen.size() < MOST_REFUTED && candidate.reply().size() > 0) {
                chosen.add(candidate);
                found.groups().stream()
                        .map(CandidateGroup::moves)
                        .filter(g -> g.contains(candidate.move()))
                        .forEach(told::addAll);
            }
        }
        return chosen;
    }

    private static Result threat(Threat threat) {
        TreeEditor editor = new TreeEditor(new MoveTree(threat.from()));
        Node end = editor.addLine(editor.tree().root(), Line.start(threat.line(), LINE_PLIES + 2));
        List<Effort> efforts = new ArrayList<>();
        List<Node> line = editor.tree().mainLine();
        boolean mate = threat.kind() == Threat.Kind.MATE;
        for (int i = 0; i < line.size() && (i == 0 || mate); i += 2) {
            efforts.add(new Effort(line.get(i), i == 0 ? KEY : FURTHER, false));
        }
        editor.verdict(
                end,
                Optional.of(
                        verdict(
                                ExpectedScoreCurve.at(threat.from()).of(threat.score()),
                                threat.side())));
        editor.annotate(end, a -> a.withEnd(true));
        PointShare.give(editor, efforts, POINTS);
        Side side = threat.side();
        String prompt =
                CoachWords.of("exercise.what-does-threaten-the-position", side.word(), side.word());
        tag(editor, DefenceTask.THREAT, prompt, Set.of("threat", threat.kind().word()));
        return new Result(Optional.of(editor.tree()), "");
    }

    private static Result waysOut(Elimination found) {
        if (found.held().size() < 2 || found.held().size() > MOST_WAYS) {
            return Result.none(
                    CoachWords.of(
                            "exercise.there-should-be-two-to", MOST_WAYS, found.held().size()));
        }
        Scheme scheme = new Scheme(found);
        for (Candidate candidate : found.held()) {
            Node node = scheme.line(candidate, LINE_PLIES);
            scheme.effort(node, KEY);
        }
        return scheme.finish(DefenceTask.WAYS_OUT, themes(found));
    }

    private static Result cheapest(Elimination found) {
        List<Candidate> held = new ArrayList<>(found.held());
        held.sort(Comparator.comparingInt(Candidate::costCount));
        int least = held.get(0).costCount();
        if (held.get(held.size() - 1).costCount() == least) {
            return Result.none(CoachWords.of("exercise.all-moves-that-hold-cost"));
        }
        Scheme scheme = new Scheme(found);
        List<Candidate> cheap = held.stream().filter(c -> c.costCount() == least).toList();
        List<Candidate> dear = held.subList(cheap.size(), held.size());
        cheap.stream().limit(MOST_WAYS).forEach(c -> scheme.line(c, LINE_PLIES));
        int full = scheme.moves();
        dear.stream().limit(MOST_WAYS).forEach(c -> scheme.line(c, LINE_PLIES));
        return scheme.one(full, themes(found));
    }

    private static Result hold(Elimination found) {
        Scheme scheme = new Scheme(found);
        Node node = scheme.line(found.held().get(0), LINE_PLIES);
        scheme.effort(node, KEY);
        Result result = scheme.finish(DefenceTask.HOLD, themes(found));
        result.tree().ifPresent(t -> HoldGame.write(new TreeEditor(t), HOLD_MOVES, HOLD_STRENGTH));
        return result;
    }

    private static Result hitBack(Elimination found) {
        List<Candidate> active = found.held().stream().filter(DefenceDraft::hitsBack).toList();
        List<Candidate> passive =
                found.refuted().stream().filter(c -> c.tempts() && !hitsBack(c)).toList();
        boolean onlyActive = active.size() == found.held().size();
        if (active.isEmpty() || passive.isEmpty() || !onlyActive) {
            return Result.none(CoachWords.of("exercise.hitting-back-is-not-the"));
        }
        Scheme scheme = new Scheme(found);
        scheme.holding(active);
        passive.stream().limit(2).forEach(scheme::refuted);
        return scheme.finish(DefenceTask.HIT_BACK, themes(found));
    }

    private static boolean hitsBack(Candidate candidate) {
        return candidate.kinds().contains(DefenceKind.COUNTER_THREAT)
                || candidate.kinds().contains(DefenceKind.CHECK);
    }

    private static Set<String> themes(Elimination found) {
        Set<String> themes = new LinkedHashSet<>(List.of("defence"));
        found.threat().ifPresent(t -> themes.add("threat of " + t.kind().word()));
        found.refuted().stream()
                .filter(Candidate::tempts)
                .limit(1)
                .forEach(c -> themes.add(c.motif().replace('-', ' ')));
        return themes;
    }

    // ---- Writing --------------------------------------------------------------------------------

    private static Verdict verdict(ExpectedScore expected, Side mover) {
        return expected.verdict(mover == Side.WHITE);
    }

    private static void tag(
            TreeEditor editor, DefenceTask task, String prompt, Set<String> themes) {
        editor.tag(Exercise.KIND, DefenceTask.KIND);
        editor.tag(DefenceTask.TAG, task.word());
        editor.tag(TITLE, task.words());
        editor.tag(Exercise.PROMPT, prompt);
        int minutes = Math.min(20, 5 + editor.tree().root().children().size() * 2);
        editor.tag(Exercise.MINUTES, String.valueOf(minutes));
        editor.tag(Exercise.THEMES, String.join(", ", themes));
    }

    /** A scheme being written. */
    private static final class Scheme {
        private final Position position;
        private final TreeEditor editor;
        private final Node root;
        private final List<Effort> efforts = new ArrayList<>();

        Scheme(Elimination found) {
            position = found.position();
            editor = new TreeEditor(new MoveTree(position));
            root = editor.tree().root();
        }

        void effort(Node node, double weight) {
            efforts.add(new Effort(node, weight, false));
        }

        /** The moves that hold: the first with points, the others as good as it. */
        void holding(List<Candidate> held) {
            for (int i = 0; i < held.size(); i++) {
                Node node = line(held.get(i), LINE_PLIES);
                if (i == 0) {
                    effort(node, KEY);
                    efforts.add(new Effort(node, REFUTATION, true));
                } else {
                    editor.annotate(node, a -> a.withEqual(true));
                }
            }
        }

        /** A move that fails, with points for what refutes it. */
        void refuted(Candidate candidate) {
            Node node = line(candidate, REFUTATION_PLIES);
            editor.grade(node, Nag.MISTAKE);
            node.mainChild().ifPresent(reply -> effort(reply, REFUTATION));
        }

        /** Adds the line of a candidate, its verdict at the end, its ways and costs in words. */
        Node line(Candidate candidate, int plies) {
            List<Move> moves = Line.start(candidate.weighed().line(), plies);
            Node end = editor.addLine(root, moves);
            Verdict verdict = verdict(candidate.weighed().expected(), position.sideToMove());
            editor.verdict(end, Optional.of(verdict));
            Node node = root.child(candidate.move()).orElseThrow();
            editor.comment(node, words(candidate));
            return node;
        }

        private String words(Candidate candidate) {
            List<String> words = new ArrayList<>();
            candidate.kinds().forEach(k -> words.add(k.words()));
            candidate.costs().stream().map(Cost::text).forEach(words::add);
            if (candidate.isRefuted() && !candidate.reply().isEmpty()) {
                Position after = position.play(candidate.move());
                words.add(
                        CoachWords.of(
                                "exercise.fails-to",
                                San.write(after, candidate.reply().get(0)),
                                candidate.motif().replace('-', ' ')));
            }
            String text = String.join("; ", words);
            return text.isEmpty() ? "" : Sentence.begin(text) + ".";
        }

        Result finish(DefenceTask task, Set<String> themes) {
            PointShare.give(editor, efforts, POINTS);
            return tagged(task, themes);
        }

        int moves() {
            return root.children().size();
        }

        /**
         * The cheapest moves earn all, the others a part; only the best counts.
         *
         * @param full how many of the moves earn all
         */
        Result one(int full, Set<String> themes) {
            List<Node> moves = root.children();
            for (int i = 0; i < moves.size(); i++) {
                if (i > 0 && i < full) {
                    editor.annotate(moves.get(i), a -> a.withEqual(true));
                    continue;
                }
                int points = i == 0 ? POINTS : POINTS * 2 / 5;
                PointRule rule = new PointRule(points, false, Optional.of(ONE));
                editor.points(moves.get(i), List.of(rule));
            }
            return tagged(DefenceTask.CHEAPEST, themes);
        }

        private Result tagged(DefenceTask task, Set<String> themes) {
            String prompt =
                    CoachWords.of("exercise.to-move", position.sideToMove().word(), task.prompt());
            tag(editor, task, prompt, themes);
            return new Result(Optional.of(editor.tree()), "");
        }
    }
}
