package org.zeroply.coach.lesson.draft;

import java.util.List;
import java.util.Optional;
import org.zeroply.chess.board.Side;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.SharedEngine;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.pattern.QueryReader;
import org.zeroply.engine.analysis.Cancellation;

/** Small games made for drafts, and what judges them. */
final class DraftGames {

    /** Nodes of a search. */
    static final long NODES = 20_000;

    static final LessonDraft.Theme SEVENTH =
            new LessonDraft.Theme(
                    "A rook on the seventh", "A rook on the seventh", List.of("seventh"));

    private DraftGames() {}

    static MoveEvaluator evaluator(Cancellation cancellation) {
        return new MoveEvaluator(new SharedEngine(4), NODES, cancellation);
    }

    static Example example(String names, String result, String fen, String moves) {
        String pgn =
                "[White \"%s\"]\n[Black \"%s\"]\n[Result \"%s\"]\n[SetUp \"1\"]\n[FEN \"%s\"]\n\n%s %s\n"
                        .formatted(
                                names.split("-")[0],
                                names.split("-")[1],
                                result,
                                fen,
                                moves,
                                result);
        MoveTree game = ((PgnEntry.Game) PgnReader.readAll(pgn).get(0)).tree();
        return new Example(game, 0, Side.WHITE);
    }

    /** Men are level, and a fork takes the queen. */
    private static Example fork(String names, String row, String moves) {
        String fen = "2r3k1/%s/2n3p1/5q2/6N1/7P/R4PP1/3Q2K1 w - - 0 30".formatted(row);
        return new Example(
                example(names, "0-1", fen, moves).game(),
                0,
                Side.WHITE,
                Optional.of(QueryReader.read("white knight on g4")));
    }

    static final List<Example> FORKS =
            List.of(
                    fork("Ann-Bob", "5p1p", "30. Nh6+ Kg7"),
                    fork("Cid-Dot", "1p3p1p", "30. Ne3 Qe5"),
                    fork("Eve-Fay", "2p2p1p", "30. Ne3 Qe5"),
                    fork("Gil-Hal", "3p1p1p", "30. Ne3 Qe5"));
}
