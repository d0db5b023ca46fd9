package morphotera.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class DirectionTest {
    private static final JavaClasses APP = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("morphotera.app");

    @Test
    void no_two_packages_of_the_app_need_each_other() {
        slices().matching("morphotera.app.(*)..").should().beFreeOfCycles().check(APP);
    }

    @Test
    void sql_stays_in_the_mappers() {
        noClasses()
                .that()
                .haveSimpleNameNotEndingWith("Health")
                .and()
                .haveSimpleNameNotEndingWith("UuidHandler")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("java.sql", "org.springframework.jdbc..")
                .check(APP);
    }
}
