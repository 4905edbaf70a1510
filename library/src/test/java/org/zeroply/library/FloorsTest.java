package org.zeroply.library;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(
        packages = "org.zeroply.library",
        importOptions = ImportOption.DoNotIncludeTests.class)
class FloorsTest {

    @ArchTest
    static final ArchRule the_library_has_no_interface_code =
            noClasses()
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(
                            "javafx..",
                            "java.awt..",
                            "picocli..",
                            "org.zeroply.desktop..",
                            "org.zeroply.cli..");

    @ArchTest
    static final ArchRule sql_stays_where_things_are_kept =
            noClasses()
                    .that()
                    .resideInAnyPackage(
                            "..library.transfer..",
                            "..library.report..",
                            "..library.drawing..",
                            "..library.sample..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage("java.sql..", "org.jdbi..", "org.sqlite..");

    @ArchTest
    static final ArchRule rooms_do_not_use_each_other_in_a_circle =
            slices().matching("org.zeroply.library.(*)..").should().beFreeOfCycles();
}
