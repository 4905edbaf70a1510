package org.zeroply.coach;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(
        packages = "org.zeroply.coach",
        importOptions = ImportOption.DoNotIncludeTests.class)
class FloorsTest {

    @ArchTest
    static final ArchRule the_coach_stands_on_the_engine_and_chess =
            noClasses()
                    .should()
                    .dependOnClassesThat()
                    .resideOutsideOfPackages(
                            "org.zeroply.chess..",
                            "org.zeroply.engine..",
                            "org.zeroply.coach..",
                            "java..");

    @ArchTest
    static final ArchRule the_coach_reads_no_files_and_no_clock =
            noClasses()
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage("java.io..", "java.nio.file..", "java.time..");

    @ArchTest
    static final ArchRule the_coach_does_not_choose_the_engine =
            noClasses()
                    .should()
                    .dependOnClassesThat()
                    .resideInAPackage("org.zeroply.engine.search..");
}
