package org.zeroply.coach.insight;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CancellationException;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;

/**
 * The facts that take a search: whether what hangs can be taken, the threat, whether there are
 * checks enough, tied pieces, moves that create a tactical motif, and exchanges wanted. All on
 * fixed numbers of nodes, so that the answer is always the same.
 */
public final class SearchedInsight {

    /** Nodes a question unless chosen otherwise. */
    public static final long NODES = 20_000;

    private static final Set<FactKind> KINDS =
            Collections.unmodifiableSet(
                    EnumSet.of(
                            FactKind.THREAT,
                            FactKind.IGNORED_THREAT,
                            FactKind.CHECKS,
                            FactKind.MOTIF_MOVE,
                            FactKind.CLEANEST_WIN,
                            FactKind.GIVE_BACK,
                            FactKind.PAWN_RACE,
                            FactKind.TIED,
                            FactKind.FROZEN,
                            FactKind.EXCHANGE_WANTED));

    private final List<Inquiry> inquiries;

    /**
     * What may matter most is asked first.
     *
     * @param nodes for each move or pair looked at
     */
    public SearchedInsight(Engine engine, long nodes) {
        inquiries =
                List.of(
                        new HeldInquiry(engine, nodes),
                        new ThreatInquiry(engine, nodes),
                        new CheckInquiry(nodes),
                        new MotifInquiry(engine, nodes),
                        new WaysInquiry(engine, nodes),
                        new RaceInquiry(engine, nodes),
                        new TiedInquiry(engine, nodes),
                        new ExchangeInquiry(engine, nodes));
    }

    /** The kinds of facts that it tells. */
    public static Set<FactKind> kinds() {
        return KINDS;
    }

    /**
     * The facts of one kind, for which only what tells them is asked; none where nothing here tells
     * such facts.
     *
     * @throws CancellationException when cancelled
     */
    public List<Fact> of(Position position, FactKind kind, Cancellation cancellation) {
        List<Fact> facts = new ArrayList<>();
        for (Inquiry inquiry : inquiries) {
            if (inquiry.kinds().contains(kind)) {
                inquiry.answer(position, FactSink.into(facts), cancellation);
            }
        }
        return facts.stream().filter(f -> f.kind() == kind).toList();
    }

    /** Told how far it has come. */
    public interface Progress {
        /**
         * @param part 0 to 1
         * @param doing what is looked for now
         */
        void at(double part, String doing);
    }

    /** Looks for all of them; stops early when cancelled. */
    public void search(
            Position position, FactSink found, Progress progress, Cancellation cancellation) {
        try {
            for (int i = 0; i < inquiries.size(); i++) {
                Inquiry inquiry = inquiries.get(i);
                progress.at((double) i / inquiries.size(), inquiry.name());
                inquiry.answer(position, found, cancellation);
            }
        } catch (CancellationException e) {
            // What was found so far has been handed on.
            return;
        }
    }
}
