package yellowkite.core;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideOutsideOfPackages;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter().withImportOption(new ImportOption.DoNotIncludeTests())
        .importPackages("yellowkite.core");

    @Test
    void theCoreKnowsNoFrameworkNoDatabaseAndNoHttp() {
        noClasses().should()
            .dependOnClassesThat()
            .resideInAnyPackage("org.springframework..", "org.jooq..", "java.sql..", "javax.sql..",
                    "jakarta..", "java.net.http..", "com.fasterxml.jackson..", "yellowkite.server..", "yellowkite.demo..")
            .check(CORE);
    }

    /** Files of ours are JSON, and so are the head of a glb and what instruments say; what is stored or sent is nobody's matter here. */
    @Test
    void jsonIsReadWhereAFileOfOursIs() {
        noClasses().that()
            .resideOutsideOfPackages("yellowkite.core.release..", "yellowkite.core.rig.file..", "yellowkite.core.shape..",
                    "yellowkite.core.bench.telemetry..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("tools.jackson..")
            .check(CORE);
    }

    @Test
    void theDocumentStandsOnTheReadingOfXmlAlone() {
        noClasses().that()
            .resideInAPackage("yellowkite.core.profile..")
            .should()
            .dependOnClassesThat(
                    resideInAPackage("yellowkite.core..")
                        .and(resideOutsideOfPackages("yellowkite.core.profile..", "yellowkite.core.xml..")))
            .check(CORE);
        noClasses().that()
            .resideInAPackage("yellowkite.core.xml..")
            .should()
            .dependOnClassesThat(
                    resideInAPackage("yellowkite.core..")
                        .and(resideOutsideOfPackages("yellowkite.core.xml..", "yellowkite.core.archive..")))
            .check(CORE);
        noClasses().that()
            .resideInAPackage("yellowkite.core.archive..")
            .should()
            .dependOnClassesThat(
                    resideInAPackage("yellowkite.core..").and(resideOutsideOfPackages("yellowkite.core.archive..")))
            .check(CORE);
    }

    @Test
    void theCoreDoesNotDraw() {
        noClasses().should()
            .dependOnClassesThat()
            .resideInAnyPackage("java.awt..", "javax.swing..", "javax.imageio..", "com.github.weisj..")
            .check(CORE);
    }

    @Test
    void packagesFormNoCircle() {
        slices().matching("yellowkite.core.(*)..").should().beFreeOfCycles().check(CORE);
    }
}
