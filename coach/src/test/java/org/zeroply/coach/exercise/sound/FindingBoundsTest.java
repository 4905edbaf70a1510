package org.zeroply.coach.exercise.sound;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.notation.PgnEntry;
import org.zeroply.chess.notation.PgnReader;
import org.zeroply.chess.notation.San;
import org.zeroply.chess.tree.MoveTree;
import org.zeroply.coach.ScriptedEngine;
import org.zeroply.engine.analysis.Analysis;
import org.zeroply.engine.analysis.AnalysisRequest;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.analysis.Engine;
import org.zeroply.engine.analysis.Score;
import org.zeroply.engine.endings.Endings;

/**
 * From where on something is wrong with a move of a scheme, by an engine that says what it must.
 */
class FindingBoundsTest {

    private static final Set<Finding.Kind> AT_MOVES =
            EnumSet.of(
                    Finding.Kind.SECOND_SOLUTION,
                    Finding.Kind.NOT_EQUAL,
                    Finding.Kind.NOT_REFUTED,
                    Finding.Kind.MISSING_DEFENCE);

    private static final String SCHEME = "1. e4 {[%zp.pts 5]} e5 2. Nf3 {[%zp.pts 5]} *";

    private static final String EQUAL =
            "1. e4 {[%zp.pts 5]} (1. d4 {[%zp.equal]}) 1... e5 2. Nf3 {[%zp.pts 5]} *";

    private static final String TEMPTING =
            "1. e4 {[%zp.pts 5]} (1. d4 {[%zp.tempting]} d5) 1... e5 2. Nf3 {[%zp.pts 5]} *";

    /**
     * What moves are worth to who plays them, by the line that leads to them: expected score and
     * centipawns, or moves to mate. All others are worth 0.2.
     */
    private record Judge(Map<String, String> worth) {

        static Judge of(String said) {
            Map<String, String> worth = new HashMap<>();
            for (String one : said.split(", ")) {
                worth.put(one.substring(0, one.indexOf('=')), one.substring(one.indexOf('=') + 1));
            }
            return new Judge(worth);
        }

        Analysis.Candidate candidate(AnalysisRequest request, Move move) {
            String said = worth.getOrDefault(way(request.position(), move), "0.2/-300");
            if (said.startsWith("#")) {
                int moves = Integer.parseInt(said.substring(1));
                return ScriptedEngine.candidate(move, new Score.Mate(moves), moves < 0 ? 0 : 1);
            }
            String[] parts = said.split("/");
            Score score = new Score.Centipawns(Integer.parseInt(parts[1]));
            return ScriptedEngine.candidate(move, score, Double.parseDouble(parts[0]));
        }

        /** The move behind those that were played from the start, as far as the table has them. */
        private String way(Position position, Move move) {
            String san = San.write(position, move);
            return worth.keySet().stream()
                    .filter(w -> (" " + w).endsWith(" " + san) && after(w).equals(position))
                    .findFirst()
                    .orElse("");
        }

        private static Position after(String way) {
            Position p = Position.START;
            String[] sans = way.split(" ");
            for (int i = 0; i < sans.length - 1; i++) {
                Position at = p;
                String san = sans[i];
                Move next =
                        p.legalMoves().stream()
                                .filter(m -> San.write(at, m).equals(san))
                                .findFirst()
                                .orElseThrow();
                p = p.play(next);
            }
            return p;
        }
    }

    private static String found(String pgn, String said) throws Exception {
        MoveTree tree = ((PgnEntry.Game) PgnReader.readAll(pgn).get(0)).tree();
        Engine engine = ScriptedEngine.judging(Judge.of(said)::candidate);
        return new SoundnessCheck(engine, Endings.NONE, 1000, KnownExercises.NONE)
                .check(tree, p -> {}, new Cancellation()).orElseThrow().findings().stream()
                        .filter(f -> AT_MOVES.contains(f.kind()))
                        .map(f -> f.severity() + " " + f.line() + " " + f.detail())
                        .collect(Collectors.joining("; "));
    }

