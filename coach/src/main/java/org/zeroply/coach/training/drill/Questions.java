package org.zeroply.coach.training.drill;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.tree.Approach;
import org.zeroply.coach.repertoire.Repertoire;
import org.zeroply.coach.repertoire.Spot;
import org.zeroply.coach.repertoire.card.Card;

/** All that a repertoire asks of a student of a school. */
public final class Questions {

    /** Answers to choose from. */
    private static final int CHOICES = 4;

    private final Map<Spot, List<Question>> bySpot = new LinkedHashMap<>();
    private final Repertoire repertoire;
    private final Optional<Approach> school;

    private Questions(Repertoire repertoire, Optional<Approach> school) {
        this.repertoire = repertoire;
        this.school = school;
    }

    /**
     * The questions of a repertoire. Only what a student of the school can come to is asked; a card
     * that cannot be read is left out (the audit tells of it).
     */
    public static Questions of(Repertoire repertoire, Optional<Approach> school) {
        Questions questions = new Questions(repertoire, school);
        questions.collect();
        return questions;
    }

    private void collect() {
        Set<Spot> reached = new LinkedHashSet<>(repertoire.starts());
        List<Spot> open = new ArrayList<>(reached);
        while (!open.isEmpty()) {
            Spot spot = open.remove(open.size() - 1);
            for (Move move : next(spot)) {
                repertoire.at(spot.position().play(move)).filter(reached::add).ifPresent(open::add);
            }
        }
        List<String> ideas =
                repertoire.spots().stream().flatMap(s -> s.idea().stream()).distinct().toList();
        List<String> rules =
                repertoire.spots().stream()
                        .flatMap(s -> s.cards().stream())
                        .map(Card::then)
                        .distinct()
                        .toList();
        for (Spot spot : reached) {
            List<Question> here = new ArrayList<>();
            // Where there is nothing to choose between, nothing is asked.
            if (ideas.size() > 1) {
                spot.idea().ifPresent(i -> here.add(plan(spot, i, ideas)));
            }
            for (Card card : rules.size() > 1 ? spot.cards() : List.<Card>of()) {
                here.add(new Question.WhatThen(spot, card, choices(card.then(), rules)));
            }
            if (repertoire.isOurs(spot.position())) {
                spot.recommended(school).ifPresent(m -> here.add(move(spot, m)));
            }
            bySpot.put(spot, here);
        }
    }

    private static Question plan(Spot spot, String idea, List<String> ideas) {
        return new Question.WhichPlan(spot, idea, choices(idea, ideas));
    }

    private static Question move(Spot spot, Move move) {
        boolean must = spot.note(move).must();
        return new Question.WhichMove(spot, move, must, ideaAfter(spot, move));
    }

    /** What the repertoire says of the position after a move, else of the one before it. */
    private static Optional<String> ideaAfter(Spot spot, Move move) {
        return spot.moves().getOrDefault(move, List.of()).stream()
                .flatMap(n -> n.annotation().repertoire().idea().stream())
                .findFirst()
                .or(spot::idea);
    }

    /** The right answer among others, always in the same order for the same answer. */
    private static List<String> choices(String right, List<String> all) {
        List<String> others = new ArrayList<>(all);
        others.remove(right);
        Random order = new Random(right.hashCode());
        Collections.shuffle(others, order);
        List<String> choices =
                new ArrayList<>(others.subList(0, Math.min(CHOICES - 1, others.size())));
        choices.add(order.nextInt(choices.size() + 1), right);
        return choices;
    }

    /** The moves a student goes on with: the recommended one, or their replies. */
    List<Move> next(Spot spot) {
        return repertoire.next(spot, school);
    }

    /** What is asked at a position, in the order in which it is asked. */
    public List<Question> at(Spot spot) {
        return bySpot.getOrDefault(spot, List.of());
    }

    /** All questions. */
    public List<Question> all() {
        return bySpot.values().stream().flatMap(List::stream).toList();
    }

    /** The questions of a chapter; one that stands in several chapters belongs to the first. */
    public List<Question> ofChapter(int chapter) {
        return all().stream()
                .filter(q -> repertoire.chapter(q.spot().places().get(0)) == chapter)
                .toList();
    }
}
