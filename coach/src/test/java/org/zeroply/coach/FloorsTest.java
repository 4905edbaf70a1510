package org.zeroply.coach;

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
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.zeroply.engine.analysis.Engine;

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

    /** Beside it only what an ending is, how a weak player plays, and engines around others. */
    @ArchTest
    static final ArchRule one_room_asks_the_engine_what_moves_are_worth =
            noClasses()
                    .that()
                    .resideOutsideOfPackages(
                            "org.zeroply.coach.evaluation..",
                            "org.zeroply.coach.ending..",
                            "org.zeroply.coach.play..")
                    .and()
                    .doNotImplement(Engine.class)
                    .should()
                    .callMethodWhere(
                            target(nameMatching("analyse"))
                                    .and(target(owner(assignableTo(Engine.class)))));

    @ArchTest
    static final ArchRule rooms_do_not_use_each_other_in_a_circle =
            slices().matching("org.zeroply.coach.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule the_rooms_of_facts_do_not_use_each_other_in_a_circle =
            slices().matching("org.zeroply.coach.fact.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule the_rooms_of_defences_do_not_use_each_other_in_a_circle =
            slices().matching("org.zeroply.coach.defence.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule the_rooms_of_exercises_do_not_use_each_other_in_a_circle =
            slices().matching("org.zeroply.coach.exercise.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule the_coach_starts_no_threads =
            noClasses()
                    .should()
                    .dependOnClassesThat()
                    .areAssignableTo(ExecutorService.class)
                    .orShould()
                    .dependOnClassesThat()
                    .areAssignableTo(Executors.class)
                    .orShould()
                    .callConstructorWhere(target(owner(assignableTo(Thread.class))));

    @ArchTest
    static final ArchRule the_coach_does_not_choose_the_engine =
            noClasses()
                    .should()
                    .dependOnClassesThat()
                    .resideInAPackage("org.zeroply.engine.search..");
}
