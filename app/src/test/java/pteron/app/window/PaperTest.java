package pteron.app.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import javafx.scene.SnapshotParameters;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.paint.Color;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import pteron.app.opening.OpeningScreen;
import pteron.core.drawing.Drawing;
import pteron.core.frame.FrameStation;
import pteron.core.opening.OpeningStation;
import pteron.core.picture.Drawings;
import pteron.core.plan.Opening;
import pteron.core.skin.SkinStation;
import pteron.exchange.pdf.Paper;

/** Print with its preview, what is chosen for export, help, finding things, measuring, several chosen. */
class PaperTest extends DesktopRobot {

    @Test
    void print_showsItsPagesFirst() throws Exception {
        robot.push(KeyCode.CONTROL, KeyCode.P);
        await(() -> exists("print-card"));
        assertThat(robot.lookup("#print-card .label").queryAllAs(Label.class))
                .anyMatch(label -> label.getText().startsWith("page 1 of "));
        press("print-after");
        assertThat(robot.lookup("#print-card .label").queryAllAs(Label.class))
                .anyMatch(label -> label.getText().startsWith("page 2 of "));
        // commands rest while the card is there
        robot.push(KeyCode.CONTROL, KeyCode.U);
        settle();
        assertThat(plan()).isEqualTo(demo());
        robot.push(KeyCode.ESCAPE);
        settle();
        assertThat(exists("print-card")).isFalse();
    }

    /** Asked for twice before the pages are made: one preview, and what it waits for is said. */
    @Test
    void print_askedForTwice_isShownOnce() throws Exception {
        robot.push(KeyCode.CONTROL, KeyCode.P);
        robot.push(KeyCode.CONTROL, KeyCode.P);
        await(() -> exists("underway") || exists("print-card"));
        await(() -> exists("print-card"));
        assertThat(exists("underway")).isFalse();
        robot.push(KeyCode.ESCAPE);
        settle();
        assertThat(exists("print-card")).isFalse();
    }

    /** What stops an export half way is told with the files that are on the disk by then. */
    @Test
    void export_halfWay_tellsWhatWasWritten() throws Exception {
        Path out = folder.resolve("half");
        Files.createDirectories(out.resolve("wagtail-materials.csv").resolve("in the way"));
        robot.interact(() -> window.files().exports().exportTo(out));
        await(() -> robot.lookup(".dialog-pane").tryQuery().isPresent());
        robot.push(KeyCode.ENTER);
        await(() -> dialogWords().contains("Written before that"));
        assertThat(dialogWords()).contains("wagtail-cut-list.csv").doesNotContain("wagtail.pdf");
        assertThat(out.resolve("wagtail-cut-list.csv")).exists();
        robot.push(KeyCode.ENTER);
        settle();
        assertThat(robot.lookup(".dialog-pane").tryQuery()).isEmpty();
    }

    private String dialogWords() {
        return robot.lookup(".dialog-pane .content").queryAllAs(Label.class).stream()
                .map(Label::getText)
                .reduce("", String::concat);
    }

    @Test
    void export_namesWhatStopsTheJob() throws Exception {
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
        robot.interact(() -> window.commands().get("export").run());
        await(() -> exists("export-stops"));
        assertThat(text("export-stops")).contains("Opening reaches outside its wall", "Door");
        assertThat(((CheckBox) node("export-csv")).isSelected()).isTrue();
        robot.push(KeyCode.ESCAPE);
        settle();
        assertThat(exists("export-card")).isFalse();
    }

    /** The drawing of a cut changes its colours with the window: its words stay readable. */
    @Test
    void cutDrawing_changesWithTheTheme() {
        find("left stud 1");
        Canvas cut =
                (Canvas)
                        robot
                                .lookup("#cut-drawing")
                                .queryParent()
                                .getChildrenUnmodifiable()
                                .stream()
                                .filter(Canvas.class::isInstance)
                                .findFirst()
                                .orElseThrow();
        int before = darkest(cut);
        robot.push(KeyCode.CONTROL, KeyCode.T);
        settle();
        assertThat(darkest(cut)).isGreaterThan(before + 40);
    }

