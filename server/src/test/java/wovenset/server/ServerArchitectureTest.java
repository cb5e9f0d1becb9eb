package wovenset.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

/** Features know each other one way only, and jOOQ stops at the stores. */
class ServerArchitectureTest {
    private static final JavaClasses SERVER = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("wovenset.server");

    @Test
    void featuresAreFreeOfCycles() {
        slices().matching("wovenset.server.(*)..").should().beFreeOfCycles().check(SERVER);
    }

    @Test
    void onlyStoresKnowTheDatabase() {
        noClasses()
                .that(new DescribedPredicate<JavaClass>("are no store") {
                    @Override
                    public boolean test(JavaClass type) {
                        return !type.getPackageName().equals("wovenset.server.db")
                                && !type.getPackageName().startsWith("wovenset.server.db.")
                                && !type.getName().contains("Repository")
                                // What the build works out ahead names all that beans are made of.
                                && !type.getName().contains("__BeanDefinitions")
                                && !type.getPackageName().equals("wovenset.server.upgrade")
                                && !type.getSimpleName().equals("SettingService");
                    }
                })
                .should()
                .dependOnClassesThat()
                .resideInAPackage("org.jooq..")
                .check(SERVER);
    }
}
