package pteron.app.window;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.shape.Rectangle;
import org.assertj.core.api.InstanceOfAssertFactories;
import org.junit.jupiter.api.Test;
import pteron.core.buildup.Framed;
import pteron.core.carrier.CarrierStation;
import pteron.core.drawing.View;
import pteron.core.frame.FrameStation;
import pteron.core.glue.Glues;
import pteron.core.makeup.MakeUpStation;
import pteron.core.model.Route;
import pteron.core.outline.OutlineStation;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.OutlinePoint;
import pteron.core.quantity.UnitSystem;
import pteron.core.station.Station;
import pteron.core.vehicle.RunningGear.Weighed;
import pteron.core.vehicle.Vehicle;
import pteron.exchange.demo.Demos;

/** Carrier, outline and make-up, worked by a robot. */
class StationsTest extends DesktopRobot {

    private void go(Station station) {
        robot.interact(() -> window.bench().stationProperty().set(station));
        settle();
    }

    private void select(String part) {
        robot.interact(() -> window.bench().selectedProperty().set(part));
        settle();
    }

    @Test
    void makeUp_isLookedAtCutThrough_andLeftAgain() {
        go(MakeUpStation.MAKE_UP);
        assertThat(window.bench().viewProperty().get()).isEqualTo(View.SECTION);
        go(FrameStation.FRAME);
        assertThat(window.bench().viewProperty().get()).isEqualTo(View.LEFT);
    }

    @Test
    void layer_typedInTheCut_makesTheWallThicker() {
        go(MakeUpStation.MAKE_UP);
        String mass = text("total-mass");
        type("walls.innerSkin.thickness", "9");
        assertThat(plan().makeUp().walls().innerSkin().thicknessMm()).isEqualTo(9);
        assertThat(text("total-mass")).isNotEqualTo(mass);
    }

    @Test
    void layer_draggedInTheCut_undoneInOneStep() {
        go(MakeUpStation.MAKE_UP);
        Rectangle grip = (Rectangle) node("grip-floor.core.thickness");
        robot.moveTo(grip).press(MouseButton.PRIMARY).moveBy(0, -25).release(MouseButton.PRIMARY);
        settle();
        double thick = plan().makeUp().floor().core().thicknessMm();
        assertThat(thick).isGreaterThan(30);
        assertThat(thick * 2).isCloseTo(Math.rint(thick * 2), within(1e-9));
        press("do-undo");
        assertThat(plan()).isEqualTo(Demos.wagtail());
    }

    @Test
    void layers_addedAndTakenOff() {
        go(MakeUpStation.MAKE_UP);
        choose("tool-add-layer", "walls, inside");
        assertThat(plan().makeUp().walls().inside()).hasSize(1);
        assertThat(exists("dim-walls.inside.0.thickness")).isTrue();
        choose("tool-drop-layer", "walls, inside");
        assertThat(plan()).isEqualTo(Demos.wagtail());
    }

    @Test
    void schools_sideBySide_swapAndDrop() {
        go(MakeUpStation.MAKE_UP);
        press("tool-schools");
        assertThat(node("schools-pane").isVisible()).isTrue();
        assertThat(node("drawing").isVisible()).isFalse();
        press("school-swap-0");
        assertThat(plan().makeUp().walls().scheme()).isEqualTo(Framed.Scheme.FRAMELESS);
        press("school-swap-0");
        choose("school-add-roof", "Timber 2×2");
        assertThat(plan().makeUp().alternatives()).hasSize(3);
        for (int i = 0; i < 3; i++) {
            choose("school-add-roof", "Metal tube");
        }
        assertThat(plan().makeUp().alternatives()).hasSize(5);
        assertThat(robot.lookup(".refused").queryAs(Label.class).getText())
                .contains("there may be 3 of a part");
        press("school-drop-4");
        assertThat(plan().makeUp().alternatives()).hasSize(4);
        press("tool-schools");
        assertThat(node("drawing").isVisible()).isTrue();
    }

    /** What eats the foam is told beside the joint, and is gone with the cure. */
    @Test
    void glues_tellEveryJoint_andFollowTheLayers() {
        go(MakeUpStation.MAKE_UP);
        press("tool-glues");
        Node pane = node("glues-pane");
        assertThat(pane.isVisible()).isTrue();
        int joints =
                window.bench()
                        .document()
                        .model()
                        .made()
                        .orElseThrow()
                        .get(Glues.class)
                        .joints()
                        .size();
        assertThat(robot.from(pane).lookup(".mono").queryAllAs(Label.class).size())
                .isGreaterThanOrEqualTo(joints);
        assertThat(robot.from(pane).lookup(".headline").queryAllAs(Label.class))
                .extracting(Label::getText)
                .containsExactly("Floor", "Walls", "Roof");
        press("tool-glues");
        choose("tool-add-layer", "floor, finish");
        press("tool-glues");
        assertThat(robot.from(pane).lookup(".label").queryAllAs(Label.class))
                .extracting(Label::getText)
                .anyMatch(text -> text.contains("vinyl"));
        press("tool-schools");
        assertThat(pane.isVisible()).isFalse();
    }

