package org.zeroply.desktop;

import static com.tngtech.archunit.core.domain.JavaCall.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.assignableTo;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.nameMatching;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.zeroply.engine.analysis.Engine;

@AnalyzeClasses(
        packages = "org.zeroply.desktop",
        importOptions = ImportOption.DoNotIncludeTests.class)
class FloorsTest {

    @ArchTest
    static final ArchRule the_window_does_not_know_the_other_door =
            noClasses().should().dependOnClassesThat().resideInAPackage("org.zeroply.cli..");

    @ArchTest
    static final ArchRule models_know_no_node =
            noClasses()
                    .that()
                    .haveSimpleNameEndingWith("Model")
                    .or()
                    .resideInAPackage("..desktop.work..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage("javafx.scene..", "javafx.stage..");

    @ArchTest
    static final ArchRule no_two_rooms_use_each_other_in_a_circle =
            slices().matching("org.zeroply.desktop.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule what_moves_are_worth_is_asked_of_the_coach_and_not_of_the_engine =
            noClasses()
                    .that()
                    .doNotHaveSimpleName("LiveAnalysis")
                    .should()
                    .callMethodWhere(
                            target(nameMatching("analyse"))
                                    .and(target(owner(assignableTo(Engine.class)))));

    @ArchTest
    static final ArchRule only_the_scheduler_starts_threads =
            noClasses()
                    .that()
                    .haveSimpleNameNotContaining("Scheduler")
                    .should()
                    .callConstructor(Thread.class, Runnable.class)
                    .orShould()
                    .callConstructor(Thread.class, Runnable.class, String.class)
                    .orShould()
                    .dependOnClassesThat()
                    .haveFullyQualifiedName("java.util.concurrent.Executors");

    @ArchTest
    static final ArchRule the_window_speaks_to_the_library_and_not_to_its_database =
            noClasses()
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage("java.sql..", "org.jdbi..", "org.sqlite..");
}
