package wovenset.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The rooms of the core and the one way that imports go between them. */
class ArchitectureTest {
    /** From the ground up: a room may know those before it in this list, and no other. */
    private static final List<String> ROOMS = List.of(
            "said",
            "measure",
            "ink",
            "drawing",
            "geometry",
            "photo",
            "caption",
            "arrangement",
            "style",
            "words",
            "item",
            "piece",
            "theme",
            "arrange",
            "pattern",
            "delta",
            "album",
            "edit",
            "colour",
            "decode",
            "picture",
            "adjust",
            "retouch",
            "subject",
            "display",
            "frame",
            "scene",
            "paint",
            "output",
            "check");

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("wovenset.core");

    @Test
    void everyRoomIsInTheList() {
        assertThat(CORE)
                .extracting(type -> type.getPackageName().split("\\.")[2])
                .isSubsetOf(ROOMS);
    }

    @Test
    void importsGoDownwardOnly() {
        for (int i = 0; i < ROOMS.size(); i++) {
            String[] above = ROOMS.subList(i + 1, ROOMS.size()).stream()
                    .map(room -> "wovenset.core." + room + "..")
                    .toArray(String[]::new);
            if (above.length > 0) {
                noClasses()
                        .that()
                        .resideInAPackage("wovenset.core." + ROOMS.get(i) + "..")
                        .should()
                        .dependOnClassesThat()
                        .resideInAnyPackage(above)
                        .check(CORE);
            }
        }
    }

    @Test
    void noCycles() {
        slices().matching("wovenset.core.(*)..").should().beFreeOfCycles().check(CORE);
        slices().matching("wovenset.core.(**)").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void theCoreKnowsNoServerDatabaseOrInterface() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "org.springframework..",
                        "org.jooq..",
                        "java.sql..",
                        "javax.sql..",
                        "jakarta..",
                        "java.net.http..",
                        "com.fasterxml..",
                        "tools.jackson..",
                        "javax.swing..")
                .check(CORE);
    }
}