    private static void assertFound(String found, String expected) {
        if (expected.isEmpty()) {
            assertThat(found).isEmpty();
        } else {
            assertThat(found.split("; (?=[A-Z])")).hasSize(expected.split(" & ").length);
            assertThat(found).contains(expected.split(" & "));
        }
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    e4=0.6/100, d4=0.55/60 | ERROR 1.d4 d4 is as good as e4
                    e4=0.6/100, d4=0.53/50 | ERROR 1.d4 d4 is as good as e4
                    e4=0.6/100, d4=0.52/60 | ''
                    e4=0.6/100, d4=0.58/49 | ''
                    e4=0.6/100, d4=0.7/200 | ERROR 1.d4 d4 is as good as e4
                    e4=0.6/100, d4=0.71/200 | ERROR 1.d4 d4 is better than e4
                    e4=0.84/400, d4=0.86/430 | ERROR 1.d4 d4 is better than e4
                    e4=0.86/430, d4=0.84/400 | ''
                    e4=0.95/900, d4=0.86/430 | NOTE 1.d4 d4 keeps the result too
                    e4=#3, d4=#5 | ERROR 1.d4 d4 is as good as e4
                    e4=#3, d4=#6 | NOTE 1.d4 d4 keeps the result too
                    e4=0.95/900, d4=#6 | ERROR 1.d4 d4 is as good as e4
                    e4=0.6/100, d4=0.6/100, c4=0.6/100 | ERROR 1.d4 & ERROR 1.c4
                    e4=0.6/100, e4 e5 d4=0.2/-300, e4 e5 Nf3=0.6/100, e4 e5 Nc3=0.6/100 | ERROR 1.e4 e5 2.Nc3 Nc3 is as good as Nf3
                    e4=0.6/100, e4 e5 Nf3=0.95/900, e4 e5 Nc3=0.86/430 | ''
                    """)
    void a_second_solution(String said, String expected) throws Exception {
        String second = said.contains("e5 Nf3") ? said : said + ", e4 e5 Nf3=0.6/100";
        assertFound(found(SCHEME, second), expected);
    }

    @ParameterizedTest(name = "{0}, {1}: {2}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    win | e4=0.95/900, d4=0.86/430 | ERROR 1.d4 d4 is as good as e4
                    win | e4=0.95/900, d4=0.84/400 | ''
                    hold | e4=0.2/-300, d4=0.16/-340 | ERROR 1.d4 d4 is as good as e4
                    hold | e4=0.2/-300, d4=0.14/-340 | ''
                    mate | e4=#3, d4=0.95/900 | NOTE 1.d4 d4 keeps the result too
                    best | e4=0.6/100, d4=0.52/60 | ''
                    """)
    void a_second_solution_by_what_is_asked_for(String aim, String said, String expected)
            throws Exception {
        String others = said.startsWith("e4=0.2") ? others() : "";
        String pgn = "[ZpAim \"" + aim + "\"]\n\n" + SCHEME + "\n";
        assertFound(found(pgn, said + others + ", e4 e5 Nf3=0.6/100"), expected);
    }

