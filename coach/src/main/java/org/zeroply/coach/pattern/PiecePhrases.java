package org.zeroply.coach.pattern;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.fact.Squares;

/** How it is said that pieces stand well; each phrase with an example of it. */
final class PiecePhrases {

    static final List<Phrase> PIECES =
            List.of(
                    Phrase.of(
                            "(?:an? )?(?:<side> )?<men> on (?:an?|the) (open|half-open) file",
                            "white rook on an open file",
                            w ->
                                    new PieceCondition.OnOpenFile(
                                            w.maybeSide(1),
                                            w.men(2),
                                            w.text(3).equals("half-open"))),
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
                            w -> new PieceCondition.DoubledRooks(w.side(1), w.anyFile(2))),
                    Phrase.of(
                            "<side> rook behind (?:an? |the )?passed pawn",
                            "white rook behind a passed pawn",
                            w -> new PieceCondition.RookBehindPasser(w.side(1))),
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

    private static Condition onSameLine(Phrase.Words w, Side other) {
        PieceCondition.OnSameLine.Line line =
                PieceCondition.OnSameLine.Line.valueOf(w.text(3).toUpperCase(Locale.ROOT));
        return new PieceCondition.OnSameLine(line, w.side(1), w.men(2), other, w.men(5));
    }

    private static Condition onThatFile(Phrase.Words w) {
        int file = w.anyFile(4).orElseThrow();
        Optional<Side> side = w.maybeSide(1);
        return new Condition.All(
                List.of(
                        new BoardCondition.MenOn(
                                side, w.men(2), new Place(Squares.ofFile(file)), 1),
                        new PawnCondition.OpenFile(
                                file, w.text(3).equals("open") ? Optional.empty() : side)));
    }
}
