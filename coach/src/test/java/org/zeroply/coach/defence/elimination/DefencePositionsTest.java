package org.zeroply.coach.defence.elimination;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.zeroply.chess.board.Move;
import org.zeroply.chess.board.Position;
import org.zeroply.chess.board.Square;
import org.zeroply.chess.notation.Epd;
import org.zeroply.chess.notation.San;
import org.zeroply.coach.SharedEngine;
import org.zeroply.coach.defence.pin.Pin;
import org.zeroply.coach.defence.pin.PinFinder;
import org.zeroply.coach.defence.whatif.WhatIf;
import org.zeroply.coach.evaluation.Grade;
import org.zeroply.coach.evaluation.Holding;
import org.zeroply.coach.evaluation.MoveComparison;
import org.zeroply.coach.evaluation.MoveEvaluator;
import org.zeroply.coach.evaluation.Weighed;
import org.zeroply.coach.fact.tactics.LineGain;
import org.zeroply.engine.analysis.Cancellation;
import org.zeroply.engine.endings.EndingTables;

/** Composed positions with what is known of them: threats, ways, costs, pins, and what holds. */
@Tag("slow")
class DefencePositionsTest {

    private static final int TIMES = 10;

    @TempDir static Path folder;
    private static MoveEvaluator evaluator;

    /** Several tests look at the same eliminations. */
    private static final Map<Position, Elimination> FOUND = new HashMap<>();

    @BeforeAll
    static void makeTables() {
        EndingTables tables = new EndingTables(folder);
        tables.generate("KPK", new Cancellation());
        evaluator =
                new MoveEvaluator(
                        new SharedEngine(16), tables, Eliminator.NODES, new Cancellation());
    }

    static Stream<Epd> positions() throws Exception {
        try (InputStream in = DefencePositionsTest.class.getResourceAsStream("positions.epd")) {
            List<String> rows =
                    new String(in.readAllBytes(), StandardCharsets.UTF_8)
                            .lines()
                            .filter(r -> !r.startsWith("#") && !r.isBlank())
                            .toList();
            assertThat(rows).hasSizeGreaterThanOrEqualTo(60);
            return rows.stream().map(DefencePositionsTest::epd);
        }
    }

    private static Epd epd(String row) {
        try {
            return Epd.parse(row);
        } catch (Exception e) {
            throw new IllegalStateException(row, e);
        }
    }

    @ParameterizedTest
    @MethodSource("positions")
    void is_told_of_the_composed_position(Epd epd) throws Exception {
        Position position = epd.position();
        Elimination found = found(position);

        assertThat(found.candidates()).hasSameSizeAs(position.legalMoves());
        ifGiven(epd, "class", c -> assertThat(found.result().word()).isEqualTo(c));
        ifGiven(
                epd,
                "threat",
                t -> assertThat(found.threat().map(x -> x.kind().word())).contains(t));
        ifGiven(
                epd,
                "cover",
                c -> assertThat(found.chances().coverCanStay()).contains(c.equals("yes")));
        for (String san : words(epd, "only")) {
            assertThat(found.onlyMove().map(Candidate::move)).contains(read(position, san));
        }
        for (String san : words(epd, "holds")) {
            assertThat(candidate(found, san).isHeld()).as(san).isTrue();
        }
        for (String san : words(epd, "fails")) {
            assertThat(candidate(found, san).isRefuted()).as(san).isTrue();
        }
        for (String san : words(epd, "price")) {
            assertThat(candidate(found, san).grade()).as(san).isEqualTo(Grade.PRICE);
            assertThat(candidate(found, san).price()).as(san).isPresent();
        }
        for (String pair : words(epd, "does")) {
            assertThat(candidate(found, left(pair)).kinds())
                    .as(pair)
                    .extracting(DefenceKind::word)
                    .contains(right(pair));
        }
        for (String pair : words(epd, "costs")) {
            assertThat(candidate(found, left(pair)).costs())
                    .as(pair)
                    .extracting(c -> c.kind().word())
                    .contains(right(pair));
        }
        pins(epd, found);
    }

    private static Elimination found(Position position) {
        return FOUND.computeIfAbsent(
                position, p -> new Eliminator(evaluator).run(p, e -> {}).orElseThrow());
    }