    /** All other first moves lose. */
    private static String others() {
        return Position.START.legalMoves().stream()
                .map(m -> San.write(Position.START, m))
                .filter(san -> !san.equals("e4") && !san.equals("d4"))
                .map(san -> ", " + san + "=0.01/-900")
                .collect(Collectors.joining());
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    e4=0.6/100, d4=0.4/-60 | ''
                    e4=0.6/100, d4=0.39/-60 | ERROR 1.d4 it is marked as equal but is worth
                    e4=0.86/430, d4=0.76/300 | ''
                    e4=0.86/430, d4=0.75/300 | ERROR 1.d4 it is marked as equal but is worth
                    e4=0.86/430, d4=0.86/300 | ''
                    """)
    void a_move_marked_as_equal_that_is_not(String said, String expected) throws Exception {
        assertFound(found(EQUAL, said + ", e4 e5 Nf3=0.6/100"), expected);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    e4=0.6/100, d4=0.5/0 | ERROR 1.d4 it is as good as the best move
                    e4=0.6/100, d4=0.49/0 | ''
                    e4=0.86/430, d4=0.81/400 | ERROR 1.d4 it is as good as the best move
                    e4=0.86/430, d4=0.8/400 | ''
                    e4=0.6/100, d4=0.3/-100, d4 d5 c4=0.5/0 | ERROR 1.d4 d5 2.c4 the reply given does not refute it
                    e4=0.6/100, d4=0.3/-100, d4 d5 c4=0.49/0 | ''
                    """)
    void a_tempting_move_that_is_not_refuted(String said, String expected) throws Exception {
        assertFound(found(TEMPTING, said + ", e4 e5 Nf3=0.6/100"), expected);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    e5=0.3/-200, c5=0.41/-100 | ERROR 1.e4 c5 c5 is better than every defence of the scheme
                    e5=0.25/-250, c5=0.35/-150 | ERROR 1.e4 c5 c5 holds out longer than the defences of the scheme; one move answers it
                    e5=0.3/-200, c5=0.37/-100 | ERROR 1.e4 c5 c5 is as good as the defences of the scheme; one move answers it
                    e5=0.3/-200, c5=0.3/-220 | ERROR 1.e4 c5 c5 is as good as the defences of the scheme; one move answers it
                    e5=0.3/-200, c5=0.3/-221 | ''
                    e5=0.1/-600, c5=0.17/-500 | ERROR 1.e4 c5 c5 is as good as the defences of the scheme; one move answers it
                    e5=0.1/-600, c5=0.18/-500 | ERROR 1.e4 c5 c5 is better than every defence of the scheme
                    e5=0.05/-800, c5=0.065/-790 | ERROR 1.e4 c5 c5 holds out longer than
                    e5=0.05/-800, c5=0.06/-790 | ERROR 1.e4 c5 c5 is as good as
                    e5=#-3, c5=#-5 | ERROR 1.e4 c5 c5 holds out longer than
                    e5=#-3, c5=#-4 | ERROR 1.e4 c5 c5 is as good as
                    e5=#-3, c5=0.01/-990 | ERROR 1.e4 c5 c5 holds out longer than
                    e5=0.3/-200, c5=0.3/-200, d5=0.3/-200, d6=0.3/-200 | ERROR 1.e4 c5 & ERROR 1.e4 d5
                    """)
    void a_defence_that_is_missing(String said, String expected) throws Exception {
        String lost =
                said.contains("=#-3") || said.contains("e5=0.05") || said.contains("e5=0.1/")
                        ? replies()
                        : "";
        StringBuilder all = new StringBuilder("e4=0.7/200, e4 e5 Nf3=0.7/200");
        for (String one : (said + lost).split(", ")) {
            all.append(", e4 ").append(one);
            String san = one.substring(0, one.indexOf('='));
            if (said.contains(san + "=") && !san.equals("e5")) {
                all.append(", e4 ").append(san).append(" Nf3=0.7/200");
            }
        }
        assertFound(found(SCHEME, all.toString()), expected);
    }

    /** All other replies to 1. e4 are mated at once. */
    private static String replies() {
        Position p = Judge.after("e4 e5");
        return p.legalMoves().stream()
                .map(m -> San.write(p, m))
                .filter(san -> !san.equals("e5") && !san.equals("c5"))
                .map(san -> ", " + san + "=#-1")
                .collect(Collectors.joining());
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    e4 c5 Nf3=0.7/200 | ERROR 1.e4 c5 c5 is as good as the defences of the scheme; one move answers it
                    e4 c5 Nf3=0.7/200, e4 c5 d4=0.7/200 | WARNING 1.e4 c5 c5 is as good as the defences of the scheme; two moves answer it
                    e4 c5 Nf3=0.7/200, e4 c5 d4=0.5/0 | WARNING 1.e4 c5 c5 is as good as
                    e4 c5 Nf3=0.7/200, e4 c5 d4=0.49/0 | ERROR 1.e4 c5 c5 is as good as
                    e4 c5 Nf3=0.7/200, e4 c5 d4=0.7/200, e4 c5 Nc3=0.7/200 | ''
                    """)
    void a_defence_as_good_is_missed_by_how_many_moves_answer_it(String said, String expected)
            throws Exception {
        String all = "e4=0.7/200, e4 e5 Nf3=0.7/200, e4 e5=0.3/-200, e4 c5=0.3/-200, ";
        assertFound(found(SCHEME, all + said), expected);
    }

