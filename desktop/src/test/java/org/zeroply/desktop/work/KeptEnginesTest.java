package org.zeroply.desktop.work;

import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.zeroply.coach.KeptSearches;

class KeptEnginesTest {

    private static final int EVERY = 60;

    static Stream<Map.Entry<String, String>> some() {
        return KeptSearches.some(KeptEngines.NAME, EVERY);
    }

    @ParameterizedTest
    @MethodSource("some")
    void the_engine_still_answers_so(Map.Entry<String, String> kept) {
        KeptSearches.assertStillAnsweredSo(kept);
    }
}