    private void pins(Epd epd, Elimination found) throws Exception {
        if (epd.operation("pin").isEmpty()) {
            return;
        }
        List<Pin> pins = PinFinder.of(evaluator, found);
        for (String pair : words(epd, "pin")) {
            assertThat(pins)
                    .as(pair)
                    .extracting(p -> Square.name(p.pinned()) + "=" + p.kind().word())
                    .contains(pair);
        }
        for (String way : words(epd, "ways")) {
            String[] parts = way.split("=");
            Move move = read(found.position(), parts[0]);
            Optional<Pin.WayOut> out =
                    pins.stream()
                            .flatMap(p -> p.waysOut().stream())
                            .filter(w -> w.move().equals(move) && w.way().word().equals(parts[1]))
                            .findFirst();
            assertThat(out.flatMap(Pin.WayOut::works))
                    .as(way)
                    .contains(Boolean.parseBoolean(parts[2]));
        }
    }

    /** What the program says holds, and what it says fails, stands on ten times the nodes. */
    @ParameterizedTest
    @MethodSource("positions")
    void stands_when_looked_at_ten_times_as_long(Epd epd) throws Exception {
        Position position = epd.position();
        MoveEvaluator longer = evaluator.withNodes(TIMES * evaluator.nodes());
        Holding wanted = WhatIf.wanted(holding(epd));
        MoveComparison comparison =
                new MoveComparison(position, longer.choice(position, 1).orElseThrow().best());
        for (String key : List.of("only", "holds")) {
            for (String san : words(epd, key)) {
                Weighed move = longer.weigh(position, read(position, san));
                assertThat(WhatIf.state(comparison, move, wanted))
                        .as(san)
                        .isEqualTo(WhatIf.State.WORKS);
            }
        }
        for (String san : words(epd, "fails")) {
            Weighed move = longer.weigh(position, read(position, san));
            assertThat(WhatIf.state(comparison, move, wanted))
                    .as(san)
                    .isEqualTo(WhatIf.State.FAILS);
        }
    }

    /** Positions without a class are asked only for ways; then holding is the least there is. */
    private static Holding holding(Epd epd) {
        return epd.operation("class").equals("win") ? Holding.WIN : Holding.DRAW;
    }

    /** Each refutation can be played through and brings what its motif says. */
    @ParameterizedTest
    @MethodSource("positions")
    void shows_what_refutes_a_move(Epd epd) {
        Position position = epd.position();
        Elimination found = found(position);
        for (Candidate candidate : found.refuted()) {
            Position after = position.play(candidate.move());
            Position end = after;
            for (Move move : candidate.reply()) {
                end = end.play(move);
            }
            String move = San.write(position, candidate.move());
            assertThat(candidate.motif()).as(move).isNotEmpty();
            switch (candidate.motif()) {
                case "mate", "back-rank" -> assertThat(end.isCheckmate()).as(move).isTrue();
                case "material", "hanging-piece", "fork" ->
                        assertThat(LineGain.hundredths(after, candidate.reply()))
                                .as(move)
                                .isPositive();
                default -> assertThat(candidate.result()).as(move).isNotEqualTo(Holding.WIN);
            }
        }
    }

    // ---- Reading --------------------------------------------------------------------------------

    private interface Check {
        void on(String value);
    }

    private static void ifGiven(Epd epd, String opcode, Check check) {
        if (!epd.operation(opcode).isEmpty()) {
            check.on(epd.operation(opcode));
        }
    }

    private static List<String> words(Epd epd, String opcode) {
        return Arrays.stream(epd.operation(opcode).split("\\s+"))
                .filter(w -> !w.isEmpty())
                .toList();
    }

    private static String left(String pair) {
        return pair.substring(0, pair.lastIndexOf('='));
    }

    private static String right(String pair) {
        return pair.substring(pair.lastIndexOf('=') + 1);
    }

    private static Candidate candidate(Elimination found, String san) throws Exception {
        return found.of(read(found.position(), san)).orElseThrow();
    }

    private static Move read(Position position, String san) throws Exception {
        return San.read(position, san);
    }
}