    /** The main line of it always holds. */
    private static final String HELD = "e4=0.6/100, e4 e5=0.4/-100, e4 e5 Nf3=0.6/100, ";

    @ParameterizedTest(name = "{0}, {1}: {2}")
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    # Its refutation is wanted
                    1. e4 {[%zp.pts 5]} (1. d4 {[%zp.tempting]}) 1... e5 2. Nf3 {[%zp.pts 5]} * | d4=0.3/-100 | WARNING 1.d4 its refutation is not in the scheme
                    # What stands in the scheme without a sign
                    1. e4 {[%zp.pts 5]} (1. d4 d5) 1... e5 2. Nf3 {[%zp.pts 5]} * | d4=0.6/100 | ERROR 1.d4 d4 is as good as e4: +1.00 against +1.00; the scheme has it, but not as equal
                    # Behind a tempting move the opponent may play what he likes
                    1. e4 {[%zp.pts 5]} (1. d4 {[%zp.tempting]} d5 2. c4) 1... e5 2. Nf3 {[%zp.pts 5]} * | d4=0.3/-100, d4 Nf6=0.9/600, d4 d5=0.6/100, d4 d5 c4=0.3/-100 | ''
                    # Behind an equal one not, but it is not the main line
                    1. e4 {[%zp.pts 5]} (1. d4 {[%zp.equal]} d5 2. c4 {[%zp.pts 5]}) 1... e5 2. Nf3 {[%zp.pts 5]} * | d4=0.6/100, d4 d5=0.4/-100, d4 Nf6=0.4/-100, d4 d5 c4=0.6/100, d4 Nf6 c4=0.6/100 | WARNING 1.d4 Nf6 Nf6 is as good as the defences of the scheme; one move answers it
                    1. e4 {[%zp.pts 5]} (1. d4 {[%zp.equal]} d5 2. c4 {[%zp.pts 5]}) 1... e5 2. Nf3 {[%zp.pts 5]} * | d4=0.6/100, d4 d5=0.4/-100, d4 Nf6=0.51/0, d4 d5 c4=0.6/100 | ERROR 1.d4 Nf6 Nf6 is better than every defence of the scheme
                    # A second solution counts where the move asked for earns something
                    1. e4 {[%zp.pts 5]} e5 2. Nf3 * | e4 e5 Nc3=0.6/100 | ''
                    1. e4 {[%zp.pts 5]} e5 2. Nf3 Nc6 3. Bb5 {[%zp.pts 5]} * | e4 e5 Nc3=0.6/100, e4 e5 Nf3 Nc6=0.4/-100, e4 e5 Nf3 Nc6 Bb5=0.6/100 | ERROR 1.e4 e5 2.Nc3 Nc3 is as good as Nf3
                    # Where any move that holds is asked for, or each way out
                    [ZpTask "hold"] 1. e4 {[%zp.pts 5]} e5 2. Nf3 {[%zp.pts 5]} * | d4=0.6/100, e4 e5 Nc3=0.6/100 | ''
                    [ZpTask "ways-out"] 1. e4 {[%zp.pts 5]} (1. d4 {[%zp.pts 5]} d5) 1... e5 2. Nf3 {[%zp.pts 5]} * | d4=0.6/100 | ''
                    [ZpTask "ways-out"] 1. e4 {[%zp.pts 5]} (1. d4 {[%zp.pts 5]} d5) 1... e5 2. Nf3 {[%zp.pts 5]} * | c4=0.6/100 | ERROR 1.c4 c4 is as good as e4
                    [ZpTask "elimination"] 1. e4 {[%zp.pts 5]} e5 2. Nf3 {[%zp.pts 5]} * | d4=0.6/100 | ERROR 1.d4 d4 is as good as e4
                    """)
    void what_counts_depends_on_the_scheme(String pgn, String said, String expected)
            throws Exception {
        String game = pgn.startsWith("[") ? pgn.replaceFirst("] ", "]\n\n") : pgn;
        assertFound(found(game, HELD + said), expected);
    }
}
