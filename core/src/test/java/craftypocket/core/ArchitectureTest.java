package craftypocket.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import craftypocket.core.moves.Move;

@AnalyzeClasses(packages = "craftypocket.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule CORE_IS_PURE_JAVA =
            classes().should().onlyDependOnClassesThat().resideInAnyPackage("craftypocket.core..", "java..");

    @ArchTest
    static final ArchRule NO_CLOCK_AND_NO_UNSEEDED_CHANCE = noClasses()
            .should()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(System.class, "nanoTime")
            .orShould()
            .callMethod(Math.class, "random")
            .orShould()
            .callConstructor(java.util.Random.class)
            .orShould()
            .callConstructor(java.util.SplittableRandom.class);

    @ArchTest
    static final ArchRule NOUNS_FLOW_ONE_WAY = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("cards")
            .definedBy("craftypocket.core.cards..")
            .layer("layout")
            .definedBy("craftypocket.core.layout..")
            .layer("settings")
            .definedBy("craftypocket.core.settings..")
            .layer("claims")
            .definedBy("craftypocket.core.claims..")
            .layer("moves")
            .definedBy("craftypocket.core.moves..")
            .layer("routine")
            .definedBy("craftypocket.core.routine..")
            .layer("run")
            .definedBy("craftypocket.core.run..")
            .layer("solve")
            .definedBy("craftypocket.core.solve..")
            .layer("advise")
            .definedBy("craftypocket.core.advise..")
            .whereLayer("run")
            .mayOnlyBeAccessedByLayers("advise", "solve")
            .whereLayer("solve")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("advise")
            .mayNotBeAccessedByAnyLayer()
            .whereLayer("routine")
            .mayOnlyBeAccessedByLayers("run", "advise", "solve")
            .whereLayer("moves")
            .mayOnlyBeAccessedByLayers("routine", "run", "advise", "solve")
            .whereLayer("claims")
            .mayOnlyBeAccessedByLayers("moves", "routine", "run", "advise", "solve")
            .whereLayer("settings")
            .mayOnlyBeAccessedByLayers("claims", "moves", "routine", "run", "advise", "solve");

    @ArchTest
    static final ArchRule MOVES_ARE_VALUES_WITHOUT_STATE =
            classes().that().areAssignableTo(Move.class).should().haveOnlyFinalFields();
}
