package org.zeroply.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(
        packages = "org.zeroply.desktop",
        importOptions = ImportOption.DoNotIncludeTests.class)
class FloorsTest {

    @ArchTest
    static final ArchRule the_window_does_not_know_the_other_door =
            noClasses().should().dependOnClassesThat().resideInAPackage("org.zeroply.cli..");

    @ArchTest
    static final ArchRule view_models_have_no_nodes =
            noClasses()
                    .that()
                    .resideInAPackage("..desktop.session..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage("javafx.scene..", "javafx.stage..");

    @ArchTest
    static final ArchRule the_window_speaks_to_the_library_and_not_to_its_database =
            noClasses()
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage("java.sql..", "org.jdbi..", "org.sqlite..");
}
