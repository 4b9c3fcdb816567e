package yellowkite.server;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideOutsideOfPackages;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    private static final JavaClasses ALL = new ClassFileImporter().withImportOption(new ImportOption.DoNotIncludeTests())
        .importPackages("yellowkite");

    @Test
    void dependenciesPointFromTheServerToTheCoreOnly() {
        noClasses().that()
            .resideInAnyPackage("yellowkite.core..", "yellowkite.demo..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("yellowkite.server..", "org.springframework..", "org.jooq..")
            .check(ALL);
        noClasses().that()
            .resideInAPackage("yellowkite.core..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("yellowkite.demo..")
            .check(ALL);
    }

    @Test
    void theProgramsOnTheWireStandOnTheCoreAlone() {
        noClasses().that()
            .resideInAnyPackage("yellowkite.output..", "yellowkite.sim..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("yellowkite.server..", "yellowkite.media..", "yellowkite.demo..", "yellowkite.cli..")
            .check(ALL);
    }

    @Test
    void theStoredFormsKnowNoneOfTheirUsers() {
        noClasses().that()
            .resideInAPackage("yellowkite.server.stored..")
            .should()
            .dependOnClassesThat(resideInAPackage("yellowkite.server..")
                .and(resideOutsideOfPackages("yellowkite.server.stored..", "yellowkite.server.web..")))
            .check(ALL);
    }

    @Test
    void roomsFormNoCircle() {
        slices().matching("yellowkite.server.(*)..").should().beFreeOfCycles().check(ALL);
    }

    @Test
    void sqlStandsInRepositories() {
        noClasses().that()
            .haveSimpleNameNotEndingWith("Repository")
            .and()
            .resideOutsideOfPackage("yellowkite.server.tables..")
            .and()
            .areTopLevelClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.jooq..", "yellowkite.server.tables..")
            .because("queries are found in one place")
            .check(ALL);
    }
}
