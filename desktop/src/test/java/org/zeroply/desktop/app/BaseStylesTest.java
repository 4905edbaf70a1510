package org.zeroply.desktop.app;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BaseStylesTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                ".button {-fx-padding: 1;} | .button {-fx-padding: 1;}",
                ".slider {-fx-padding: 1;} | ''",
                ".slider, .button {a: 1;} | .button {a: 1;}",
                ".slider > .button:hover, .tree-view .label {a: 1;} | ''",
                ".card-text {a: 1;} | .card-text {a: 1;}",
                ".default-color3.chart-bar {a: 1;} | ''",
                "/* .button {b: 2;} */ .label {a: 1;} | .label {a: 1;}",
                ".cell:focused .text > .label {a: 1;} | .cell:focused .text > .label {a: 1;}",
            })
    void rules_of_controls_that_are_not_used_are_left_out(String css, String used) {
        assertThat(BaseStyles.used(css).strip()).isEqualTo(used);
    }

    @Test
    void no_control_is_used_whose_styles_are_left_out() {
        Set<String> controls =
                new ClassFileImporter()
                                .withImportOption(new ImportOption.DoNotIncludeTests())
                                .importPackages("org.zeroply.desktop")
                                .stream()
                                .flatMap(c -> c.getDirectDependenciesFromSelf().stream())
                                .map(d -> d.getTargetClass())
                                .filter(c -> c.getPackageName().startsWith("javafx.scene"))
                                .map(JavaClass::getSimpleName)
                                .map(BaseStylesTest::styleClass)
                                .collect(Collectors.toSet());
        assertThat(controls).contains("button", "table-view", "spinner");
        assertThat(controls).doesNotContainAnyElementsOf(BaseStyles.LEFT_OUT);
    }

    /** The toolkit names the styles of a control by its class. */
    private static String styleClass(String simpleName) {
        List<String> words = Arrays.asList(simpleName.split("(?<=[a-z])(?=[A-Z])"));
        return String.join("-", words).toLowerCase(Locale.ROOT);
    }
}
