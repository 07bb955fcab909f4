package webodidact.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(
        packages = {"webodidact.desktop", "webodidact.formats"},
        importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule stationsDoNotKnowEachOther =
            slices().matching("webodidact.desktop.view.(*)..").should().notDependOnEachOther();

    @ArchTest
    static final ArchRule formatsDoNotKnowEachOther = noClasses()
            .that()
            .resideInAPackage("..formats.json..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("..formats.csv..", "..formats.paper..", "..formats.pdf..");

    @ArchTest
    static final ArchRule formatsKnowNoWindow = noClasses()
            .that()
            .resideInAPackage("webodidact.formats..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("javafx..", "webodidact.desktop..");

    @ArchTest
    static final ArchRule stateNeedsNoNodes = noClasses()
            .that()
            .resideInAPackage("..desktop.state..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "javafx.scene..", "javafx.stage..", "javafx.application..", "..desktop.view..", "..desktop.app..");

    @ArchTest
    static final ArchRule geometryIsPlain = noClasses()
            .that()
            .resideInAPackage("..desktop.geometry..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("javafx..");

    @ArchTest
    static final ArchRule controlsKnowNoState = noClasses()
            .that()
            .resideInAPackage("..desktop.control..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("..desktop.state..", "..desktop.view..", "..desktop.app..");

    @ArchTest
    static final ArchRule onlyTheAppKnowsTheStations = classes()
            .that()
            .resideInAPackage("webodidact.desktop.view.*..")
            .should()
            .onlyBeAccessed()
            .byAnyPackage("webodidact.desktop.app..", "webodidact.desktop.view.*..");
}