    @Test
    void scales_read_andTaken() {
        go(CarrierStation.CARRIER);
        press("tool-scales");
        assertThat(node("scales-pane").isVisible()).isTrue();
        press("scales-again");
        press("scales-take");
        Weighed weighed = plan().vehicle().gear().weighed();
        assertThat(weighed.source()).isEqualTo(Weighed.Source.SCALES);
        assertThat(plan().vehicle().emptyKg()).isBetween(635.0, 680.0);
        assertThat(node("drawing").isVisible()).isTrue();
        press("do-undo");
        assertThat(plan()).isEqualTo(Demos.wagtail());
    }

    @Test
    void anotherKindOfCarrier_itsFieldsFollow() {
        go(CarrierStation.CARRIER);
        robot.interact(() -> window.showSide("inputs"));
        settle();
        assertThat(((MenuButton) node("tool-kind")).getItems())
                .extracting(MenuItem::getText)
                .containsExactly(
                        "Pickup bed; lost: drawbar and coupler, axles, wheels and ratings, deck height",
                        "Flatbed truck; lost: drawbar and coupler, axles, wheels and ratings, deck height",
                        "Cab-chassis; lost: drawbar and coupler, axles, wheels and ratings, deck height");
        double length = plan().vehicle().deck().lengthMm();
        choose(
                "tool-kind",
                "Pickup bed; lost: drawbar and coupler, axles, wheels and ratings, deck height");
        assertThat(plan().vehicle().deck().lengthMm()).isEqualTo(length);
        assertThat(plan().vehicle().kind()).isEqualTo(Vehicle.Kind.PICKUP);
        assertThat(exists("number-wells.between")).isTrue();
        assertThat(exists("number-coupler.ahead")).isFalse();
        assertThat(exists("dim-cab.roof")).isTrue();
        choose("tool-add", "axle");
        assertThat(plan().vehicle().gear().axles()).hasSize(3);
        choose("tool-drop", "the rearmost axle");
        choose("tool-drop", "the rearmost axle");
        assertThat(plan().vehicle().gear().axles()).hasSize(2);
        assertThat(text("hint")).contains("2 or more");
    }

    @Test
    void region_setsTheLimits() {
        go(CarrierStation.CARRIER);
        robot.interact(() -> window.showSide("inputs"));
        settle();
        @SuppressWarnings("unchecked")
        ComboBox<String> region = (ComboBox<String>) node("choice-road.region");
        robot.interact(() -> region.setValue("United States"));
        settle();
        assertThat(plan().limits().heightMm()).isEqualTo(4115);
        assertThat(plan().limits().shopDoorMm()).isEqualTo(3000);
    }

    @Test
    void corner_dragged_snapsAndSaysSo() {
        go(OutlineStation.OUTLINE);
        Rectangle corner = (Rectangle) node("grip-outline.1");
        robot.moveTo(corner).press(MouseButton.PRIMARY).moveBy(20, -30).moveBy(20, -20);
        settle();
        robot.release(MouseButton.PRIMARY);
        settle();
        OutlinePoint moved = plan().box().outline().get(1);
        assertThat(moved).isNotEqualTo(Demos.wagtail().box().outline().get(1));
        press("do-undo");
        assertThat(plan()).isEqualTo(Demos.wagtail());
    }

    @Test
    void corner_byKeys_andTools() {
        go(OutlineStation.OUTLINE);
        select("outline.3");
        press("tool-batten");
        assertThat(plan().box().outline().get(3).link().through()).hasSize(3);
        press("tool-spot");
        assertThat(plan().box().outline().get(3).link().through()).hasSize(4);
        assertThat(exists("grip-outline.3.spot.0")).isTrue();
        select("outline.3.spot.1");
        double before = plan().box().outline().get(3).link().through().get(1).zMm();
        type("outline.3.spot.1.z", String.valueOf(Math.round(before + 15)));
        assertThat(plan().box().outline().get(3).link().through().get(1).zMm())
                .isCloseTo(before + 15, within(0.6));
        press("do-undo");
        select("outline.3.spot.1");
        press("tool-drop-corner");
        assertThat(plan().box().outline().get(3).link().through()).hasSize(3);
        select("outline.3");
        press("tool-straight");
        assertThat(plan()).isEqualTo(Demos.wagtail());
        press("tool-add-corner");
        assertThat(plan().box().outline()).hasSize(6);
        robot.interact(() -> node("drawing").requestFocus());
        select("outline.3");
        robot.push(KeyCode.UP);
        settle();
        assertThat(plan().box().outline().get(3).zMm()).isEqualTo(2170);
    }

