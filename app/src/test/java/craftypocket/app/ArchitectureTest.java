package craftypocket.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import jakarta.persistence.Entity;
import org.springframework.data.repository.Repository;
import org.springframework.web.bind.annotation.RestController;

@AnalyzeClasses(packages = "craftypocket.app", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule FEATURES_ARE_FREE_OF_CYCLES =
            slices().matching("craftypocket.app.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule STORAGE_IS_A_DETAIL_OF_ITS_FEATURE = classes()
            .that()
            .areAnnotatedWith(Entity.class)
            .or()
            .areAssignableTo(Repository.class)
            .or()
            .areAnnotatedWith(RestController.class)
            .should()
            .bePackagePrivate();
}
