package yellowkite.core;

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
        noClasses().should().dependOnClassesThat().resideInAnyPackage("org.springframework..", "org.jooq..", "java.sql..", "javax.sql..",
                "jakarta..", "java.net.http..", "tools.jackson..", "com.fasterxml.jackson..", "yellowkite.server..", "yellowkite.demo..")
                .check(CORE);
    }

    @Test
    void theDocumentImportsNothingOfOurs() {
        noClasses().that().resideInAPackage("yellowkite.core.profile..").should().dependOnClassesThat()
                .resideInAnyPackage("yellowkite.core.gdtf..", "yellowkite.core.dmx..", "yellowkite.core.edit..", "yellowkite.core.check..", "yellowkite.core.build..")
                .check(CORE);
    }

    @Test
    void packagesFormNoCircle() {
        slices().matching("yellowkite.core.(*)..").should().beFreeOfCycles().check(CORE);
    }
}
