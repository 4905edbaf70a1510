package org.zeroply.chess.notation;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** Reading may stop between any two games and go on there, as if it had not stopped. */
class PgnPlaceTest {

    @Provide
    Arbitrary<String> files() {
        return Arbitraries.of(
                        "[Event \"Müller\"]\n",
                        "[Event \"a\"]\r\n[Result \"1-0\"]\r\n",
                        "\n",
                        "1. e4 e5 2. Nf3 1-0\n",
                        "1. e4 e9 *\r\n",
                        "{before } 1. d4\n",
                        "{open\n",
                        "; a row\n",
                        "} (\n",
                        "% skipped\n",
                        "*\n",
                        "\uFEFF",
                        "0-1",
                        " d5")
                .list()
                .ofMaxSize(30)
                .map(l -> String.join("", l));
    }

    private static String shown(PgnEntry entry) {
        return entry instanceof PgnEntry.Game game
                ? game.game() + " at " + game.line() + "\n" + PgnWriter.write(game.tree())
                : entry.toString();
    }

    @Property(tries = 1000)
    void another_reader_goes_on_at_any_place(@ForAll("files") String text) throws IOException {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        List<String> all = new ArrayList<>();
        List<PgnReader.Place> places = new ArrayList<>(List.of(PgnReader.Place.START));
        try (PgnReader reader = new PgnReader(new ByteArrayInputStream(bytes), "file")) {
            for (var e = reader.next(); e.isPresent(); e = reader.next()) {
                all.add(shown(e.get()));
                places.add(reader.place());
            }
        }
        for (int i = 0; i < places.size(); i++) {
            int from = (int) places.get(i).bytes();
            byte[] rest = Arrays.copyOfRange(bytes, from, bytes.length);
            List<String> others = new ArrayList<>();
            try (PgnReader reader =
                    new PgnReader(new ByteArrayInputStream(rest), "file", places.get(i))) {
                for (var e = reader.next(); e.isPresent(); e = reader.next()) {
                    others.add(shown(e.get()));
                }
            }
            assertThat(others).isEqualTo(all.subList(i, all.size()));
        }
    }
}