    /** Brightness of the darkest spot that is painted, 0 to 255. */
    private int darkest(Canvas canvas) {
        int[] least = {255};
        robot.interact(
                () -> {
                    SnapshotParameters clear = new SnapshotParameters();
                    clear.setFill(Color.TRANSPARENT);
                    var picture = canvas.snapshot(clear, null);
                    for (int x = 0; x < picture.getWidth(); x++) {
                        for (int y = 0; y < picture.getHeight(); y++) {
                            Color at = picture.getPixelReader().getColor(x, y);
                            if (at.getOpacity() > 0.9) {
                                least[0] = Math.min(least[0], (int) (255 * at.getBrightness()));
                            }
                        }
                    }
                });
        return least[0];
    }

    /** Enter goes on, as the colour of the button says, and does not take a tick away. */
    @Test
    void export_goesOnByEnter_fromAnyTick() throws Exception {
        robot.push(KeyCode.CONTROL, KeyCode.E);
        await(() -> exists("export-card"));
        CheckBox lists = (CheckBox) node("export-csv");
        robot.interact(lists::requestFocus);
        robot.push(KeyCode.ENTER);
        await(() -> !exists("export-card"));
        assertThat(lists.isSelected()).isTrue();
        // offscreen there is no chooser for folders: that is said, and Enter takes the message away
        await(() -> robot.lookup(".dialog-pane .primary").tryQuery().isPresent());
        settle();
        assertThat(robot.lookup(".dialog-pane .primary").queryButton().isFocused()).isTrue();
        robot.push(KeyCode.ENTER);
        settle();
        assertThat(robot.lookup(".dialog-pane").tryQuery()).isEmpty();
    }

    /** Who types on at once types into the search, and Enter alone does nothing. */
    @Test
    void search_hasTheFocusAtOnce() {
        boolean[] focused = {false};
        robot.interact(
                () -> {
                    window.commands().get("search").run();
                    focused[0] = node("search-field").isFocused();
                });
        assertThat(focused[0]).isTrue();
        robot.push(KeyCode.ENTER);
        settle();
        assertThat(exists("search-field")).isFalse();
        assertThat(exists("print-card")).isFalse();
    }

    @Test
    void units_areFound_andPutIn() throws Exception {
        int before = plan().openings().size();
        find("add: small window");
        assertThat(plan().openings()).hasSize(before + 1);
        assertThat(window.bench().selectedProperty().get())
                .isEqualTo(plan().openings().getLast().id());
        robot.push(KeyCode.CONTROL, KeyCode.K);
        settle();
        robot.interact(() -> ((TextField) node("search-field")).setText("no such thing"));
        // the words of an empty list come with its next layout
        await(
                () ->
                        robot.lookup("#search-list .quiet").queryAllAs(Label.class).stream()
                                .anyMatch(label -> label.getText().startsWith("No match")));
        robot.push(KeyCode.ESCAPE);
    }

    @Test
    void oneView_asSvg_pdf_andPicture() throws Exception {
        Path out = folder.resolve("view");
        robot.interact(
                () -> {
                    Drawing drawing =
                            Drawings.of(
                                    window.bench().document().model(),
                                    window.bench().viewProperty().get(),
                                    SkinStation.SKINS,
                                    "");
                    window.files()
                            .exports()
                            .exportView(drawing, Set.of("svg", "pdf-view", "png"), Paper.A4, out);
                });
        await(() -> robot.lookup(".dialog-pane").tryQuery().isPresent());
        assertThat(dialogWords())
                .contains("3 files in", "wagtail-left.svg", "wagtail-left.pdf", "wagtail-left.png");
        assertThat(Files.readString(out.resolve("wagtail-left.svg"))).contains("</svg>");
        assertThat(Files.size(out.resolve("wagtail-left.pdf"))).isGreaterThan(5000);
        assertThat(ImageIO.read(out.resolve("wagtail-left.png").toFile()).getWidth())
                .isEqualTo(1600);
    }

