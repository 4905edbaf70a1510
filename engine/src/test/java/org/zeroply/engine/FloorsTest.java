package org.zeroply.engine;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(
        packages = "org.zeroply.engine",
        importOptions = ImportOption.DoNotIncludeTests.class)
class FloorsTest {

    @ArchTest
    static final ArchRule the_engine_stands_on_chess_alone =
            noClasses()
                    .should()
                    .dependOnClassesThat()
                    .resideOutsideOfPackages(
                            "org.zeroply.chess..", "org.zeroply.engine..", "java..");

    @ArchTest
    static final ArchRule the_seam_does_not_know_what_is_behind_it =
            noClasses()
                    .that()
                    .resideInAPackage("..engine.analysis..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage("..engine.search..", "..engine.eval..");

    @ArchTest
    static final ArchRule rooms_do_not_use_each_other_in_a_circle =
            slices().matching("org.zeroply.engine.(*)..").should().beFreeOfCycles();
}