    /** The wall before the rake of Wagtail rises 950 to 2160 over 560: any place can be asked. */
    @Test
    void uprights_forAnySpacing_andOnePlace() {
        go(OutlineStation.OUTLINE);
        press("tool-uprights");
        assertThat(node("uprights-pane").isVisible()).isTrue();
        TextField place = (TextField) node("uprights-place");
        robot.interact(() -> place.setText("280"));
        settle();
        assertThat(text("uprights-there")).contains("1\u2009555 mm high").contains("65.2°");
        TextField spacing = (TextField) node("uprights-spacing");
        int before = robot.from(node("uprights-pane")).lookup(".mono").queryAll().size();
        // a head over each of the columns
        assertThat((before - 1) % 6).isZero();
        assertThat(robot.from(node("uprights-pane")).lookup(".quiet").queryAllAs(Label.class))
                .extracting(Label::getText)
                .contains("front edge at", "stands at", "front side", "rear side", "cut bar to");
        robot.interact(() -> spacing.setText("200"));
        settle();
        assertThat(robot.from(node("uprights-pane")).lookup(".mono").queryAll().size())
                .isGreaterThan(before);
        robot.interact(() -> spacing.setText("3"));
        settle();
        assertThat(robot.from(node("uprights-pane")).lookup(".refused").queryAs(Label.class))
                .extracting(Label::getText, InstanceOfAssertFactories.STRING)
                .contains("spacing of the uprights 3 mm: enter 50");
        robot.interact(() -> window.bench().document().edit(p -> p.withUnits(UnitSystem.INCHES)));
        settle();
        assertThat(spacing.getText()).contains("″");
    }

    @Test
    void startFromAReadyOutline_andUnfold() {
        go(OutlineStation.OUTLINE);
        choose("tool-start", "Arched roof");
        assertThat(window.bench().document().model().outline().usable()).isTrue();
        robot.interact(() -> window.bench().viewProperty().set(View.UNFOLDED));
        settle();
        assertThat(exists("dim-box.width")).isTrue();
        choose("tool-more", "add a wheel arch");
        choose("tool-more", "drip edge");
        assertThat(plan().box().details().wheelArches()).hasSize(1);
        assertThat(plan().box().details().overhang().exists()).isTrue();
    }

    @Test
    void everyDemo_atEveryStationAndView_isDrawn() {
        for (BoxPlan demo : Demos.all()) {
            robot.interact(() -> window.show(demo, null));
            for (Station station : Route.stations()) {
                go(station);
                for (View view : View.values()) {
                    robot.interact(() -> window.bench().viewProperty().set(view));
                }
                settle();
            }
            assertThat(text("total-mass")).isNotBlank();
        }
    }

    /** A table that nobody sees is not filled again at every edit; opened, it shows the plan as it is. */
    @Test
    void hiddenTable_isFilledWhenItIsOpened() {
        go(MakeUpStation.MAKE_UP);
        press("tool-glues");
        Node pane = node("glues-pane");
        press("tool-glues");
        int before = robot.from(pane).lookup(".mono").queryAll().size();
        choose("tool-add-layer", "floor, finish");
        assertThat(robot.from(pane).lookup(".mono").queryAll()).hasSize(before);
        press("tool-glues");
        assertThat(robot.from(pane).lookup(".mono").queryAll().size()).isGreaterThan(before);
        press("do-undo");
        assertThat(robot.from(pane).lookup(".mono").queryAll()).hasSize(before);
    }

    @Test
    void materials_foundAndRead_eachValueWithItsSource() {
        go(MakeUpStation.MAKE_UP);
        press("tool-materials");
        TextField find = (TextField) node("materials-find");
        robot.interact(() -> find.setText("c24"));
        settle();
        assertThat(robot.from(node("materials-pane")).lookup(".label").queryAllAs(Label.class))
                .extracting(Label::getText)
                .contains("Softwood C24", "420 kg/m³", "EN 338:2016; value not yet checked");
        robot.interact(() -> find.setText("unobtainium"));
        settle();
        assertThat(robot.from(node("materials-pane")).lookup(".label").queryAllAs(Label.class))
                .extracting(Label::getText)
                .anyMatch(text -> text.startsWith("No material has that name"));
    }

    /** Saved, changed in one line and read again: that line alone becomes the builder's own. */
    @Test
    void materials_savedChangedAndImported() throws Exception {
        Path file = folder.resolve("all.csv");
        robot.interact(() -> window.files().lists().saveMaterials(file));
        await(() -> robot.lookup(".dialog-pane").tryQuery().isPresent());
        robot.push(KeyCode.ENTER);
        settle();
        String text = Files.readString(file);
        Files.writeString(
                file, text.replaceFirst("(?m)^xps,Extruded polystyrene", "xps,Blue foam"));
        robot.interact(() -> window.files().lists().importMaterials(file));
        await(() -> !plan().materials().isEmpty());
        assertThat(plan().materials()).extracting(m -> m.name()).containsExactly("Blue foam");
    }

    @Test
    void ownMaterials_goodLinesAreTaken_badOnesTold() throws Exception {
        Path file = folder.resolve("own.csv");
        Files.writeString(
                file,
                """
                id,name,kind,source,density,conductivity,vapour
                reed-mat,Reed mat,foam,sheet,120,0.055,2
                bad,Bad,foam,sheet,heavy,0.05,2
                """);
        robot.interact(() -> window.files().lists().importMaterials(file));
        await(() -> !plan().materials().isEmpty());
        assertThat(plan().materials()).extracting(m -> m.id()).containsExactly("reed-mat");
        await(() -> robot.lookup(".dialog-pane").tryQuery().isPresent());
    }
}
