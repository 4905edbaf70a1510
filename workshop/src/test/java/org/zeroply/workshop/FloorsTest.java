package org.zeroply.workshop;

import static com.tngtech.archunit.base.DescribedPredicate.describe;
import static com.tngtech.archunit.lang.conditions.ArchConditions.haveRawParameterTypes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noMethods;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

@AnalyzeClasses(packages = "org.zeroply", importOptions = ImportOption.DoNotIncludeTests.class)
class FloorsTest {

    private static final String OBJECT = "java.lang.Object";

    @ArchTest
    static final ArchRule nothing_that_is_shipped_knows_the_workshop =
            noClasses()
                    .that()
                    .resideOutsideOfPackage("org.zeroply.workshop..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAPackage("org.zeroply.workshop..");

    @ArchTest
    static final ArchRule rooms_do_not_use_each_other_in_a_circle =
            slices().matching("org.zeroply.workshop.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule equality_means_one_thing =
            noMethods()
                    .that()
                    .haveName("equals")
                    .should(
                            haveRawParameterTypes(
                                    describe(
                                            "other than Object",
                                            types ->
                                                    types.size() != 1
                                                            || !types.get(0)
                                                                    .getName()
                                                                    .equals(OBJECT))));

    /** All modules, those included that the workshop does not use. */
    private static List<String> names() throws IOException {
        try (Stream<Path> files = Files.walk(Path.of(".."))) {
            return files.map(Path::toString)
                    .map(p -> p.replace('\\', '/'))
                    .filter(p -> p.contains("/src/main/java/") && p.endsWith(".java"))
                    .map(p -> p.substring(p.lastIndexOf('/') + 1).replace(".java", ""))
                    .filter(name -> !name.equals("package-info"))
                    .toList();
        }
    }

    @Test
    void no_two_classes_have_the_same_name_and_none_is_called_a_test() throws IOException {
        assertThat(names()).hasSizeGreaterThan(500).doesNotHaveDuplicates();
        assertThat(names()).noneMatch(name -> name.endsWith("Test"));
    }
}
