package pteron.app.window;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.assertj.core.api.InstanceOfAssertFactories;
import org.junit.jupiter.api.Test;
import pteron.app.drawing.DrawingView;
import pteron.app.keep.Stamp;
import pteron.core.balance.BalanceStation;
import pteron.core.cutting.CuttingStation;
import pteron.core.drawing.Shape;
import pteron.core.drawing.View;
import pteron.core.edit.BoxEdits;
import pteron.core.figure.Finding;
import pteron.core.frame.FrameStation;
import pteron.core.makeup.MakeUpStation;
import pteron.core.material.MaterialLibrary;
import pteron.core.outline.OutlineStation;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.plan.PlanKeys;
import pteron.core.quantity.UnitSystem;
import pteron.core.sealing.SealingStation;
import pteron.core.solid.Eye;
import pteron.exchange.demo.Demos;
import pteron.exchange.plan.PlanFile;

/** The real interface, driven by a robot. */
class DesktopTest extends DesktopRobot {

    @Test
    void typeALength_everythingFollows() {
        String mass = text("total-mass");
        type("box.length", "4350");
        assertThat(BoxEdits.length(plan())).isEqualTo(4350);
        assertThat(text("total-mass")).isNotEqualTo(mass);
        type("box.length", "14' 3 1/4\"");
        assertThat(BoxEdits.length(plan())).isCloseTo(4349.75, within(1e-9));
        assertThat(exists("finding-BOX_OVERHANGS_DECK_REAR")).isTrue();
    }

    @Test
    void typeNonsense_staysInTheFieldWithTheReason() {
        robot.clickOn(node("dim-box.length"));
        TextField field = (TextField) node("edit-box.length");
        robot.interact(() -> field.setText("quite long"));
        robot.push(KeyCode.ENTER);
        settle();
        assertThat(field.getText()).isEqualTo("quite long");
        assertThat(robot.lookup(".refused").queryAs(Label.class).getText())
                .contains("is not a length");
        assertThat(robot.lookup(".refused").queryAs(Label.class).getHeight()).isGreaterThan(12);
        assertThat(plan()).isEqualTo(Demos.wagtail());
        robot.push(KeyCode.ESCAPE);
        settle();
        assertThat(exists("edit-box.length")).isFalse();
    }

    /** A key that leads elsewhere ends a drag: it is one edit, the view fits, and nothing later takes it away unseen. */
    @Test
    void drag_interruptedByAKey_endsWhereItIs() {
        BoxPlan before = window.bench().document().plan();
        robot.drag(node("grip-window-b")).moveBy(10, 0).moveBy(30, 0);
        robot.push(KeyCode.ALT, KeyCode.DIGIT4);
        robot.drop();
        BoxPlan dragged = window.bench().document().plan();
        assertThat(dragged).isNotEqualTo(before);
        robot.push(KeyCode.ESCAPE);
        robot.push(KeyCode.ESCAPE);
        assertThat(window.bench().document().plan()).isEqualTo(dragged);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(window.bench().document().plan()).isEqualTo(before);
        robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        assertThat(window.bench().document().plan()).isEqualTo(dragged);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
    }

