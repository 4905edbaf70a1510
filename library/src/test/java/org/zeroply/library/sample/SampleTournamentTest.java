package org.zeroply.library.sample;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.zeroply.chess.board.Side;
import org.zeroply.coach.repertoire.tournament.Pairing;
import org.zeroply.coach.repertoire.tournament.Tournament;
import org.zeroply.library.StoreTest;
import org.zeroply.library.tournament.RoundBrief;
import org.zeroply.library.tournament.RoundBriefs;
import org.zeroply.library.tournament.RoundGames;

class SampleTournamentTest extends StoreTest {

    private static final LocalDate TODAY = LocalDate.of(2027, 5, 14);

    private Tournament unpacked() throws IOException {
        SampleTournament.unpack(library, TODAY.toEpochDay());
        return library.tournaments().load(library.tournaments().all().get(0).id());
    }

    @Test
    void the_next_round_is_tomorrow_and_those_before_it_are_over() throws IOException {
        Tournament week = unpacked();
        assertThat(week.rounds()).containsExactly(1, 2, 3, 4, 5);
        Pairing next = week.of("Ilse Marram", 5).orElseThrow();
        assertThat(next.date())
                .isEqualTo(TODAY.plusDays(1).format(DateTimeFormatter.ofPattern("yyyy.MM.dd")));
        assertThat(week.pairings())
                .allSatisfy(p -> assertThat(p.isOver()).isEqualTo(p.round() < 5))
                .allSatisfy(p -> assertThat(p.white().rating()).isPositive());
        for (String player : week.players()) {
            assertThat(week.of(player)).as(player).hasSize(5);
        }
    }

    @Test
    void the_games_of_a_student_are_found_by_their_rounds_and_end_as_the_table_says()
            throws IOException {
        Tournament week = unpacked();
        RoundGames games = new RoundGames(library.sheets());
        for (int round = 1; round < 5; round++) {
            Pairing pairing = week.of("Ilse Marram", round).orElseThrow();
            long id = games.of(week, pairing).orElseThrow();
            assertThat(library.sheets().load(id).result()).isEqualTo(pairing.result());
        }
        assertThat(games.of(week, week.of("Ilse Marram", 5).orElseThrow())).isEmpty();
    }

    @Test
    void the_next_opponent_has_games_to_prepare_against() throws IOException {
        Tournament week = unpacked();
        RoundBrief brief =
                new RoundBriefs(
                                library,
                                Optional.empty(),
                                TODAY.toEpochDay(),
                                RoundBriefs.Figures.NONE)
                        .of(
                                week,
                                week.of("Ilse Marram", 5).orElseThrow(),
                                Side.WHITE,
                                Optional.empty());
        assertThat(brief.opponent().games()).hasSizeGreaterThan(4);
        assertThat(brief.openings()).hasSizeGreaterThan(2);
        List<RoundBrief.GameOf> games = brief.opponent().games();
        assertThat(games.get(0).date()).isGreaterThan(games.get(games.size() - 1).date());
    }
}
