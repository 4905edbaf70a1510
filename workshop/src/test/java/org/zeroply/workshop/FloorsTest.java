package org.zeroply.workshop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "org.zeroply", importOptions = ImportOption.DoNotIncludeTests.class)
class FloorsTest {

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
}
