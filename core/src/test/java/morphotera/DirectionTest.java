package morphotera;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** Packages point one way, from what is decided down to the values of the ground. */
class DirectionTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("morphotera");

    @Test
    void the_five_verbs_stand_on_the_ground_and_point_one_way() {
        layeredArchitecture()
                .consideringOnlyDependenciesInLayers()
                .layer("ground")
                .definedBy("morphotera.ground..")
                .layer("measure")
                .definedBy("morphotera.measure..")
                .layer("read")
                .definedBy("morphotera.read..")
                .layer("decide")
                .definedBy("morphotera.decide..")
                .layer("follow")
                .definedBy("morphotera.follow..")
                .layer("scout")
                .definedBy("morphotera.scout..")
                .whereLayer("follow")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("scout")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("decide")
                .mayOnlyBeAccessedByLayers("follow")
                .whereLayer("read")
                .mayOnlyBeAccessedByLayers("decide", "follow")
                .whereLayer("measure")
                .mayOnlyBeAccessedByLayers("read", "decide", "follow", "scout")
                .check(CORE);
    }

    @Test
    void methods_remedies_and_forecasts_stand_on_their_machinery_which_knows_none_of_them() {
        for (String shelf : new String[] {"measure.methods", "decide.remedies", "follow.forecasts"}) {
            noClasses()
                    .that()
                    .resideInAPackage("morphotera." + shelf.substring(0, shelf.indexOf('.')))
                    .should()
                    .dependOnClassesThat()
                    .resideInAPackage("morphotera." + shelf)
                    .check(CORE);
        }
    }

    @Test
    void no_two_packages_need_each_other() {
        slices().matching("morphotera.(*)..").should().beFreeOfCycles().check(CORE);
    }
}
