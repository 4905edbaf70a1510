package org.zeroply.coach.pattern;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Symmetry;
import org.zeroply.coach.fact.Fact;
import org.zeroply.coach.fact.FactKind;

/**
 * A fork, a skewer or a discovered attack whose targets are such men: of a fork all that are named
 * are among them, of a skewer the first is in front, and of a discovered attack the only one is
 * behind.
 *
 * @param side who has it
 * @param by who forks; {@link Men#ANY} for whatever, and for what is no fork
 * @param targets enemy men, one at least; two of a kind must be there twice
 * @param place where the first man stands that the fact names: who forks, or what is in front
 */
record TargetCondition(FactKind kind, Side side, Men by, List<PieceType> targets, Place place)
        implements OfFact {

    TargetCondition {
        targets = List.copyOf(targets);
    }

    @Override
    public FactCondition fact() {
        return new FactCondition(kind, Optional.of(side), "", by, place);
    }

    @Override
    public boolean holds(Situation situation) {
        return fact().holds(situation, fact -> isAimed(situation.board(), fact));
    }

    private boolean isAimed(Board board, Fact fact) {
        List<PieceType> aimed = new ArrayList<>();
        squares(fact).forEach(s -> aimed.add(PieceType.of(board.typeAt(s))));
        if (kind == FactKind.SKEWER) {
            return aimed.subList(0, targets.size()).equals(targets);
        }
        return targets.stream().allMatch(aimed::remove);
    }

    /**
     * The squares of the targets. Those of a fork stand behind who forks; a skewer names the man in
     * front, who skewers, and the man behind; a discovered attack who moves away, who attacks and
     * whom.
     */
    private List<Integer> squares(Fact fact) {
        List<Integer> all = fact.squares();
        return switch (kind) {
            case FORK -> all.subList(1, all.size());
            case SKEWER -> List.of(all.get(0), all.get(2));
            default -> all.subList(2, 3);
        };
    }

    @Override
    public String text() {
        String men = targets.stream().map(PieceType::word).collect(Collectors.joining(" and "));
        String aimed = kind == FactKind.DISCOVERED_ATTACK ? " on the " : " of the ";
        String who = by.equals(Men.ANY) ? "" : by.word() + " ";
        return side.smallWord() + " " + who + kind.words() + aimed + men + place.behind();
    }

    @Override
    public Condition under(Symmetry way) {
        return new TargetCondition(kind, way.side(side), by, targets, place.under(way));
    }
}
