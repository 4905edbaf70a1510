package org.zeroply.workshop.fuzz;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringReader;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.zeroply.chess.board.InvalidPositionException;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.Epd;
import org.zeroply.chess.notation.NotationException;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.PgnWriter;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.defence.whatif.WhatIfRows;
import org.zeroply.coach.exercise.marking.WrittenAnswer;
import org.zeroply.coach.pattern.GameLine;
import org.zeroply.coach.pattern.Query;
import org.zeroply.coach.pattern.QueryMatcher;
import org.zeroply.coach.pattern.QueryReader;
import org.zeroply.coach.repertoire.card.Card;
import org.zeroply.coach.repertoire.card.CardReader;
import org.zeroply.engine.protocol.UciServer;
import org.zeroply.engine.search.BuiltInEngine;
import org.zeroply.library.LibraryException;
import org.zeroply.library.student.MarkedSheets;

/**
 * A reader of short texts.
 *
 * @param name the word that chooses it
 * @param good good texts
 * @param reader reads a text; what is wrong with a text it tells in its own way
 */
record TextTarget(String name, List<String> good, Reader reader) implements Target {

    private static final String MIDDLEGAME =
            "r1bq1rk1/pp2bppp/2n1pn2/3p4/2PP4/2N2N2/PP2BPPP/R1BQ1RK1 w - - 0 9";

    /** Reads a text. */
    interface Reader {
        void read(String text) throws NotationException, IOException;
    }

    /** All of them. */
    static List<Target> all() {
        return List.of(
                new TextTarget("moves", List.of("Nf3", "exd5", "O-O", "Qxd5+!"), TextTarget::move),
                new TextTarget(
                        "positions",
                        List.of(MIDDLEGAME, "8/P7/8/8/8/k7/8/K7 w - e6 3 40"),
                        TextTarget::position),
                new TextTarget(
                        "rows",
                        List.of(
                                "4k3/8/8/8/8/8/8/4K2R w K - bm O-O; id \"a \u00e9\"; c0 \"x;y\";",
                                "4k3/8/8/8/8/8/8/4K2R w K - hmvc 3; fmvn 9;"),
                        text -> row(text)),
                new TextTarget(
                        "answers",
                        List.of("1.cxd5 exd5 2.Bg5 +/-\n1.a3 a6 =\n", "cxd5 Nxd5\n\n- a3 unclear"),
                        text -> WrittenAnswer.parse(Position.fromFen(MIDDLEGAME), text)),
                new TextTarget(
                        "cards",
                        List.of(
                                "IF white knight on e5 AND NOT e5 attacked by black THEN play f6: x"
                                        + " UNLESS white queen on h5",
                                "IF move Nxe5 possible THEN take"),
                        TextTarget::card),
                new TextTarget(
                        "patterns",
                        List.of(
                                "white rook or queen on g5 or h5, no white pawn on g, at least 2"
                                        + " black men on its 7th rank; mirrored; result 1-0",
                                "white is two pawns up FOR 6 PLIES THEN WITHIN 4 MOVES (white"
                                        + " sacrificed a piece, not taken back within 8 plies OR"
                                        + " white outpost for good on e5); every position",
                                "white has a rook and a pawn against two minor pieces; player A"),
                        TextTarget::query),
                new TextTarget(
                        "commands",
                        List.of(
                                "[%zp.pts 3] [%zp.pts 2 by 4] a word [%zp.mark green e4] 1-0",
                                "[%zp.check cp=-7 depth=3 nodes=9 by=x] [%zp.end] [%zp.equal]",
                                "[%zp.main] [%zp.trap] [%zp.must] [%zp.approach sharp]",
                                "[%zp.idea a 100%25] [%zp.card IF Bb5 THEN a6] [%zp.accept b]"),
                        TextTarget::comment),
                new TextTarget(
                        "tables",
                        List.of(
                                "a pawn on h3: +white pawn h3\n# no\nblack to move: turn\n",
                                "x: -e4"),
                        WhatIfRows::parse),
                new TextTarget(
                        "marks",
                        List.of(
                                "{\"points\":5,\"max\":5,\"items\":[{\"line\":\"1.e4\",\"points\":5,"
                                        + "\"earned\":5,\"why\":\"found\"}],\"rows\":[],"
                                        + "\"verdictRight\":false}"),
                        TextTarget::marks),
                new TextTarget(
                        "protocol",
                        List.of(
                                "uci\nisready\nposition startpos moves e2e4\ngo depth 1\nstop\n",
                                "setoption name Hash value 1\nposition fen "
                                        + MIDDLEGAME
                                        + "\ngo nodes 10 searchmoves c4d5\nquit\n"),
                        TextTarget::serve));
    }

