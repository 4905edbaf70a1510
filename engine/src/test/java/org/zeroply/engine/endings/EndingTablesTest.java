package org.zeroply.engine.endings;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Board;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Limits;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.search.BuiltInEngine;

/** Against published figures, and against the rules: each result follows from its successors. */
@Tag("slow")
class EndingTablesTest {

    private static EndingTables tables;

    @TempDir static Path folder;

    @BeforeAll
    static void generate() {
        tables = new EndingTables(folder);
        for (String ending : List.of("KBBK", "KBNK", "KPK")) {
            tables.generate(ending, new Cancellation());
        }
    }

    @ParameterizedTest(name = "{0}: mate in at most {1} moves")
    @CsvSource({"KQK, 10", "KRK, 16", "KBBK, 19", "KBNK, 33"})
    void the_longest_mates_are_the_published_ones(String ending, int moves) throws Exception {
        EndingTable table = known(new EndingMaterial(ending).signature());
        int longest = 0;
        for (byte value : table.values[0]) {
            longest = Math.max(longest, value);
        }
        assertThat((longest + 1) / 2).isEqualTo(moves);
    }

    /**
     * With the king on the files a to d: half of the 124,960 positions with White to move and of
     * the 97,604 with Black to move that are known to be won.
     */
    @Test
    void king_and_pawn_win_in_the_known_number_of_positions() throws Exception {
        assertThat(won("KPK", 0)).isEqualTo(62_480);
        assertThat(won("KPK", 1)).isEqualTo(48_802);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "8/8/4k3/8/4K3/8/4P3/8 w - - 0 1, true",
        "8/8/8/4k3/8/4K3/4P3/8 w - - 0 1, false",
        "7k/7P/7K/8/8/8/8/8 b - - 0 1, false",
        "8/8/8/8/8/1k6/p7/K7 w - - 0 1, false",
        "8/8/8/8/8/2k5/3p4/1K6 b - - 0 1, true",
    })
    void either_colour_may_have_the_pawn(String fen, boolean won) {
        int plies = tables.probe(Position.fromFen(fen).toBoard());
        assertThat(plies > 0).isEqualTo(won);
    }

    @Test
    void every_result_follows_from_those_of_the_moves() {
        Random random = new Random(20);
        for (String ending : List.of("KBBK", "KBNK", "KPK", "KQK", "KRK")) {
            IntStream.range(0, 3000).forEach(i -> checkRandom(ending, random));
        }
    }

    @ParameterizedTest
    @CsvSource({"KBK", "KNK", "KRK", "KQK", "KPK"})
    void what_comes_with_the_program_is_what_is_generated(String ending) {
        EndingTable made = read(ending);
        EndingTable shipped = known(new EndingMaterial(ending).signature());
        for (int side = 0; side < 2; side++) {
            for (int i = 0; i < made.values[side].length; i++) {
                byte value = made.values[side][i];
                if (value != EndingTable.ILLEGAL) {
                    assertThat(shipped.values[side][i]).isEqualTo(value);
                }
            }
        }
    }

    @Test
    void three_men_are_known_without_any_file() {
        EndingTables none = new EndingTables(folder.resolve("none"));
        assertThat(none.mostMen()).isEqualTo(3);
        assertThat(none.probe(Position.fromFen("8/8/8/4k3/8/4K3/4P3/8 w - - 0 1").toBoard()))
                .isZero();
    }

    @Test
    void a_file_that_is_broken_off_is_not_taken_for_a_table() throws Exception {
        Path copy = Files.createTempDirectory(folder, "broken");
        byte[] whole = Files.readAllBytes(folder.resolve("KBBK.zpe"));
        Files.write(copy.resolve("KBBK.zpe"), Arrays.copyOf(whole, whole.length / 2));
        Files.writeString(copy.resolve("KBNK.zpe"), "no table");
        EndingTables broken = new EndingTables(copy);
        int before = broken.count();
        for (String fen :
                List.of("8/8/8/3k4/8/8/8/BB2K3 w - - 0 1", "8/8/8/3k4/8/8/8/BN2K3 b - - 0 1")) {
            Position p = Position.fromFen(fen);
            assertThat(broken.probe(p.toBoard())).isEqualTo(Endings.UNKNOWN);
            Engine engine = new BuiltInEngine(8, broken);
            assertThat(engine.analyse(AnalysisRequest.of(p, Limits.depth(3))).best()).isPresent();
        }
        assertThat(broken.count()).isEqualTo(before - 2);
        // They are gone, so that they are made anew.
        assertThat(copy).isEmptyDirectory();
    }

    @Test
    void a_search_that_reaches_an_ending_gives_the_whole_line_to_the_mate() {
        Position start = Position.fromFen("8/8/8/8/3k4/8/2n5/RN2K3 w - - 0 1");
        Position bare = Position.fromFen("8/8/3k4/8/8/8/4P3/4K2B w - - 0 1");
        for (Position p : List.of(Position.fromFen("7k/8/8/8/8/8/1N6/B3K3 w - - 0 1"), bare)) {
            Engine engine = new BuiltInEngine(8, tables);
            Analysis.Candidate best =
                    engine.analyse(AnalysisRequest.of(p, Limits.depth(4))).best().orElseThrow();
            if (best.score() instanceof Score.Mate m) {
                assertThat(best.line()).hasSize(2 * m.moves() - 1);
                Position end = p;
                for (Move move : best.line()) {
                    end = end.play(move);
                }
                assertThat(end.isCheckmate()).isTrue();
            } else {
                assertThat(p).isEqualTo(bare);
            }
        }
        assertThat(tables.probe(start.toBoard())).isEqualTo(Endings.UNKNOWN);
    }

    @Test
    void what_was_read_once_is_not_read_again_whatever_else_is_asked(@TempDir Path many)
            throws Exception {
        // A search of knight against bishop with pawns asks all of these, again and again.
        List<String> names =
                List.of(
                        "KQPK", "KQKP", "KRPK", "KRKP", "KBPK", "KBKP", "KNPK", "KNKP", "KPPK",
                        "KPKP");
        List<Board> boards = new ArrayList<>();
        for (String name : names) {
            EndingMaterial material = new EndingMaterial(name);
            try (OutputStream out = Files.newOutputStream(many.resolve(name + ".zpe"))) {
                new EndingTable(material).write(out);
            }
            boards.add(drawn(name));
        }
        EndingTables tables = new EndingTables(many);
        boards.forEach(b -> assertThat(tables.probe(b)).isZero());
        for (String name : names) {
            Files.delete(many.resolve(name + ".zpe"));
        }
        boards.forEach(b -> assertThat(tables.probe(b)).isZero());
    }

    /** A position with these men; the kings in the corners, the others in the middle. */
    private static Board drawn(String name) {
        int second = name.lastIndexOf('K');
        String white = name.substring(1, second);
        String black = name.substring(second + 1).toLowerCase(Locale.ROOT);
        String row = white + black;
        String fen =
                row.length() == 2
                        ? "7k/8/8/2" + row.charAt(0) + "5/5" + row.charAt(1) + "2/8/8/K7 w - - 0 1"
                        : "7k/8/8/2" + row.charAt(0) + "5/8/8/8/K7 w - - 0 1";
        return Position.fromFen(fen).toBoard();
    }

    @Test
    void more_men_than_the_tables_hold_are_unknown() {
        assertThat(tables.probe(Position.START.toBoard())).isEqualTo(Endings.UNKNOWN);
        Board three = Position.fromFen("8/8/8/3k4/8/8/8/R3K1Q1 w - - 0 1").toBoard();
        assertThat(tables.probe(three)).isEqualTo(Endings.UNKNOWN);
    }

    private static void checkRandom(String ending, Random random) {
        EndingIndex index = new EndingIndex(new EndingMaterial(ending));
        int[] squares = new int[index.men];
        index.squares(random.nextInt(index.size()), squares);
        Position position = position(index, squares, random.nextBoolean());
        if (position == null) {
            return;
        }
        int best = position.inCheck() ? -1 : 0;
        int shortest = Integer.MAX_VALUE;
        int longest = -1;
        boolean safe = position.legalMoves().isEmpty() && best == 0;
        for (Move move : position.legalMoves()) {
            int result = tables.probe(position.play(move).toBoard());
            if (result == Endings.UNKNOWN) {
                return;
            }
            if (result < 0) {
                shortest = Math.min(shortest, -result);
            }
            safe |= result == 0;
            longest = Math.max(longest, result);
        }
        int expected =
                shortest < Integer.MAX_VALUE
                        ? shortest
                        : safe ? 0 : longest < 0 ? best : -longest - 2;
        assertThat(tables.probe(position.toBoard())).as(position.fen()).isEqualTo(expected);
    }

    private static Position position(EndingIndex index, int[] squares, boolean white) {
        char[] board = ".".repeat(64).toCharArray();
        for (int m = 0; m < index.men; m++) {
            if (board[squares[m]] != '.') {
                return null;
            }
            char letter = "pnbrqk".charAt(index.type[m]);
            board[squares[m]] = index.side[m] == 0 ? Character.toUpperCase(letter) : letter;
        }
        StringBuilder fen = new StringBuilder();
        for (int rank = 7; rank >= 0; rank--) {
            fen.append(new String(board, rank * 8, 8).replace('.', '1'));
            fen.append(rank > 0 ? "/" : white ? " w - - 0 1" : " b - - 0 1");
        }
        try {
            return Position.fromFen(fen.toString());
        } catch (IllegalArgumentException e) {
            return null;
        }
    }

    private static EndingTable read(String ending) {
        EndingMaterial material = new EndingMaterial(ending);
        return new EndingGenerator(material, EndingTablesTest::known).generate(new Cancellation());
    }

    private static EndingTable known(int signature) {
        return EndingMaterial.upToFour().stream()
                .filter(
                        m ->
                                m.signature() == signature
                                        || EndingMaterial.exchanged(m.signature()) == signature)
                .findFirst()
                .map(
                        m -> {
                            String name = m.name() + ".zpe";
                            try (var in =
                                    m.men() == 3
                                            ? EndingTables.class.getResourceAsStream(name)
                                            : Files.newInputStream(folder.resolve(name))) {
                                return EndingTable.read(m, in);
                            } catch (IOException e) {
                                throw new UncheckedIOException(e);
                            }
                        })
                .orElseThrow();
    }

    private static int won(String ending, int toMove) throws Exception {
        int count = 0;
        for (byte value : read(ending).values[toMove]) {
            boolean won = toMove == 0 ? value > 0 && value != EndingTable.ILLEGAL : value < 0;
            count += won ? 1 : 0;
        }
        return count;
    }
}
