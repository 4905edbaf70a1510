package org.zeroply.coach.insight;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.tree.Mark;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.coach.fact.Scene;
import org.zeroply.coach.texts.CoachWords;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.checks.CheckSearch;
import org.zeroply.engine.checks.CheckSequence;

/** Has a side enough checks? For each side, as if it were its turn; told if it has a check. */
final class CheckInquiry implements Inquiry {

    /** Checks in a row that are followed: our choice. */
    private static final int MOST_CHECKS = 20;

    /**
     * Positions of this search for each node of the others, as it visits checks alone: our choice.
     */
    private static final int FACTOR = 10;

    private final long nodes;

    CheckInquiry(long nodes) {
        this.nodes = nodes * FACTOR;
    }

    @Override
    public Set<FactKind> kinds() {
        return Set.of(FactKind.CHECKS);
    }

    @Override
    public String name() {
        return CoachWords.of("insight.checks-enough");
    }

    @Override
    public void answer(Position position, FactSink found, Cancellation cancellation) {
        Scene scene = new Scene(position);
        for (Side side : Side.values()) {
            scene.withMove(side).ifPresent(p -> ask(position, p, found, cancellation));
        }
    }

    private void ask(Position position, Position from, FactSink found, Cancellation cancellation) {
        CheckSequence checks = new CheckSearch(nodes, cancellation).search(from, MOST_CHECKS);
        List<Move> line = checks.line();
        if (line.isEmpty() || cancellation.isCancelled()) {
            return;
        }
        String text =
                switch (checks.outcome()) {
                    case MATES -> CoachWords.of("insight.the-checks-lead-to-mate");
                    case GOES_ON -> CoachWords.of("insight.the-checks-go-on-for");
                    case RUNS_OUT -> CoachWords.of("insight.the-checks-run-out");
                    case UNCLEAR -> CoachWords.of("insight.the-checks-are-not-settled");
                };
        Move first = line.get(0);
        found.accept(
                Fact.of(FactKind.CHECKS, from.sideToMove(), text, first.from(), first.to())
                        .with("checks", (line.size() + 1) / 2)
                        .trait(checks.outcome().name().toLowerCase(Locale.ROOT), true)
                        .marked(Mark.Meaning.IDEA, first.from(), first.to())
                        .proved(Inquiry.afterPass(position, from, line)));
    }
}
