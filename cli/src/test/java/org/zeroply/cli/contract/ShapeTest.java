package org.zeroply.cli.contract;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ShapeTest {

    @ParameterizedTest
    @CsvSource(
            quoteCharacter = '\0',
            delimiter = '|',
            value = {
                "{\"a\": 1}                             | a: number",
                "{\"a\": {\"b\": \"x\"}}                | a.b: text",
                "{\"a\": []}                            | a[]: list",
                "{\"a\": [1, 2]}                        | a[]: number",
                "{\"a\": [{\"b\": 1}, {\"b\": null}]}   | a[]: list, a[].b: null or number",
                "{\"b\": true, \"a\": [\"x\", 1]}       | a[]: number or text, b: boolean"
            })
    void fields_are_told_with_their_types(String json, String rows) throws JsonProcessingException {
        assertThat(String.join(", ", Shape.of(new ObjectMapper().readTree(json)).rows()))
                .isEqualTo(rows);
    }
}
