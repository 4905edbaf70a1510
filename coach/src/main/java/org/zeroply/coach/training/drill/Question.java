package org.zeroply.coach.training.drill;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.repertoire.Spot;
import org.zeroply.coach.repertoire.card.Card;

/** Something a student has to know of a repertoire at one of its positions. */
public sealed interface Question {

    /** Where it is asked. */
    Spot spot();

    /** By what it is found again, whatever its answer: the kind of question and the position. */
    String key();

    /** The answer; when it changes, the question falls due. */
    String answer();

    /** Which move is recommended here. */
    record WhichMove(Spot spot, Move move, boolean mustKnow, Optional<String> idea)
            implements Question {
        @Override
        public String key() {
            return "move " + place(spot.position());
        }

        @Override
        public String answer() {
            return move.coordinates();
        }
    }

    /**
     * Which plan belongs to a position.
     *
     * @param choices ideas of the repertoire, the right one among them
     */
    record WhichPlan(Spot spot, String idea, List<String> choices) implements Question {
        public WhichPlan {
            choices = List.copyOf(choices);
        }

        @Override
        public String key() {
            return "plan " + place(spot.position());
        }

        @Override
        public String answer() {
            return idea;
        }
    }

    /**
     * What a card says to do.
     *
     * @param choices what cards of the repertoire say, the right one among them
     */
    record WhatThen(Spot spot, Card card, List<String> choices) implements Question {
        public WhatThen {
            choices = List.copyOf(choices);
        }

        @Override
        public String key() {
            return "card " + place(spot.position()) + " " + card.when();
        }

        @Override
        public String answer() {
            return card.then();
        }
    }

    private static String place(Position position) {
        String[] fields = position.fen().split(" ");
        return String.join(" ", fields[0], fields[1], fields[2], fields[3]);
    }
}
