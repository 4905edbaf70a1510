package org.zeroply.coach.repertoire.card;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.board.Square;
import org.zeroply.coach.fact.FactKind;

/** How single conditions are said; each phrase with an example of it. */
final class Phrases {

    private static final String SIDE = "(white|black)";
    private static final String TYPE = "(king|queen|rook|bishop|knight|pawn)";
    private static final String SQUARE = "([a-h][1-8])";
    private static final String WING = "(?: (kingside|queenside))?";
    private static final String SAN = "([A-Za-z][A-Za-z0-9+#=-]*)";
    private static final String FEW = "([1-9])";

    private static final List<Phrase> ALL =
            List.of(
                    phrase(
                            SIDE + " (king|queen|rook|bishop|knight|pawn|man) on " + SQUARE,
                            "white knight on e5",
                            w -> new BoardCondition.ManOn(w.side(1), w.type(2), w.square(3))),
                    phrase(
                            SQUARE + " empty",
                            "e5 empty",
                            w -> new BoardCondition.Empty(w.square(1))),
                    phrase(
                            SQUARE + " attacked by " + SIDE,
                            "e5 attacked by black",
                            w -> new BoardCondition.Attacked(w.square(1), w.side(2))),
                    phrase(
                            SQUARE + " covered by " + SIDE + "(?: " + FEW + " times)?",
                            "e5 covered by black 2 times",
                            w -> new BoardCondition.Covered(w.square(1), w.side(2), w.number(3))),
                    phrase(
                            SIDE + " outnumbers (?:white|black) on " + SQUARE,
                            "white outnumbers black on f7",
                            w -> new BoardCondition.Outnumbers(w.side(1), w.square(2))),
                    phrase(
                            SIDE + " castled" + WING,
                            "white castled kingside",
                            w -> new BoardCondition.Castled(w.side(1), w.wing(2))),
                    phrase(
                            SIDE + " may castle" + WING,
                            "black may castle queenside",
                            w -> new BoardCondition.MayCastle(w.side(1), w.wing(2))),
                    phrase(
                            "queens face each other(?: on the ([a-h])-file)?",
                            "queens face each other on the d-file",
                            w -> new BoardCondition.QueensFaceEachOther(w.anyFile(1))),
                    phrase(
                            "at least " + FEW + " " + SIDE + " pieces undeveloped",
                            "at least 2 black pieces undeveloped",
                            w -> new BoardCondition.Undeveloped(w.number(1), w.side(2))),
                    phrase(
                            SIDE
                                    + " (king|queen|rook|bishop|knight) can reach "
                                    + SQUARE
                                    + " in "
                                    + FEW
                                    + " moves?",
                            "white knight can reach d5 in 2 moves",
                            w ->
                                    new BoardCondition.CanReach(
                                            w.side(1),
                                            w.type(2).orElseThrow(),
                                            w.square(3),
                                            w.number(4))),
                    phrase(
                            SIDE + " (isolated|doubled|backward|passed) pawn on " + SQUARE,
                            "black isolated pawn on d5",
                            w ->
                                    new PawnCondition.PawnIs(
                                            w.side(1),
                                            FactKind.valueOf(w.text(2).toUpperCase(Locale.ROOT)),
                                            w.square(3))),
                    phrase(
                            SIDE + " pawns on ([a-h][1-8](?:,? [a-h][1-8])*)",
                            "white pawns on c4 d5 e4",
                            w -> new PawnCondition.Formation(w.side(1), w.squares(2))),
                    phrase(
                            "([a-h])-file open",
                            "d-file open",
                            w ->
                                    new PawnCondition.OpenFile(
                                            w.anyFile(1).orElseThrow(), Optional.empty())),
                    phrase(
                            "([a-h])-file half-open for " + SIDE,
                            "c-file half-open for black",
                            w ->
                                    new PawnCondition.OpenFile(
                                            w.anyFile(1).orElseThrow(), Optional.of(w.side(2)))),
                    phrase(
                            "centre (open|closed)",
                            "centre closed",
                            w -> new PawnCondition.Centre(w.text(1).equals("open"))),
                    phrase(
                            "move " + SAN + " possible",
                            "move Nxe5 possible",
                            w -> new MoveCondition.Possible(w.raw(1))),
                    phrase(
                            SIDE + " can play " + SAN,
                            "black can play Nf4",
                            w -> new MoveCondition.CanPlay(w.side(1), w.raw(2))),
                    phrase(
                            SIDE + " threatens " + SAN,
                            "black threatens Nxe4",
                            w -> new MoveCondition.Threatens(w.side(1), w.raw(2))),
                    phrase(
                            SIDE + " just played " + SAN,
                            "black just played h6",
                            w -> new MoveCondition.JustPlayed(w.side(1), w.raw(2))),
                    phrase(
                            SIDE + " just took (?:an? " + TYPE + " )?on " + SQUARE,
                            "black just took a pawn on c4",
                            w -> new MoveCondition.JustTook(w.side(1), w.type(2), w.square(3))),
                    phrase(
                            "(from|before) move ([1-9][0-9]{0,2})",
                            "before move 12",
                            w ->
                                    new MoveCondition.MoveNumber(
                                            w.number(2), w.text(1).equals("from"))),
                    phrase(
                            SIDE + " to move",
                            "white to move",
                            w -> new MoveCondition.ToMove(w.side(1))));

    private Phrases() {}

    /** One way to say something. */
    private record Phrase(Pattern pattern, String example, Function<Words, Condition> meaning) {}

    private static Phrase phrase(
            String pattern, String example, Function<Words, Condition> meaning) {
        return new Phrase(Pattern.compile(pattern, Pattern.CASE_INSENSITIVE), example, meaning);
    }

    /** An example of each phrase. */
    static List<String> examples() {
        return ALL.stream().map(Phrase::example).toList();
    }

    /** What a text says, if it is one of the phrases. */
    static Optional<Condition> read(String text) {
        return ALL.stream()
                .map(p -> new Found(p, p.pattern().matcher(text)))
                .filter(f -> f.matcher().matches())
                .findFirst()
                .map(f -> f.phrase().meaning().apply(new Words(f.matcher())));
    }

    private record Found(Phrase phrase, Matcher matcher) {}

    /** The parts of a phrase that was recognised, by the number of their group. */
    private record Words(Matcher matcher) {

        String raw(int group) {
            return matcher.group(group);
        }

        String text(int group) {
            return matcher.group(group).toLowerCase(Locale.ROOT);
        }

        Optional<String> maybe(int group) {
            return Optional.ofNullable(matcher.group(group)).map(t -> t.toLowerCase(Locale.ROOT));
        }

        Side side(int group) {
            return text(group).equals("white") ? Side.WHITE : Side.BLACK;
        }

        int square(int group) {
            return Square.parse(text(group));
        }

        List<Integer> squares(int group) {
            return Arrays.stream(text(group).split(",? ")).map(Square::parse).toList();
        }

        /** A man of any type where none is named. */
        Optional<PieceType> type(int group) {
            return maybe(group)
                    .filter(t -> !t.equals("man"))
                    .map(t -> PieceType.valueOf(t.toUpperCase(Locale.ROOT)));
        }

        Optional<BoardCondition.Wing> wing(int group) {
            return maybe(group).map(t -> BoardCondition.Wing.valueOf(t.toUpperCase(Locale.ROOT)));
        }

        Optional<Integer> anyFile(int group) {
            return maybe(group).map(f -> f.charAt(0) - 'a');
        }

        /** 1 where none is named. */
        int number(int group) {
            return maybe(group).map(Integer::parseInt).orElse(1);
        }
    }
}
