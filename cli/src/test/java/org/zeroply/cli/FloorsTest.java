package org.zeroply.cli;

import static com.tngtech.archunit.base.DescribedPredicate.not;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "org.zeroply.cli", importOptions = ImportOption.DoNotIncludeTests.class)
class FloorsTest {

    @ArchTest
    static final ArchRule the_command_line_has_no_window =
            noClasses()
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage("javafx..", "java.awt..", "org.zeroply.desktop..");

    @ArchTest
    static final ArchRule rooms_do_not_use_each_other_in_a_circle =
            slices().matching("org.zeroply.cli.(*)..").should().beFreeOfCycles();

    /** Each group of commands stands by itself; what they share knows none of them. */
    @ArchTest
    static final ArchRule what_all_commands_share_knows_none_of_them =
            noClasses()
                    .that()
                    .resideInAPackage("org.zeroply.cli.console..")
                    .should()
                    .dependOnClassesThat(
                            resideInAPackage("org.zeroply.cli..")
                                    .and(not(resideInAPackage("org.zeroply.cli.console.."))));
}
