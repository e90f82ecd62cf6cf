package pteron.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.core.importer.Location;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** One direction, no way back: app, exchange and stand-ins, core. */
@AnalyzeClasses(packages = "pteron", importOptions = LayersTest.OnlyMain.class)
class LayersTest {

    /** Leaves out tests, those in the test kit of the core too. */
    static final class OnlyMain implements ImportOption {
        @Override
        public boolean includes(Location location) {
            return !location.contains("test-classes") && !location.contains("-tests.jar");
        }
    }

    @ArchTest
    static final ArchRule coreKnowsNobody =
            noClasses()
                    .that()
                    .resideInAPackage("pteron.core..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(
                            "pteron.exchange..", "pteron.standins..", "pteron.app..", "javafx..");

    @ArchTest
    static final ArchRule standInsKnowOnlyTheCore =
            noClasses()
                    .that()
                    .resideInAPackage("pteron.standins..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage("pteron.exchange..", "pteron.app..", "javafx..");

    @ArchTest
    static final ArchRule coreKnowsNoFilesAndNoClock =
            noClasses()
                    .that()
                    .resideInAPackage("pteron.core..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(
                            "java.io..",
                            "java.nio.file..",
                            "java.time..",
                            "java.awt..",
                            "java.net..")
                    .orShould()
                    .callMethod(System.class, "currentTimeMillis")
                    .orShould()
                    .callMethod(System.class, "nanoTime");

    @ArchTest
    static final ArchRule exchangeKnowsNoInterface =
            noClasses()
                    .that()
                    .resideInAPackage("pteron.exchange..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage("pteron.app..", "pteron.standins..", "javafx..");

    @ArchTest
    static final ArchRule noCirclesInTheCore =
            slices().matching("pteron.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule noCirclesInTheExchange =
            slices().matching("pteron.exchange.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule noCirclesInTheApp =
            slices().matching("pteron.app.(*)..").should().beFreeOfCycles();

    /** A sealed family knows its members, and a control its skin; nothing else goes round in a circle. */
    @ArchTest
    static final ArchRule noCirclesBetweenClasses =
            slices().assignedFrom(new ClassSlices()).should().beFreeOfCycles();

    @ArchTest
    static final ArchRule plansAreValues =
            classes()
                    .that()
                    .resideInAPackage("pteron.core.plan")
                    .and()
                    .areNotEnums()
                    .and()
                    .arePublic()
                    .should()
                    .haveOnlyFinalFields();
}
