package craftypocket.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import craftypocket.core.moves.Move;
import java.util.ArrayList;
import java.util.List;

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

    /** The floors of the house, the lowest first: no package names one above it. Those that share a floor do not name each other. */
    private static final List<List<String>> FLOORS = List.of(
            List.of("chance", "cards"),
            List.of("reckon"),
            List.of("layout"),
            List.of("settings"),
            List.of("claims"),
            List.of("moves"),
            List.of("routine"),
            List.of("jot", "read"),
            List.of("run"),
            List.of("edit"),
            List.of("solve", "advise", "rehearse", "seem"),
            List.of("invent", "evening"));

    @ArchTest
    static void no_package_names_one_above_it(JavaClasses core) {
        for (int floor = 0; floor < FLOORS.size(); floor++) {
            for (String here : FLOORS.get(floor)) {
                List<String> above = new ArrayList<>(FLOORS.get(floor));
                above.remove(here);
                FLOORS.subList(floor + 1, FLOORS.size()).forEach(above::addAll);
                if (!above.isEmpty()) {
                    noClasses()
                            .that()
                            .resideInAPackage("craftypocket.core." + here + "..")
                            .should()
                            .dependOnClassesThat()
                            .resideInAnyPackage(above.stream()
                                    .map(other -> "craftypocket.core." + other + "..")
                                    .toArray(String[]::new))
                            .check(core);
                }
            }
        }
    }

    @ArchTest
    static void every_package_has_its_floor(JavaClasses core) {
        List<String> all = FLOORS.stream().flatMap(List::stream).toList();
        assertThat(core.stream().map(c -> c.getPackageName().split("\\.")[2]).distinct())
                .containsExactlyInAnyOrderElementsOf(all);
    }

    @ArchTest
    static final ArchRule NO_CIRCLES =
            slices().matching("craftypocket.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule MOVES_ARE_VALUES_WITHOUT_STATE =
            classes().that().areAssignableTo(Move.class).should().haveOnlyFinalFields();
}