    @Test
    void dragAWindow_undo_redo() {
        Opening.Place before = plan().opening("window-b").place();
        robot.drag(node("grip-window-b")).moveBy(10, 0).moveBy(25, -4).drop();
        settle();
        Opening.Place after = plan().opening("window-b").place();
        assertThat(after.alongMm()).isGreaterThan(before.alongMm() + 100);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(plan().opening("window-b").place()).isEqualTo(before);
        robot.push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.Z);
        settle();
        assertThat(plan().opening("window-b").place()).isEqualTo(after);
    }

    @Test
    void save_reopen_equal_recent() throws Exception {
        Path file = folder.resolve("mine.json");
        type("box.height", "2200");
        BoxPlan changed = plan();
        robot.interact(() -> window.files().saveTo(file));
        await(() -> Files.exists(file) && !window.bench().document().changedProperty().get());
        assertThat(PlanFile.read(file, MaterialLibrary.starting())).isEqualTo(changed);
        assertThat(text("saved-state")).isEqualTo("mine.json");
        type("box.height", "2210");
        assertThat(text("saved-state")).isEqualTo("mine.json, changed");
        robot.push(KeyCode.CONTROL, KeyCode.S);
        await(() -> !window.bench().document().changedProperty().get());
        robot.interact(window::showStart);
        assertThat(exists("start-demo")).isTrue();
        robot.interact(() -> window.open(file));
        await(() -> window.bench() != null);
        assertThat(BoxEdits.height(plan())).isEqualTo(2210);
        robot.interact(() -> ((MenuButton) node("file-menu")).show());
        settle();
        Menu recent = (Menu) ((MenuButton) node("file-menu")).getItems().get(2);
        assertThat(recent.getItems().getFirst().getText())
                .isEqualTo(file.toAbsolutePath().toString());
        robot.interact(() -> ((MenuButton) node("file-menu")).hide());
    }

    @Test
    void openABrokenFile_tellsWhy_keepsThePlan() throws Exception {
        Path file = folder.resolve("broken.json");
        Files.writeString(file, "{\"format\": \"pteron-plan\", \"version\": 99}");
        robot.interact(() -> window.open(file));
        await(() -> robot.lookup(".dialog-pane").tryQuery().isPresent());
        assertThat(robot.lookup(".dialog-pane .content").queryAs(Label.class).getText())
                .contains("version: is 99");
        assertThat(plan()).isEqualTo(Demos.wagtail());
        robot.push(KeyCode.ENTER);
        settle();
    }

    @Test
    void export_writesTheFiles() throws Exception {
        robot.interact(() -> window.files().exports().exportTo(folder.resolve("out")));
        await(() -> robot.lookup(".dialog-pane").tryQuery().isPresent());
        try (Stream<Path> files = Files.list(folder.resolve("out"))) {
            assertThat(files).hasSize(10);
        }
        robot.push(KeyCode.ENTER);
        settle();
    }

    @Test
    void stations_views_working_byMouse() {
        robot.clickOn(node("stop-balance"));
        assertThat(window.bench().stationProperty().get()).isEqualTo(BalanceStation.BALANCE);
        robot.clickOn(node("view-rear"));
        assertThat(window.bench().viewProperty().get()).isEqualTo(View.REAR);
        robot.interact(() -> window.showSide("figures"));
        settle();
        // it may lie below what the list shows
        robot.interact(() -> node("figure-balance.coupler-share").requestFocus());
        robot.push(KeyCode.ENTER);
        settle();
        assertThat(node("working").isVisible()).isTrue();
        assertThat(robot.lookup(".formula").queryAs(Label.class).getText())
                .contains("share = 100 · R / m");
    }

    /** What was worked out opens in turn, and back again. */
    @Test
    void numbersOfAWorking_openInTurn() {
        robot.interact(() -> window.bench().workingProperty().set("balance.coupler-load"));
        settle();
        assertThat(exists("working-back") && node("working-back").isVisible()).isFalse();
        press("follow-xg");
        assertThat(formula()).isEqualTo("xg = x − xf");
        press("follow-x");
        assertThat(formula()).startsWith("x = (m₁ · x₁ + m₂ · x₂");
        press("working-back");
        press("working-back");
        assertThat(formula()).startsWith("R = m");
    }

    /** The solid box turns by drag and arrows, sheds its skin, and a member can be chosen. */
    @Test
    void solidBox_turnsAndSheds() {
        robot.push(KeyCode.F9);
        settle();
        assertThat(window.bench().viewProperty().get()).isEqualTo(View.SOLID);
        Eye before = window.bench().solid().eyeProperty().get();
        robot.interact(() -> node("drawing").requestFocus());
        robot.push(KeyCode.RIGHT);
        robot.push(KeyCode.UP);
        settle();
        Eye turned = window.bench().solid().eyeProperty().get();
        assertThat(turned.turnDegrees()).isNotEqualTo(before.turnDegrees());
        assertThat(turned.upDegrees()).isNotEqualTo(before.upDegrees());
        // what skin and lining hide is not drawn
        assertThat(parts()).contains("left outer 1", "deck").doesNotContain("left stud 1");
        press("coat-outer_skin");
        assertThat(parts()).contains("left stud 1").doesNotContain("left outer 1");
        robot.drag(node("drawing"), MouseButton.PRIMARY).moveBy(60, 0).drop();
        settle();
        assertThat(window.bench().solid().eyeProperty().get()).isNotEqualTo(turned);
        assertThat(window.bench().selectedProperty().get()).as("a turn chooses nothing").isEmpty();
        assertThat(plan()).isEqualTo(Demos.wagtail());
    }

    /** A click on a line of the outline, a corner or a figure leaves it chosen; one beside them chooses nothing. */
    @Test
    void linesAndCorners_stayChosenWhenClicked() {
        robot.push(KeyCode.ALT, KeyCode.DIGIT2);
        settle();
        for (String part : new String[] {PlanKeys.line(2), PlanKeys.corner(2)}) {
            robot.clickOn(node("grip-" + part));
            settle();
            assertThat(window.bench().selectedProperty().get()).isEqualTo(part);
        }
        Bounds drawing = node("drawing").localToScreen(node("drawing").getBoundsInLocal());
        robot.clickOn(drawing.getMinX() + 12, drawing.getMaxY() - 12);
        settle();
        assertThat(window.bench().selectedProperty().get()).isEmpty();
    }

    /** A plan opened from the command line is not taken for one that somebody else has changed. */
    @Test
    void openedFile_isKnownAsItStands() throws Exception {
        Path file = folder.resolve("opened.json");
        PlanFile.save(Demos.siskin(), file);
        robot.interact(() -> window.show(Demos.siskin(), file));
        settle();
        assertThat(window.bench().document().stamp()).isEqualTo(Stamp.of(file));
    }

    private List<String> parts() {
        return ((DrawingView) node("drawing"))
                .getDrawing().shapes().stream()
                        .filter(Shape.Face.class::isInstance)
                        .map(shape -> ((Shape.Face) shape).part())
                        .distinct()
                        .toList();
    }

    private String formula() {
        return robot.lookup(".formula").queryAs(Label.class).getText();
    }

    /** A new plan by two keys: what is shown first is made by Enter. */
    @Test
    void newPlan_byKeysAlone() {
        robot.push(KeyCode.CONTROL, KeyCode.N);
        settle();
        assertThat(exists("start-make")).isTrue();
        robot.push(KeyCode.ENTER);
        settle();
        assertThat(exists("start-make")).isFalse();
        assertThat(plan().box().outline()).isNotEqualTo(Demos.wagtail().box().outline());
    }

    @Test
    void byKeyboardAlone() {
        robot.push(KeyCode.ALT, KeyCode.DIGIT2);
        settle();
        assertThat(window.bench().stationProperty().get()).isEqualTo(OutlineStation.OUTLINE);
        robot.interact(() -> node("dim-outline.2.x").requestFocus());
        robot.push(KeyCode.ENTER);
        settle();
        robot.interact(((TextField) node("edit-outline.2.x"))::selectAll);
        robot.write("600");
        robot.push(KeyCode.ENTER);
        settle();
        assertThat(plan().box().outline().get(2).xMm()).isEqualTo(600);
        robot.push(KeyCode.CONTROL, KeyCode.U);
        settle();
        assertThat(plan().units()).isEqualTo(UnitSystem.INCHES);
        robot.interact(() -> window.bench().selectedProperty().set("window-b"));
        robot.interact(() -> node("drawing").requestFocus());
        robot.push(KeyCode.RIGHT);
        settle();
        assertThat(plan().opening("window-b").place().alongMm()).isEqualTo(1490);
    }

    /** Tab reaches an opening, arrows move it, and it keeps the focus; Escape closes a working. */
    @Test
    void openingByKeyboard_keepsTheFocus() {
        robot.interact(() -> node("grip-window-b").requestFocus());
        settle();
        assertThat(window.bench().selectedProperty().get()).isEqualTo("window-b");
        robot.push(KeyCode.LEFT);
        robot.push(KeyCode.LEFT);
        robot.push(KeyCode.ALT, KeyCode.UP);
        settle();
        assertThat(plan().opening("window-b").place()).isEqualTo(new Opening.Place(1460, 721));
        assertThat(node("grip-window-b").isFocused()).isTrue();
        robot.interact(() -> window.bench().workingProperty().set("carrier.payload"));
        robot.push(KeyCode.ESCAPE);
        settle();
        assertThat(window.bench().workingProperty().get()).isEmpty();
    }

    @Test
    void inputs_changeMaterialAndSpacing() {
        robot.clickOn(node("stop-frame"));
        robot.interact(() -> window.showSide("inputs"));
        settle();
        TextField spacing = (TextField) node("number-walls.members.spacing");
        robot.interact(
                () -> {
                    spacing.setText("320");
                    spacing.getOnAction().handle(null);
                });
        settle();
        assertThat(plan().makeUp().walls().members().spacingMm()).isEqualTo(320);
    }

    @Test
    void cure_isAppliedByOnePress_andUndone() throws Exception {
        robot.interact(
                () ->
                        window.bench()
                                .document()
                                .edit(
                                        p ->
                                                p.withOpening(
                                                        "door",
                                                        o ->
                                                                o.withPlace(
                                                                        new Opening.Place(
                                                                                3700, 0)))));
        settle();
        BoxPlan bad = plan();
        await(() -> exists("cure-OPENING_OUTSIDE_WALL"));
        robot.clickOn(node("finding-OPENING_OUTSIDE_WALL"));
        robot.interact(() -> ((Button) node("cure-OPENING_OUTSIDE_WALL")).fire());
        settle();
        assertThat(exists("finding-OPENING_OUTSIDE_WALL")).isFalse();
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(plan()).isEqualTo(bad);
    }

    @Test
    void brokenOutline_showsTheFinding_andItsCureMendsIt() throws Exception {
        robot.interact(
                () -> window.bench().document().edit(p -> BoxEdits.withCorner(p, 4, 4300, 300)));
        settle();
        assertThat(exists("finding-OUTLINE_NOT_CLOSED")).isTrue();
        await(() -> exists("cure-OUTLINE_NOT_CLOSED"));
        robot.interact(() -> ((Button) node("cure-OUTLINE_NOT_CLOSED")).fire());
        settle();
        assertThat(plan()).isEqualTo(Demos.wagtail());
    }

    /** The lengths of the bars in the shop are typed together, and the bars are cut anew from them. */
    @Test
    void inputs_lengthsOfTheBars() throws Exception {
        robot.interact(() -> window.bench().stationProperty().set(CuttingStation.CUTTING));
        robot.interact(() -> window.showSide("inputs"));
        settle();
        TextField bars = (TextField) node("lengths-bars.timber");
        robot.interact(
                () -> {
                    bars.setText("2.4 m, 5400");
                    bars.getOnAction().handle(null);
                });
        settle();
        assertThat(plan().supplies().lengthsMm(false)).containsExactly(2400.0, 5400.0);
        assertThat(bars.getText().replace('\u2009', ' ')).isEqualTo("2 400, 5 400 mm");
        robot.interact(
                () -> {
                    bars.setText("2400, 99000");
                    bars.getOnAction().handle(null);
                });
        settle();
        assertThat(robot.lookup(".refused").queryLabeled().getText())
                .contains("tock lengths", "enter");
        assertThat(plan().supplies().lengthsMm(false)).containsExactly(2400.0, 5400.0);
    }

    @Test
    void search_findsAndGoes() {
        robot.push(KeyCode.CONTROL, KeyCode.K);
        settle();
        robot.interact(() -> ((TextField) node("search-field")).setText("go to seal"));
        robot.push(KeyCode.ENTER);
        settle();
        assertThat(window.bench().stationProperty().get()).isEqualTo(SealingStation.SEALING);
    }

    /** What a choice offers is found by its name, and what begins with the letters stands first. */
    @Test
    void search_findsWhatCanBeChosen_theNearestFirst() {
        robot.push(KeyCode.CONTROL, KeyCode.K);
        settle();
        TextField typed = (TextField) node("search-field");
        ListView<?> list = (ListView<?>) node("search-list");
        robot.interact(() -> typed.setText("walls build method boards"));
        assertThat(list.getItems()).singleElement().asString().containsIgnoringCase("boards");
        robot.interact(() -> typed.setText("wall"));
        List<String> found =
                list.getItems().stream().map(Object::toString).map(DesktopTest::hit).toList();
        List<Boolean> begins = found.stream().map(words -> words.startsWith("wall")).toList();
        assertThat(begins).contains(true, false);
        assertThat(begins.lastIndexOf(true)).isLessThan(begins.indexOf(false));
        robot.push(KeyCode.ESCAPE);
        settle();
    }

    private static String hit(String shown) {
        return shown.substring(shown.indexOf("words=") + 6).toLowerCase(Locale.ROOT);
    }

    @Test
    void zoom_pan_fit() {
        robot.push(KeyCode.CONTROL, KeyCode.EQUALS);
        settle();
        double wide = node("grip-door").getBoundsInLocal().getWidth();
        robot.push(KeyCode.CONTROL, KeyCode.DIGIT0);
        settle();
        assertThat(node("grip-door").getBoundsInLocal().getWidth()).isLessThan(wide);
    }

    /** The hatch of a cut once drew every line of a layer, however much of it was out of sight. */
    @Test
    void zoomedFarIn_theCutIsStillDrawn() {
        robot.interact(() -> window.bench().stationProperty().set(MakeUpStation.MAKE_UP));
        settle();
        for (int n = 0; n < 80; n++) {
            robot.push(KeyCode.CONTROL, KeyCode.EQUALS);
        }
        settle();
        robot.push(KeyCode.CONTROL, KeyCode.DIGIT0);
        settle();
        robot.interact(() -> window.bench().viewProperty().set(View.LEFT));
        settle();
        assertThat(node("grip-door").getBoundsInLocal().getWidth()).isBetween(20.0, 400.0);
    }

    @Test
    void startScreen_offersOutlines() throws Exception {
        robot.interact(window::showStart);
        settle();
        robot.clickOn(node("outline-raked-nose"));
        robot.clickOn(node("start-make"));
        await(() -> window.bench() != null);
        assertThat(plan().name()).isEqualTo("Raked nose");
        await(() -> !window.bench().cutting().workingProperty().get());
        assertThat(window.bench().cutting().cuttingProperty().get().barCount()).isPositive();
    }

    /** A finding leads: to the view that has its member, which stands out, and to the input that acts on it. */
    @Test
    void finding_leadsToItsMember_andToItsInput() throws Exception {
        robot.interact(() -> window.showSide("findings"));
        settle();
        Finding finding =
                window.bench().document().model().findings(FrameStation.FRAME).stream()
                        .filter(one -> one.code().startsWith("WORKS_HARD_STUD"))
                        .findFirst()
                        .orElseThrow();
        robot.interact(() -> window.bench().viewProperty().set(View.ROOF));
        Node card = node("finding-" + finding.code());
        robot.interact(card::requestFocus);
        robot.push(KeyCode.ENTER);
        settle();
        assertThat(window.bench().stationProperty().get()).isEqualTo(FrameStation.FRAME);
        assertThat(window.bench().selectedProperty().get()).isEqualTo(finding.place().part());
        assertThat(window.bench().viewProperty().get())
                .isEqualTo(finding.place().part().startsWith("right") ? View.RIGHT : View.LEFT);
    }

    /** Its title, the window and what is exported are called by the new name; nothing is no name. */
    @Test
    void rename_byTheTitle_andUndone() {
        String before = window.bench().document().plan().name();
        robot.interact(() -> window.commands().get("rename").run());
        settle();
        TextField typed = (TextField) node("rename-field");
        robot.interact(() -> typed.setText("  Heron "));
        robot.interact(typed::requestFocus);
        robot.push(KeyCode.ENTER);
        settle();
        assertThat(window.bench().document().plan().name()).isEqualTo("Heron");
        assertThat(robot.lookup(".plan-name").queryAs(Label.class).getText()).isEqualTo("Heron");
        robot.interact(() -> window.commands().get("undo").run());
        settle();
        assertThat(window.bench().document().plan().name()).isEqualTo(before);
        robot.interact(() -> window.commands().get("rename").run());
        settle();
        TextField empty = (TextField) node("rename-field");
        robot.interact(() -> empty.setText(" "));
        robot.interact(empty::requestFocus);
        robot.push(KeyCode.ENTER);
        settle();
        assertThat(window.bench().document().plan().name()).isEqualTo(before);
        assertThat(robot.lookup(".dialog-pane").tryQuery()).isPresent();
        robot.push(KeyCode.ENTER);
        settle();
    }

    @Test
    void reckoner_answersWhileTyping() {
        robot.interact(window::showReckoner);
        settle();
        TextField turn = (TextField) node("reckon-turn");
        robot.interact(() -> turn.setText("60"));
        settle();
        assertThat(robot.lookup(".answer").queryAs(Label.class).getText()).contains("30°");
        robot.interact(() -> turn.setText("many"));
        settle();
        assertThat(robot.from(turn.getScene().getRoot()).lookup(".refused").queryAs(Label.class))
                .extracting(Label::getText, InstanceOfAssertFactories.STRING)
                .contains("enter a number");
        robot.interact(() -> turn.getScene().getWindow().hide());
    }
}
