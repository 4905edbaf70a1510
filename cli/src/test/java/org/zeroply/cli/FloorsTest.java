package org.zeroply.cli;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

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
}
