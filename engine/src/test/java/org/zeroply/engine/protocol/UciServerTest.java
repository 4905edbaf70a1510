package org.zeroply.engine.protocol;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.PipedReader;
import java.io.PipedWriter;
import java.io.PrintWriter;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.zeroply.engine.search.BuiltInEngine;

class UciServerTest {

    /** What is answered to these lines, the search of each {@code go} awaited by its limit. */
    private static List<String> talk(String... lines) throws IOException {
        StringWriter out = new StringWriter();
        new UciServer(
                        BuiltInEngine::new,
                        new StringReader(String.join("\n", lines)),
                        new PrintWriter(out))
                .serve();
        return out.toString().lines().toList();
    }

    @Test
    void it_introduces_itself_with_its_options() throws IOException {
        List<String> answer = talk("uci", "isready");
        assertThat(answer).contains("uciok").last().isEqualTo("readyok");
        for (String option : List.of("Hash", "Threads", "MultiPV", "Ponder")) {
            assertThat(answer).anyMatch(l -> l.startsWith("option name " + option + " type"));
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "go depth 4",
                "go nodes 2000",
                "go movetime 30",
                "go wtime 900 btime 900 winc 10 binc 10 movestogo 20",
                "go mate 2",
                "go infinite",
                "go ponder wtime 1000 btime 1000",
                "go depth",
                "go depth -3 nonsense",
            })
    void every_search_ends_with_one_legal_move(String go) throws IOException {
        List<String> answer = talk("position startpos moves e2e4 e7e5", go, "stop", "quit");
        assertThat(answer).filteredOn(l -> l.startsWith("bestmove ")).hasSize(1);
        assertThat(answer).last().asString().matches("bestmove [a-h][1-8][a-h][1-8].*");
    }

    @Test
    void lines_carry_what_a_client_shows() throws IOException {
        List<String> answer = talk("position startpos", "go depth 1");
        String number = " -?\\d+";
        assertThat(answer)
                .anyMatch(
                        l ->
                                l.matches(
                                        "info depth 1 seldepth"
                                                + number
                                                + " multipv 1 score cp"
                                                + number
                                                + " nodes"
                                                + number
                                                + " nps"
                                                + number
                                                + " hashfull"
                                                + number
                                                + " time"
                                                + number
                                                + " pv .+"));
    }

    @Test
    void only_the_moves_asked_for_are_searched() throws IOException {
        assertThat(talk("position startpos", "go depth 3 searchmoves a2a3 h2h3", "stop"))
                .last()
                .asString()
                .matches("bestmove (a2a3|h2h3).*");
    }

    @Test
    void a_mated_side_has_the_null_move_and_bad_positions_change_nothing() throws IOException {
        assertThat(talk("position fen 6Qk/5K2/8/8/8/8/8/8 b - - 0 1", "go depth 3", "stop"))
                .last()
                .isEqualTo("bestmove 0000");
        assertThat(talk("position fen what/ever", "position startpos moves e2e5", "go depth 1"))
                .filteredOn(l -> l.contains("position not taken over"))
                .hasSize(2);
    }

    /** While pondering even a finished search keeps its answer until the move was played. */
    @Test
    void pondering_answers_only_after_the_hit() throws Exception {
        PipedWriter to = new PipedWriter();
        PipedReader in = new PipedReader(to);
        PipedWriter back = new PipedWriter();
        BufferedReader from = new BufferedReader(new PipedReader(back));
        UciServer server = new UciServer(BuiltInEngine::new, in, new PrintWriter(back, true));
        Thread serving =
                new Thread(
                        () -> {
                            try {
                                server.serve();
                            } catch (IOException e) {
                                throw new UncheckedIOException(e);
                            }
                        });
        serving.start();
        to.write("position startpos\ngo ponder depth 2 wtime 100 btime 100\nisready\n");
        String line = from.readLine();
        while (!line.equals("readyok")) {
            assertThat(line).doesNotStartWith("bestmove");
            line = from.readLine();
        }
        to.write("ponderhit\n");
        while (!line.startsWith("bestmove")) {
            line = from.readLine();
        }
        to.write("quit\n");
        to.close();
        serving.join();
    }
}