    @Test
    void help_findsAWord() {
        robot.push(KeyCode.F1);
        settle();
        assertThat(exists("help")).isTrue();
        robot.interact(() -> window.showWord("kerf"));
        settle();
        assertThat(robot.lookup("#help .headline").queryAllAs(Label.class))
                .anyMatch(label -> label.getText().equals("kerf"));
    }

    @Test
    void find_reachesAnInput_andAMember() {
        find("wind gust");
        assertThat(window.bench().stationProperty().get()).isEqualTo(FrameStation.FRAME);
        assertThat(node("number-wind.speed").isFocused()).isTrue();
        find("left stud 1");
        assertThat(window.bench().selectedProperty().get()).startsWith("left stud 1");
        assertThat(exists("cut-drawing")).isTrue();
    }

    /** A choice is found too and its keys are at hand. */
    @Test
    void choices_areFound_andChangedByKeys() throws Exception {
        find("curved plates");
        await(() -> node("choice-bends").isFocused());
        String before = plan().makeUp().bends().toString();
        robot.push(KeyCode.DOWN);
        settle();
        assertThat(plan().makeUp().bends().toString()).isNotEqualTo(before);
    }

    private void find(String words) {
        robot.push(KeyCode.CONTROL, KeyCode.K);
        settle();
        robot.interact(() -> ((TextField) node("search-field")).setText(words));
        robot.push(KeyCode.ENTER);
        settle();
    }

    /** Two windows and the door: heads in line, all moved by one press, deleted by a key, all undone. */
    @Test
    void several_areSetOutTogether() {
        assertThat(OpeningScreen.SCREEN.station()).isEqualTo(OpeningStation.OPENINGS);
        robot.interact(
                () -> window.bench().choose(java.util.List.of("window-a", "window-b", "door")));
        settle();
        press("tool-heads");
        Opening door = plan().opening("door");
        double head = door.place().sillMm() + door.size().heightMm();
        for (String id : new String[] {"window-a", "window-b"}) {
            Opening one = plan().opening(id);
            assertThat(one.place().sillMm() + one.size().heightMm()).isEqualTo(head);
        }
        double before = plan().opening("window-a").place().alongMm();
        robot.interact(() -> node("grip-window-a").requestFocus());
        robot.interact(() -> window.bench().choose(java.util.List.of("window-b", "window-a")));
        robot.push(KeyCode.RIGHT);
        settle();
        assertThat(plan().opening("window-a").place().alongMm()).isEqualTo(before + 10);
        robot.push(KeyCode.DELETE);
        settle();
        assertThat(plan().openings())
                .extracting(Opening::id)
                .doesNotContain("window-a", "window-b");
        for (int i = 0; i < 3; i++) {
            robot.push(KeyCode.CONTROL, KeyCode.Z);
            settle();
        }
        assertThat(plan()).isEqualTo(demo());
    }

    @Test
    void shelf_byKeys_andRename() {
        robot.interact(() -> node("unit-small-window").requestFocus());
        robot.push(KeyCode.ENTER);
        settle();
        assertThat(plan().openings()).hasSize(demo().openings().size() + 1);
        assertThat(window.bench().selectedProperty().get()).isEqualTo("small-window");
        TextField name = (TextField) node("opening-name");
        robot.clickOn(name);
        robot.interact(name::selectAll);
        robot.write("Galley light");
        robot.push(KeyCode.ENTER);
        settle();
        assertThat(plan().opening("small-window").name()).isEqualTo("Galley light");
        assertThat(((Button) node("tool-delete")).isDisabled()).isFalse();
    }

    @Test
    void tape_readsBetweenTwoPoints() {
        robot.push(KeyCode.CONTROL, KeyCode.M);
        settle();
        assertThat(node("tape").isVisible()).isTrue();
        robot.clickOn(node("grip-door"));
        robot.clickOn(node("grip-window-b"));
        settle();
        assertThat(text("tape-reading")).contains("along", "up", "mm");
        assertThat(plan()).isEqualTo(demo());
        robot.push(KeyCode.ESCAPE);
        settle();
        assertThat(node("tape").isVisible()).isFalse();
    }
}
