package org.zeroply.coach.insight;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.Loss;
import org.zeroply.coach.evaluation.ResultClass;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.fact.material.Hanging;
import org.zeroply.coach.fact.tactics.Counterplay;
import org.zeroply.coach.fact.tactics.LineGain;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.exchange.LegalExchange;
import org.zeroply.engine.mate.MateInOne;

/**
 * Several moves win, and one of them is the cleanest: it mates soon, wins clearly more, or leaves
 * clearly less counterplay. All figures are our choice.
 */
final class CleanWin {

    /** A mate in so many moves is cleaner than any other win. */
    private static final int SHORT_MATE = 4;

    /** Points of a hundred by which a win is wider than the others. */
    private static final double WIDER = 5;

    /** Hundredths of a point by which a win is richer than the others. */
    private static final int RICHER = 200;

    /** Points of a hundred within which wins are equally wide. */
    private static final double EQUAL = 1;

    /** Forcing replies fewer by so many are less counterplay. */
    private static final int FEWER = 3;

    private final Position position;
    private final List<Weighed> wins;

    private CleanWin(Position position, List<Weighed> wins) {
        this.position = position;
        this.wins = wins;
    }

    /** The cleanest of the winning moves of a choice, if there are several and one stands out. */
    static Optional<Fact> of(Choice choice) {
        List<Weighed> wins =
                choice.moves().stream().filter(w -> w.result() == ResultClass.WIN).toList();
        boolean several = wins.size() > 1 && wins.stream().noneMatch(Weighed::exact);
        return several ? new CleanWin(choice.position(), wins).fact() : Optional.empty();
    }

    private Optional<Fact> fact() {
        return byMate().or(this::byGain).or(this::byCounterplay);
    }

    /** It mates in a few moves, and no other does so soon; in one nobody would ask. */
    private Optional<Fact> byMate() {
        Weighed best = wins.get(0);
        int moves = mate(best);
        return moves > 1 && moves <= SHORT_MATE && mate(wins.get(1)) > moves
                ? Optional.of(fact(best, CoachWords.of("insight.mate-in", moves), "mates"))
                : Optional.empty();
    }

    /** Moves to the mate that a move forces; very many when it forces none. */
    private static int mate(Weighed move) {
        return move.score() instanceof Score.Mate mate && mate.moves() > 0
                ? mate.moves()
                : Integer.MAX_VALUE;
    }

    private Optional<Fact> byGain() {
        Weighed best = wins.get(0);
        int gain = gain(best);
        int next = others(best).stream().mapToInt(this::gain).max().orElseThrow();
        boolean wider = Loss.of(wins.get(1), best).points() >= WIDER;
        if (best.mates() || mate(wins.get(1)) < Integer.MAX_VALUE || gain < 0) {
            return Optional.empty();
        }
        if (gain - next >= RICHER) {
            return Optional.of(fact(best, CoachWords.of("insight.wins", given(best)), "wins more"));
        }
        return wider
                ? Optional.of(
                        fact(best, CoachWords.of("insight.the-widest-margin"), "widest margin"))
                : Optional.empty();
    }

    private int gain(Weighed move) {
        return LineGain.settledHundredths(position, move.line());
    }

    private String given(Weighed move) {
        return LineGain.given(position, move.line(), position.sideToMove().other());
    }

    /** Among equally wide wins without a short mate, the one with clearly the fewest replies. */
    private Optional<Fact> byCounterplay() {
        List<Weighed> equal =
                wins.stream().filter(w -> Loss.of(w, wins.get(0)).points() < EQUAL).toList();
        List<Weighed> calmest =
                equal.stream().sorted(Comparator.comparingInt(this::replies)).limit(2).toList();
        boolean mates = wins.stream().anyMatch(w -> mate(w) <= SHORT_MATE);
        if (mates || calmest.size() < 2) {
            return Optional.empty();
        }
        int fewest = replies(calmest.get(0));
        int next = replies(calmest.get(1));
        String words =
                CoachWords.of(
                        fewest == 1
                                ? "insight.it-leaves-forcing-reply-the"
                                : "insight.it-leaves-forcing-replies-the",
                        fewest == 0 ? "no" : fewest,
                        next);
        return next - fewest >= FEWER
                ? Optional.of(fact(calmest.get(0), words, "least counterplay"))
                : Optional.empty();
    }

    private int replies(Weighed move) {
        return Counterplay.forcingMoves(position.play(move.move()));
    }

    private List<Weighed> others(Weighed move) {
        return wins.stream().filter(w -> !w.equals(move)).toList();
    }

    private Fact fact(Weighed cleanest, String why, String trait) {
        Move move = cleanest.move();
        List<String> names =
                others(cleanest).stream().map(w -> San.write(position, w.move())).toList();
        List<String> reasons = new ArrayList<>(List.of(why));
        Optional<String> twice = doubleThreat(move);
        Optional<String> keeps = keepsHanging(cleanest);
        twice.ifPresent(reasons::add);
        keeps.ifPresent(reasons::add);
        String text =
                CoachWords.of(
                        names.size() == 1
                                ? "insight.cleanest-win-wins-too"
                                : "insight.cleanest-win-win-too",
                        San.write(position, move),
                        String.join("; ", reasons),
                        Squares.join(names));
        return Fact.of(FactKind.CLEANEST_WIN, position.sideToMove(), text, move.from(), move.to())
                .with("ways", wins.size())
                .trait(trait, true)
                .trait("double threat", twice.isPresent())
                .trait("keeps it hanging", keeps.isPresent())
                .marked(Mark.Meaning.IDEA, move.from(), move.to())
                .proved(cleanest.line());
    }

    /** Two things threatened at once: a mate in one and a man, or two men worth a knight each. */
    private Optional<String> doubleThreat(Move move) {
        Position after = position.play(move);
        if (after.inCheck() || after.legalMoves().isEmpty()) {
            return Optional.empty();
        }
        List<String> threats = new ArrayList<>();
        Position again = after.play(Move.NULL);
        if (MateInOne.find(again.toBoard()) != 0) {
            threats.add("mate");
        }
        Scene scene = new Scene(after);
        for (Hanging man : Hanging.in(after)) {
            if (man.piece().side() == after.sideToMove() && man.loss() >= RICHER) {
                threats.add(CoachWords.of("insight.the", scene.man(man.square())));
            }
        }
        return threats.size() > 1
                ? Optional.of(
                        CoachWords.of(
                                "insight.it-threatens-at-once",
                                Squares.join(threats.subList(0, 2))))
                : Optional.empty();
    }

    /** A man that could be taken at once is left for later, and the reply does not save it. */
    private Optional<String> keepsHanging(Weighed cleanest) {
        List<Move> line = cleanest.line();
        if (line.size() < 2) {
            return Optional.empty();
        }
        Position later = position.play(line.get(0)).play(line.get(1));
        Scene scene = new Scene(position);
        return Hanging.in(position).stream()
                .filter(man -> man.piece().side() != position.sideToMove())
                .filter(man -> man.loss() >= RICHER && man.square() != line.get(0).to())
                .filter(man -> man.square() != line.get(1).from())
                .filter(man -> LegalExchange.threatTo(later.toBoard(), man.square()) >= RICHER)
                .findFirst()
                .map(man -> CoachWords.of("insight.the-keeps-hanging", scene.man(man.square())));
    }
}
