package org.zeroply.library.transfer;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.StringLength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.zeroply.coach.repertoire.tournament.Pairing;
import org.zeroply.library.LibraryException;

/** Tables as they are met, with what each says, read by hand. */
class PairingTableTest {

    private static String said(Pairing p) {
        return p.round()
                + (p.board() == 0 ? "" : "." + p.board())
                + " "
                + p.words()
                + " "
                + p.result()
                + (p.date().isEmpty() ? "" : " " + p.date());
    }

    private static String said(String text) {
        PairingTable.Read read = PairingTable.read(text, 1, "");
        assertThat(read.unread()).isEmpty();
        return read.pairings().stream()
                .map(PairingTableTest::said)
                .collect(Collectors.joining("\n"));
    }

    private static Stream<Arguments> tables() {
        String two = "2.1 Ann Ek (2105) – Bo Lind (1990) 1-0\n2.2 Cy Moe – Di Oy *";
        return Stream.of(
                arguments(
                        "a head and tabs",
                        "Round\tBoard\tWhite\tElo\tBlack\tElo\tResult\n"
                                + "2\t1\tAnn Ek\t2105\tBo Lind\t1990\t1-0\n"
                                + "2\t2\tCy Moe\t\tDi Oy\t\t",
                        two),
                arguments(
                        "semicolons, the columns in another order, others between",
                        "Bd;Black;Rating;Pts;Res.;White;Rd\n"
                                + "1;Bo Lind;1990;1,5;1 - 0;Ann Ek (2105);2\n"
                                + "2;Di Oy;;1;;Cy Moe;2",
                        two),
                arguments(
                        "commas, with names in quotes",
                        "round,board,white,white elo,black,black elo,result\r\n"
                                + "2,1,Ann Ek,2105,Bo Lind,1990,1-0\r\n"
                                + "2,2,\"Cy Moe\",,\"Di Oy\",,*\r\n",
                        two),
                arguments(
                        "bars",
                        "| Board | White | Result | Black |\n|---|---|---|---|\n"
                                + "| 1 | Ann Ek | ½-½ | Bo Lind |",
                        "1.1 Ann Ek – Bo Lind 1/2-1/2"),
                arguments(
                        "a heading and no head, the result between the players, wide gaps",
                        "Round 2 (4.12.2026)\n"
                                + "1   GM   Ann Ek    2105   1-0     Bo Lind   1990\n"
                                + "2        Cy Moe    0 - 1          Di Oy",
                        "2.1 Ann Ek (2105) – Bo Lind (1990) 1-0 2026.12.04\n"
                                + "2.2 Cy Moe – Di Oy 0-1 2026.12.04"),
                arguments(
                        "typed lines under headings",
                        "Round 1\n1. Ann Ek - Bo Lind 1-0\n2. Cy Moe v Di Oy ½\n\n"
                                + "2nd round, 2026-12-05\n1. Di Oy (1800) vs. Ann Ek (2105)\nBo Lind – bye",
                        "1.1 Ann Ek – Bo Lind 1-0\n1.2 Cy Moe – Di Oy 1/2-1/2\n"
                                + "2.1 Di Oy (1800) – Ann Ek (2105) * 2026.12.05\n"
                                + "2 Bo Lind: no opponent * 2026.12.05"),
                arguments(
                        "one player's games, a line a round",
                        "1. Ann Ek – Bo Lind 0:1\n2. Cy Moe – Ann Ek 1/2-1/2\n3.7 Ann Ek – Di Oy",
                        "1 Ann Ek – Bo Lind 0-1\n2 Cy Moe – Ann Ek 1/2-1/2\n3.7 Ann Ek – Di Oy *"),
                arguments(
                        "surnames first",
                        "1. Ek, Ann – Lind, Bo 1-0\n2. Moe, Cy – Ek, Ann 0-1",
                        "1 Ek, Ann – Lind, Bo 1-0\n2 Moe, Cy – Ek, Ann 0-1"),
                arguments(
                        "a hyphen in a name, a forfeit, a bye for who stands second",
                        "Rd 4\nAnn-Lou Ek – Bo Lind + - -\nbye – Cy Moe 0-1",
                        "4 Ann-Lou Ek – Bo Lind 1-0\n4 Cy Moe: no opponent 1-0"),
                arguments(
                        "the round on the line itself",
                        "Round 1: Ann Ek – Bo Lind 1-0\nRound 2: Cy Moe – Ann Ek",
                        "1 Ann Ek – Bo Lind 1-0\n2 Cy Moe – Ann Ek *"),
                arguments(
                        "a chart with a column a round",
                        "No;Name;Elo;1;2;3\n1;Ann Ek;2105;2w1;3b=;\n"
                                + "2;Bo Lind;1990;1b0;bye 1;w3 1\n3;Cy Moe;;-;1w½;2b0",
                        "1 Ann Ek (2105) – Bo Lind (1990) 1-0\n"
                                + "2 Cy Moe – Ann Ek (2105) 1/2-1/2\n"
                                + "2 Bo Lind (1990): no opponent 1-0\n"
                                + "3 Bo Lind (1990) – Cy Moe 1-0"),
                arguments(
                        "a chart with the result first, numbered by its rows",
                        "Player\tR1\tR2\nAnn Ek\t+2w\t=3b\nBo Lind\t-1b\t\nCy Moe\t\t=1w",
                        "1 Ann Ek – Bo Lind 1-0\n2 Cy Moe – Ann Ek 1/2-1/2"),
                arguments(
                        "games",
                        "[Event \"Cup\"]\n[Date \"2026.12.04\"]\n[Round \"3.1\"]\n[White \"Ann Ek\"]\n"
                                + "[Black \"Bo Lind\"]\n[BlackElo \"1990\"]\n[Result \"0-1\"]\n\n1. e4 e5 0-1\n",
                        "3.1 Ann Ek – Bo Lind (1990) 0-1 2026.12.04"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("tables")
    void a_table_is_read(String name, String text, String expected) {
        assertThat(said(text)).isEqualTo(expected);
    }

    @Test
    void a_table_of_one_player_tells_opponents_and_colours() {
        String text =
                "Round,Opponent,Colour,Rating,Result\n1,Bo Lind,w,1990,1\n2,Cy Moe,Black,,0.5\n"
                        + "3,Di Oy,b,1800,win\n4,bye,,,1\n5,Bo Lind,b,,0-1\n6,Cy Moe,?,,";
        PairingTable.Read read = PairingTable.read(text, 1, "Ann Ek");
        assertThat(read.pairings().stream().map(PairingTableTest::said))
                .containsExactly(
                        "1 Ann Ek – Bo Lind (1990) 1-0",
                        "2 Cy Moe – Ann Ek 1/2-1/2",
                        "3 Di Oy (1800) – Ann Ek 0-1",
                        "4 Ann Ek: no opponent 1-0",
                        "5 Bo Lind – Ann Ek 0-1");
        assertThat(read.unread())
                .singleElement()
                .satisfies(u -> assertThat(u.reason()).contains("colour"));
        assertThat(PairingTable.read(text, 1, "").unread()).hasSize(6);
    }

    /** What is wrong with a line, and a word of what is said about it. */
    private static Stream<Arguments> faults() {
        return Stream.of(
                arguments("Ann Ek met Bo Lind", "two players"),
                arguments("Ann Ek – Bo Lind – Cy Moe", "more than two"),
                arguments("– Bo Lind", "two players"),
                arguments("* – 18", "no player"),
                arguments("Ann Ek;Bo Lind;Cy Moe;1-0", "3 names"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("faults")
    void what_cannot_be_read_is_told_with_its_line_and_the_rest_is_kept(String line, String why) {
        PairingTable.Read read =
                PairingTable.read("Cup\nRound 1\nDi Oy – Ed Pym 1-0\n" + line, 1, "");
        assertThat(read.title()).isEqualTo("Cup");
        assertThat(read.pairings()).hasSize(1);
        assertThat(read.unread())
                .singleElement()
                .satisfies(
                        u -> {
                            assertThat(u.line()).isEqualTo(4);
                            assertThat(u.text()).isEqualTo(line);
                            assertThat(u.reason()).contains(why);
                        });
    }

    @Test
    void a_result_that_is_none_and_a_number_nobody_has_are_told() {
        assertThat(
                        PairingTable.read("Round;White;Black;Result\n1;Ann Ek;Bo Lind;3-1", 1, "")
                                .unread())
                .singleElement()
                .satisfies(u -> assertThat(u.reason()).contains("3-1"));
        assertThat(PairingTable.read("Name;1;2\nAnn Ek;2w1;9b0\nBo Lind;1b1;D1", 1, "").unread())
                .extracting(PairingTable.Unread::reason)
                .satisfiesExactly(
                        r -> assertThat(r).contains("round 2", "number 9"),
                        r -> assertThat(r).contains("round 2", "d1"),
                        r -> assertThat(r).contains("Ann Ek", "stays"));
    }

    @Test
    void a_file_that_is_no_table_is_refused(@TempDir Path folder) throws IOException {
        Path large = Files.writeString(folder.resolve("g.pgn"), "1. e4 e5 *\n".repeat(100_000));
        assertThatThrownBy(() -> PairingTable.text(large))
                .isInstanceOf(LibraryException.class)
                .hasMessageContaining("too large");
        assertThatThrownBy(() -> PairingTable.text(folder.resolve("none.txt")))
                .isInstanceOf(LibraryException.class)
                .hasMessageContaining("none.txt");
        Path latin = folder.resolve("latin.txt");
        Files.write(latin, "Bäck – Å 1-0".replace("–", "-").getBytes(StandardCharsets.ISO_8859_1));
        assertThat(PairingTable.read(PairingTable.text(latin), 1, "").pairings())
                .singleElement()
                .satisfies(p -> assertThat(p.white().name()).isEqualTo("Bäck"));
    }

    /** Every line that is not blank is read, or told, or the title; nothing is lost or made up. */
    @Property(tries = 300)
    void no_line_is_lost(@ForAll List<@StringLength(max = 30) String> lines) {
        String text = String.join("\n", lines);
        PairingTable.Read read = PairingTable.read(text, 1, "");
        for (PairingTable.Unread unread : read.unread()) {
            assertThat(unread.reason()).isNotBlank();
            assertThat(unread.line()).isBetween(0, text.split("\\R", -1).length);
        }
        List<String> names = new ArrayList<>();
        read.pairings().forEach(p -> names.add(p.white().name()));
        assertThat(names).doesNotContain("");
    }
}
