package org.zeroply.coach.defence.elimination;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.fact.Squares;
import org.zeroply.coach.texts.CoachWords;

/**
 * Moves that fail to the same reply for the same reason.
 *
 * @param moves the moves, two at least
 * @param reply the reply in SAN, the same after each
 * @param motif what it turns on
 * @param text in words: {@code any king move to the seventh rank: the same Qe7 (fork)}
 */
public record CandidateGroup(List<Move> moves, String reply, String motif, String text) {

    private static final String[] RANKS = {
        "first", "second", "third", "fourth", "fifth", "sixth", "seventh", "eighth"
    };

    /** Moves of a group that are named, the others are counted: our choice. */
    private static final int NAMED = 3;

    /** Where a line turns on nothing, the same reply says nothing. */
    private static final Set<String> VAGUE = Set.of("position", "material-down", "lost-ending");

    public CandidateGroup {
        moves = List.copyOf(moves);
    }

    /** The groups among refuted candidates, in the order of their first move. */
    static List<CandidateGroup> of(Position position, List<Candidate> refuted) {
        Map<String, List<Candidate>> byReply = new LinkedHashMap<>();
        for (Candidate candidate : refuted) {
            boolean told = !VAGUE.contains(candidate.motif());
            if (told && !candidate.reply().isEmpty()) {
                String key = reply(position, candidate) + " " + candidate.motif();
                byReply.computeIfAbsent(key, k -> new ArrayList<>()).add(candidate);
            }
        }
        return byReply.values().stream()
                .filter(members -> members.size() > 1)
                .map(members -> group(position, members))
                .toList();
    }

    /** The same reply with check and without it is the same reply. */
    private static String reply(Position position, Candidate candidate) {
        String san = San.write(position.play(candidate.move()), candidate.reply().get(0));
        return san.replaceAll("[+#]$", "");
    }

    private static CandidateGroup group(Position position, List<Candidate> members) {
        List<Move> moves = members.stream().map(Candidate::move).toList();
        String reply = reply(position, members.get(0));
        String motif = members.get(0).motif();
        String text =
                CoachWords.of(
                        "defence.the-same", words(position, moves), reply, motif.replace('-', ' '));
        return new CandidateGroup(moves, reply, motif, text);
    }

    private static String words(Position position, List<Move> moves) {
        int from = moves.get(0).from();
        boolean one = moves.stream().allMatch(m -> m.from() == from);
        if (one) {
            List<Move> all = position.legalMoves().stream().filter(m -> m.from() == from).toList();
            String man = man(position, from);
            if (all.size() == moves.size()) {
                return CoachWords.of("defence.any-move-of-the", man, Square.name(from));
            }
            int rank = Square.rank(moves.get(0).to());
            long there = all.stream().filter(m -> Square.rank(m.to()) == rank).count();
            boolean sameRank = moves.stream().allMatch(m -> Square.rank(m.to()) == rank);
            if (sameRank && there == moves.size()) {
                return CoachWords.of("defence.any-move-to-the-rank", man, RANKS[rank]);
            }
        }
        List<String> names = moves.stream().map(m -> San.write(position, m)).toList();
        if (names.size() <= NAMED + 1) {
            return Squares.join(names);
        }
        return CoachWords.of(
                "defence.and-other-moves",
                String.join(", ", names.subList(0, NAMED)),
                names.size() - NAMED);
    }

    private static String man(Position position, int square) {
        return position.pieceAt(square).map(p -> p.type()).map(PieceType::word).orElse("man");
    }
}
