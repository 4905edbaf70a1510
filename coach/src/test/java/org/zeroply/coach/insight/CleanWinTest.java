package org.zeroply.coach.insight;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.coach.evaluation.Choice;
import org.zeroply.coach.evaluation.Sureness;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.Fact;
import org.zeroply.engine.analysis.ExpectedScore;
import org.zeroply.engine.analysis.Score;

/** What is said of several wins, by what they are worth; no engine has to find them. */
class CleanWinTest {

    /** A queen that can be taken with check, or left where it checks from everywhere. */
    private static final String QUEENS = "6k1/8/8/3q4/8/8/8/R2Q2K1 w - - 0 1";

    /** A rook that can be taken at once. */
    private static final String ROOK = "6k1/1r3ppp/8/8/8/5B2/5PPP/3QR1K1 w - - 0 1";

    /** Moves in coordinates with what they are worth: {@code d1d5 g8h8=0.99} or {@code =#3}. */
    private static Choice choice(String fen, String... moves) {
        Position position = Position.fromFen(fen);
        List<Weighed> all = new ArrayList<>();
        for (String text : moves) {
            String[] halves = text.split("=");
            List<Move> line = new ArrayList<>();
            Position now = position;
            for (String word : halves[0].split(" ")) {
                Move move =
                        now.legalMoves().stream()
                                .filter(m -> m.toString().equals(word))
                                .findFirst()
                                .orElseThrow();
                line.add(move);
                now = now.play(move);
            }
            all.add(weighed(line, halves[1]));
        }
        return new Choice(position, all, 30, List.of(), Sureness.SETTLED);
    }

    private static Weighed weighed(List<Move> line, String worth) {
        boolean exact = worth.endsWith("!");
        boolean mate = worth.startsWith("#");
        Score score =
                mate
                        ? new Score.Mate(Integer.parseInt(worth.substring(1)))
                        : new Score.Centipawns(500);
        ExpectedScore expected =
                mate
                        ? ExpectedScore.WIN
                        : new ExpectedScore(Double.parseDouble(worth.replace("!", "")));
        return new Weighed(line.get(0), score, expected, 12, line, exact);
    }

    private static String text(Choice choice) {
        return CleanWin.of(choice).map(Fact::text).orElse("");
    }

    @Test
    void of_equal_wins_the_one_that_leaves_fewer_forcing_replies_is_the_cleanest() {
        Choice choice = choice(QUEENS, "d1c1=0.98", "d1d5 g8h8=0.98");
        assertThat(text(choice))
                .startsWith("cleanest win Qxd5+ (it leaves no forcing replies, the others ")
                .endsWith("Qc1 wins too");
        assertThat(CleanWin.of(choice).orElseThrow().traits()).contains("least counterplay");
    }

    @Test
    void a_win_of_the_same_worth_in_both_ways_has_no_cleanest() {
        assertThat(text(choice(QUEENS, "d1c1=0.98", "d1b1=0.98"))).isEmpty();
    }

    @Test
    void a_mate_leaves_for_later_what_hangs() {
        Optional<Fact> fact = CleanWin.of(choice(ROOK, "d1d5 g7g6=#3", "f3b7 g8f8=0.99"));
        assertThat(fact).isPresent();
        assertThat(fact.get().text())
                .startsWith("cleanest win Qd5 (mate in 3; ")
                .contains("the rook b7 keeps hanging");
        assertThat(fact.get().traits()).contains("mates", "keeps it hanging");
    }

    @Test
    void what_a_reply_saves_does_not_keep_hanging() {
        assertThat(text(choice(ROOK, "d1d5 b7b8=#3", "f3b7 g8f8=0.99")))
                .doesNotContain("keeps hanging");
    }

    @Test
    void more_material_is_cleaner_than_less() {
        String wins = text(choice(ROOK, "f3b7 g8f8=0.97", "h2h3 b7b8=0.97"));
        assertThat(wins).startsWith("cleanest win Bxb7 (wins a rook").endsWith("h3 wins too");
    }

    @Test
    void where_material_is_the_same_the_wider_margin_counts() {
        assertThat(text(choice(ROOK, "h2h3 b7b8=0.97", "g2g3 b7b8=0.90")))
                .startsWith("cleanest win h3 (the widest margin");
    }

    @ParameterizedTest(name = "{0} {1}: {2}")
    @CsvSource({
        "d1d5 g7g6=#3, f3b7 g8f8=#3, as quick a mate",
        "d1d8=#1, f3b7 g8f8=0.99, mate in one",
        "h2h3 b7b8=0.97!, g2g3 b7b8=0.90!, known by the tables",
        "h2h3 b7b8=0.97, g2g3 b7b8=0.60, one win alone",
        "h2h3 b7b8=0.60, g2g3 b7b8=0.60, no win at all",
    })
    void nothing_is_said_of(String first, String second, String why) {
        assertThat(text(choice(ROOK, first, second))).as(why).isEmpty();
    }
}
