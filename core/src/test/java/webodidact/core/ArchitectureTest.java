package webodidact.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.time.LocalDateTime;

@AnalyzeClasses(packages = "webodidact.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule packagesHaveNoCycles =
            slices().matching("webodidact.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule noInterfaceCode = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("javafx..", "java.awt..", "javax.swing..")
            .because("the core computes and is tested on its own");

    @ArchTest
    static final ArchRule noClock = noClasses()
            .should()
            .callMethod(LocalDateTime.class, "now")
            .orShould()
            .callMethod(System.class, "currentTimeMillis")
            .orShould()
            .callMethod(System.class, "nanoTime")
            .because("the same lesson always gives the same answer");

    @ArchTest
    static final ArchRule noPrinting =
            noClasses().should().accessField(System.class, "out").orShould().accessField(System.class, "err");

    @ArchTest
    static final ArchRule amountsKnowNothingOfOurs = noClasses()
            .that()
            .resideInAPackage("..core.amount..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("..core.lesson..", "..core.food..", "..core.timing..", "..core.check..");
}
