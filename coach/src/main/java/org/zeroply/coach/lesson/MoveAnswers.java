package org.zeroply.coach.lesson;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.chess.tree.Nag;
import org.zeroply.chess.tree.Node;
import org.zeroply.chess.tree.Verdict;
import org.zeroply.coach.exercise.scheme.VerdictScale;

/**
 * The moves from a place in a tree as answers to a question: what each is, by what it is marked.
 */
final class MoveAnswers {

    private static final Set<Integer> BAD = Set.of(Nag.MISTAKE, Nag.BLUNDER, Nag.DUBIOUS);

    private static final Set<Integer> GOOD = Set.of(Nag.GOOD, Nag.BRILLIANT, Nag.INTERESTING);

    private MoveAnswers() {}

    /** In the order of the alphabet: the place of a move must not give it away. */
    static List<AnswerChoice> of(Node from) {
        List<AnswerChoice> moves = new ArrayList<>();
        for (Node child : from.children()) {
            String san = San.write(from.position(), child.move());
            moves.add(new AnswerChoice(san, outcome(from, child), child.annotation().after()));
        }
        moves.sort(Comparator.comparing(AnswerChoice::text));
        return moves;
    }

    private static AnswerOutcome outcome(Node from, Node move) {
        Node main = from.children().get(0);
        if (move.annotation().scheme().tempting()) {
            return AnswerOutcome.TEMPTING;
        }
        if (move.annotation().nags().stream().anyMatch(BAD::contains)) {
            return AnswerOutcome.WRONG;
        }
        if (move == main || move.annotation().scheme().equal()) {
            return AnswerOutcome.RIGHT;
        }
        return isGood(move) || comesNear(main, move) ? AnswerOutcome.NEARLY : AnswerOutcome.WRONG;
    }

    /** Whether the coach calls it a good move, though another one is the answer. */
    private static boolean isGood(Node move) {
        return move.annotation().nags().stream().anyMatch(GOOD::contains);
    }

    /** Whether its verdict is that of the answer, or one step off. */
    private static boolean comesNear(Node main, Node move) {
        Optional<Verdict> of = MoveTree.verdictBelow(move);
        return MoveTree.verdictBelow(main)
                .flatMap(best -> of.flatMap(other -> VerdictScale.steps(best, other)))
                .filter(steps -> steps <= 1)
                .isPresent();
    }
}
