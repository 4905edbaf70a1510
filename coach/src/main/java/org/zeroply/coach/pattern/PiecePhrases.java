package org.zeroply.coach.pattern;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.zeroply.chess.board.PieceType;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Squares;

/** How it is said that pieces stand well; each phrase with an example of it. */
final class PiecePhrases {

    private static final String PASSED_PAWN =
            "(?:an? |the )?(its (?:own )?|own )?passed pawn(?: on <place>)?";

    static final List<Phrase> PIECES =
            List.of(
                    Phrase.of(
                            "(?:an? )?(?:<side> )?<men> on (?:an?|the) (open|half-open) file",
                            "white rook on an open file",
                            w ->
                                    new PieceCondition.OnOpenFile(
                                            w.maybeSide(1),
                                            w.men(2),
                                            w.text(3).equals("half-open"),
                                            1)),
                    Phrase.of(
                            "(?:at least )?<few> <side> <men> on (?:an? |the )?(open|half-open) file",
                            "white rook on an open file",
                            w ->
                                    new PieceCondition.OnOpenFile(
                                            w.maybeSide(2),
                                            w.men(3),
                                            w.text(4).equals("half-open"),
                                            w.number(1))),
                    Phrase.of(
                            "<side> <men> on the same (file|rank|diagonal) as (?:the |an? )?<side> <men>",
                            "white queen on the same file as the black king",
                            w -> onSameLine(w, w.side(4))),
                    Phrase.of(
                            "<side> <men> on the same (file|rank|diagonal) as (?:the |an? )?(enemy|opposing|other) <men>",
                            "white queen on the same file as the black king",
                            w -> onSameLine(w, w.side(1).other())),
                    Phrase.of(
                            "<side> <men> on the (open|half-open) <file>-file",
                            "white rook on an open file",
                            PiecePhrases::onThatFile),
                    Phrase.of(
                            "<side> (?:doubled rooks|rooks (?:are )?doubled)(?: on (?:the )?<file>(?:-file)?)?",
                            "white doubled rooks on the d-file",
                            w -> new LineCondition.DoubledRooks(w.side(1), w.onFile(2))),
                    Phrase.of(
                            "<side> tripled heavy pieces(?: on (?:the )?<file>(?:-file)?)?",
                            "white tripled heavy pieces on the d-file",
                            w -> new LineCondition.Tripled(w.side(1), w.onFile(2))),
                    Phrase.of(
                            "<side> (queen|rook|bishop) and (queen|rook|bishop) battery(?: on <place>)?",
                            "white queen and bishop battery",
                            w ->
                                    new LineCondition.Battery(
                                            w.side(1), w.men(2), w.men(3), w.place(4, w.side(1)))),
                    Phrase.of(
                            "<side> <men> behind (?:an? |the |its )<men>(?: on <place>)?",
                            "white queen behind the bishop",
                            w -> behind(w, 2, 3)),
                    Phrase.of(
                            "<side> <men> (?:in front of|before) (?:an? |the |its )<men>(?: on <place>)?",
                            "white queen behind the bishop",
                            w -> behind(w, 3, 2)),
                    Phrase.of(
                            "<side> fianchettoed bishop on <square>",
                            "white fianchetto on the kingside",
                            PiecePhrases::fianchettoOn),
                    Phrase.of(
                            "<side> double fianchetto",
                            "white fianchetto on the kingside",
                            w ->
                                    new Condition.All(
                                            Stream.of(BoardCondition.Wing.values())
                                                    .<Condition>map(
                                                            wing ->
                                                                    new PieceCondition.Fianchetto(
                                                                            w.side(1),
                                                                            Optional.of(wing)))
                                                    .toList())),
                    Phrase.of(
                            "<side> fianchetto without its bishop(?: on the <wing>)?",
                            "white fianchetto without its bishop on the kingside",
                            w ->
                                    new PieceCondition.BareFianchetto(
                                            w.side(1),
                                            w.wing(2).orElse(BoardCondition.Wing.KINGSIDE))),
                    Phrase.of(
                            "<side> rook behind " + PASSED_PAWN,
                            "white rook behind a passed pawn",
                            w -> rookAt(w, PieceCondition.RookAtPasser.Where.BEHIND)),
                    Phrase.of(
                            "<side> rook (?:in front of|before) " + PASSED_PAWN,
                            "white rook in front of its own passed pawn",
                            w -> rookAt(w, PieceCondition.RookAtPasser.Where.BEFORE)),
                    Phrase.of(
                            "<side> fianchetto(?:ed)?(?: bishop)?(?: on the| on)?(?: <wing>)?",
                            "white fianchetto on the kingside",
                            w -> new PieceCondition.Fianchetto(w.side(1), w.wing(2))),
                    Phrase.of(
                            "<side> bishop fianchettoed on ([bg])[27]",
                            "white fianchetto on the kingside",
                            w ->
                                    new PieceCondition.Fianchetto(
                                            w.side(1),
                                            Optional.of(
                                                    w.text(2).equals("g")
                                                            ? BoardCondition.Wing.KINGSIDE
                                                            : BoardCondition.Wing.QUEENSIDE))));

    private PiecePhrases() {}

    private static Condition rookAt(Phrase.Words w, PieceCondition.RookAtPasser.Where where) {
        return new PieceCondition.RookAtPasser(
                w.side(1), where, w.maybe(2).isPresent(), w.place(3, w.side(1)));
    }

    private static Condition onSameLine(Phrase.Words w, Side other) {
        LineCondition.OnSameLine.Line line =
                LineCondition.OnSameLine.Line.valueOf(w.text(3).toUpperCase(Locale.ROOT));
        return new LineCondition.OnSameLine(line, w.side(1), w.men(2), other, w.men(5));
    }

    private static Condition onThatFile(Phrase.Words w) {
        int file = w.anyFile(4).orElseThrow();
        Optional<Side> side = w.maybeSide(1);
        return new Condition.All(
                List.of(
                        new BoardCondition.MenOn(side, w.men(2), Place.file(file), 1),
                        new PawnCondition.OpenFile(
                                file, w.text(3).equals("open") ? Optional.empty() : side)));
    }

    /** The numbers are those of the groups. */
    private static Condition behind(Phrase.Words w, int men, int before) {
        return new LineCondition.Behind(
                w.side(1), w.men(men), w.men(before), w.place(4, w.side(1)));
    }

    /** A bishop on one of the two squares on which it can be. */
    private static Condition fianchettoOn(Phrase.Words w) {
        int square = w.square(2);
        BoardCondition.Wing wing =
                Squares.has(BoardCondition.Wing.KINGSIDE.squares(), square)
                        ? BoardCondition.Wing.KINGSIDE
                        : BoardCondition.Wing.QUEENSIDE;
        return new Condition.All(
                List.of(
                        new PieceCondition.Fianchetto(w.side(1), Optional.of(wing)),
                        BoardCondition.MenOn.of(
                                w.side(1), PieceType.BISHOP, Place.square(square))));
    }
}