    @Override
    public List<byte[]> corpus() {
        return good.stream().map(g -> g.getBytes(StandardCharsets.UTF_8)).toList();
    }

    @Override
    public void read(byte[] input) {
        try {
            reader.read(new String(input, StandardCharsets.UTF_8));
        } catch (NotationException | InvalidPositionException e) {
            if (e.getMessage() == null || e.getMessage().isBlank()) {
                throw new AssertionError("a problem that says nothing", e);
            }
        } catch (IOException e) {
            throw new AssertionError("reading from memory failed", e);
        }
    }

    private static void move(String text) throws NotationException {
        Position p = Position.fromFen(MIDDLEGAME);
        Move move = San.read(p, text);
        if (!San.read(p, San.write(p, move)).equals(move)) {
            throw new AssertionError("another move: " + San.write(p, move));
        }
    }

    private static void position(String text) {
        Position p = Position.fromFen(text);
        Position again = Position.fromFen(p.fen());
        if (!again.equals(p) || !again.fen().equals(p.fen())) {
            throw new AssertionError("another position: " + p.fen() + ", " + again.fen());
        }
        p.legalMoves();
    }

    private static void row(String text) throws NotationException {
        String once = Epd.parse(text).text();
        String twice = Epd.parse(once).text();
        if (!once.equals(twice)) {
            throw new AssertionError("written otherwise: " + once + " / " + twice);
        }
    }

    private static void query(String text) {
        if (QueryReader.problem(text).isEmpty()) {
            Query query = QueryReader.read(text);
            if (!QueryReader.read(query.text()).equals(query)) {
                throw new AssertionError("another query: " + query.text());
            }
            new QueryMatcher(query).in(new GameLine(Position.START, new int[0]));
        }
    }

    private static void card(String text) {
        if (CardReader.problem(text).isEmpty()) {
            Card card = CardReader.read(text);
            card.applies(Position.START);
            card.move(Position.START);
        }
    }

    /** What a comment says is written, read and written the same. */
    private static void comment(String text) {
        // A tag after an empty row ends a comment that nobody closed.
        String said = text.replace("}", ")").replaceAll("[\\s\u0000]", " ");
        MoveTree once = tree("1. e4 {" + said + "} e5 *\n");
        String written = PgnWriter.write(once);
        String again = PgnWriter.write(tree(written));
        if (!again.equals(written)) {
            throw new AssertionError("written otherwise: " + written + " / " + again);
        }
        if (once.mainLine().size() != 2) {
            throw new AssertionError("a comment has changed the moves: " + written);
        }
    }

    private static MoveTree tree(String pgn) {
        if (PgnReader.readAll(pgn).get(0) instanceof PgnEntry.Game game) {
            return game.tree();
        }
        throw new AssertionError("not read: " + pgn);
    }

    private static void marks(String text) {
        try {
            MarkedSheets.read(text);
        } catch (LibraryException e) {
            if (e.getMessage().isBlank()) {
                throw new AssertionError("a problem that says nothing", e);
            }
        }
    }

    private static void serve(String text) throws IOException {
        try (PrintWriter nowhere = new PrintWriter(Writer.nullWriter())) {
            new UciServer(megabytes -> new BuiltInEngine(1), new StringReader(text), nowhere)
                    .serve();
        }
    }
}
