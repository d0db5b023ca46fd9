package morphotera.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noMethods;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.apache.ibatis.annotations.Mapper;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.RestController;

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

    @Test
    void services_own_the_transactions_and_controllers_translate() {
        noClasses()
                .that()
                .areAnnotatedWith(RestController.class)
                .should()
                .beAnnotatedWith(Transactional.class)
                .check(APP);
        noMethods()
                .that()
                .areDeclaredInClassesThat()
                .areAnnotatedWith(RestController.class)
                .should()
                .beAnnotatedWith(Transactional.class)
                .check(APP);
    }

    @Test
    void controllers_of_the_verbs_leave_the_mappers_to_services() {
        noClasses()
                .that()
                .areAnnotatedWith(RestController.class)
                .and()
                .doNotHaveSimpleName("Health")
                .should()
                .dependOnClassesThat()
                .areAnnotatedWith(Mapper.class)
                .check(APP);
    }
}
