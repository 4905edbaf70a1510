package org.zeroply.chess.tree;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class VerdictTest {

    @ParameterizedTest
    @EnumSource(Verdict.class)
    void symbol_and_glyph_number_lead_back(Verdict verdict) {
        assertThat(Verdict.ofNag(verdict.nag())).contains(verdict);
        assertThat(Verdict.ofSymbol(verdict.symbol())).contains(verdict);
    }

    @ParameterizedTest
    @CsvSource({
        "WHITE_WINS, 2",
        "WHITE_BETTER, 1",
        "WHITE_SLIGHTLY, 1",
        "EQUAL, 0",
        "UNCLEAR, 0",
        "COMPENSATION, 0",
        "BLACK_SLIGHTLY, -1",
        "BLACK_BETTER, -1",
        "BLACK_WINS, -2"
    })
    void who_is_favoured(Verdict verdict, int tendency) {
        assertThat(verdict.tendency()).isEqualTo(tendency);
    }

    /** Glyph numbers as the PGN standard lists them. */
    @ParameterizedTest
    @CsvSource({
        "11, EQUAL",
        "12, EQUAL",
        "20, WHITE_WINS",
        "21, BLACK_WINS",
        "45, COMPENSATION",
        "47, COMPENSATION"
    })
    void several_numbers_mean_one_verdict(int nag, Verdict verdict) {
        assertThat(Verdict.ofNag(nag)).contains(verdict);
    }

    @ParameterizedTest
    @CsvSource({
        "±, WHITE_BETTER",
        "⩲, WHITE_SLIGHTLY",
        "⩱, BLACK_SLIGHTLY",
        "==, EQUAL",
        "+−, WHITE_WINS"
    })
    void printed_forms_are_understood(String symbol, Verdict verdict) {
        assertThat(Verdict.ofSymbol(symbol)).contains(verdict);
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 6, 9, 22, 43, 48, 140})
    void other_numbers_mean_none(int nag) {
        assertThat(Verdict.ofNag(nag)).isEmpty();
    }
}
