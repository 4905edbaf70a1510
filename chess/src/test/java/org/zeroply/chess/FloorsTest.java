package org.zeroply.chess;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(
        packages = "org.zeroply.chess",
        importOptions = ImportOption.DoNotIncludeTests.class)
class FloorsTest {

    @ArchTest
    static final ArchRule chess_stands_on_the_jdk_alone =
            noClasses()
                    .should()
                    .dependOnClassesThat()
                    .resideOutsideOfPackages("org.zeroply.chess..", "java..");

    @ArchTest
    static final ArchRule the_rules_know_neither_notation_nor_trees =
            noClasses()
                    .that()
                    .resideInAPackage("..chess.board..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage("..chess.notation..", "..chess.tree..");

    @ArchTest
    static final ArchRule trees_do_not_know_how_they_are_written =
            noClasses()
                    .that()
                    .resideInAPackage("..chess.tree..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAPackage("..chess.notation..");

    @ArchTest
    static final ArchRule rooms_do_not_use_each_other_in_a_circle =
            slices().matching("org.zeroply.chess.(*)..").should().beFreeOfCycles();
}
