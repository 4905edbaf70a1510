package org.zeroply.engine.eval;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Symmetry;

/**
 * What each named term prefers: of two positions that differ in one thing the first is better for
 * White in that term, in both colours.
 */
class TermsTest {

    private static int balance(String term, Position position) {
        return new Evaluator()
                .explain(position).terms().stream()
                        .filter(e -> e.name().equals(term))
                        .mapToInt(e -> e.white() - e.black())
                        .findFirst()
                        .orElseThrow();
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "Material, a rook for a bishop,"
                + " 4k3/8/8/8/8/8/4P3/R3K3 w - - 0 1, 4k3/8/8/8/8/8/4P3/B3K3 w - - 0 1",
        "Bishop pair, two bishops and not bishop and knight,"
                + " 4k3/8/8/8/8/8/4P3/2B1KB2 w - - 0 1, 4k3/8/8/8/8/8/4P3/2B1KN2 w - - 0 1",
        "Placement of the men, a knight in the middle and not in the corner,"
                + " 4k3/8/8/8/4N3/8/4P3/4K3 w - - 0 1, 4k3/8/8/8/8/8/4P3/N3K3 w - - 0 1",
        "Activity of the pieces, a bishop with a view and not behind its pawns,"
                + " 4k3/8/8/8/8/1P1P4/P1P1P3/B3K3 w - - 0 1,"
                + " 4k3/8/8/8/8/3P4/PPP1P3/B3K3 w - - 0 1",
        "Pawn structure, pawns side by side and not doubled,"
                + " 4k3/ppp5/8/8/8/8/PPP5/4K3 w - - 0 1, 4k3/ppp5/8/8/8/2P5/P1P5/4K3 w - - 0 1",
        "Pawn structure, a pawn with a neighbour and not alone,"
                + " 4k3/pp6/8/8/8/8/PP6/4K3 w - - 0 1, 4k3/pp6/8/8/8/8/P2P4/4K3 w - - 0 1",
        "Passed pawns, a free pawn and not a stopped one,"
                + " 4k3/8/8/3P4/8/8/8/4K3 w - - 0 1, 4k3/3p4/8/3P4/8/8/8/4K3 w - - 0 1",
        "Passed pawns, further up,"
                + " 4k3/8/3P4/8/8/8/8/4K3 w - - 0 1, 4k3/8/8/8/8/3P4/8/4K3 w - - 0 1",
        "Outposts and weak squares, a knight no pawn can drive away and not one that a pawn can,"
                + " r3k3/p6p/8/3N4/4P3/8/P6P/R3K3 w - - 0 1,"
                + " r3k3/p1p4p/8/3N4/4P3/8/P6P/R3K3 w - - 0 1",
        "Good and bad bishops, pawns on the other colour,"
                + " 4k3/pp6/8/3p4/3P4/4P3/PP6/2B1K3 w - - 0 1,"
                + " 4k3/pp6/8/3p4/3P4/4P3/PP6/4KB2 w - - 0 1",
        "Rooks on files and the seventh, an open file and not one with a pawn,"
                + " 4k3/ppp2ppp/8/8/8/8/PPP2PPP/3RK3 w - - 0 1,"
                + " 4k3/ppp2ppp/8/8/8/8/PPP2PPP/R3K3 w - - 0 1",
        "Rooks on files and the seventh, the seventh rank,"
                + " 6k1/pR3ppp/8/8/8/8/P4PPP/6K1 w - - 0 1,"
                + " 6k1/p4ppp/8/8/1R6/8/P4PPP/6K1 w - - 0 1",
        "Safety of the king, behind its pawns and not in the open,"
                + " q3r1k1/5ppp/8/8/8/8/5PPP/Q3R1K1 w - - 0 1,"
                + " q3r1k1/5ppp/8/8/5P2/6PP/8/Q3R1K1 w - - 0 1",
        "Threats, a pawn that attacks a knight,"
                + " 4k3/p7/8/3n4/4P3/8/P7/4K3 w - - 0 1, 4k3/p7/8/3n4/8/4P3/P7/4K3 w - - 0 1",
        "Space, pawns forward with the men behind them,"
                + " rnbqkbnr/pppp1ppp/4p3/8/3PP3/8/PPP2PPP/RNBQKBNR w KQkq - 0 1,"
                + " rnbqkbnr/pppp1ppp/4p3/8/8/3PP3/PPP2PPP/RNBQKBNR w KQkq - 0 1",
        "Driving the bare king, into the corner and not in the middle,"
                + " k7/8/2K5/8/8/8/8/7R w - - 0 1, 8/8/2K5/8/4k3/8/8/7R w - - 0 1",
        "The move, to have it,"
                + " 4k3/pppppppp/8/8/8/8/PPPPPPPP/4K3 w - - 0 1,"
                + " 4k3/pppppppp/8/8/8/8/PPPPPPPP/4K3 b - - 0 1",
    })
    void of_two_positions_the_first_is_better(
            String term, String why, String better, String worse) {
        Position first = Position.fromFen(better);
        Position second = Position.fromFen(worse);
        assertThat(balance(term, first)).as(why).isGreaterThan(balance(term, second));
        Position flipped = Symmetry.FLIPPED.of(first).orElseThrow();
        assertThat(balance(term, flipped))
                .as("the same with colours exchanged")
                .isEqualTo(-balance(term, first));
    }

    @Test
    void the_start_is_level_but_for_the_move() {
        EvaluationBreakdown start = new Evaluator().explain(Position.START);
        assertThat(start.terms())
                .filteredOn(e -> !e.name().equals("The move"))
                .allMatch(e -> e.white() == e.black());
        assertThat(start.total()).isEqualTo(balance("The move", Position.START)).isPositive();
    }

    @ParameterizedTest
    @CsvSource({
        // Bishops of opposite colours, a lone minor piece, and rook pawns with the wrong bishop.
        "4k3/p7/2b5/8/8/2B5/PP6/4K3 w - - 0 1",
        "4k3/8/8/8/8/8/8/2N1K3 w - - 0 1",
        "k7/8/8/8/P7/8/4B3/4K3 w - - 0 1",
    })
    void what_can_hardly_be_won_is_worth_less_than_its_terms(String fen) {
        assertThat(balance("Drawish material", Position.fromFen(fen))).isNegative();
    }
}
