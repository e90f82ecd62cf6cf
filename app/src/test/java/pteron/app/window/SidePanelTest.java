package pteron.app.window;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Tab;
import javafx.scene.control.TabPane;
import javafx.scene.control.TextField;
import org.junit.jupiter.api.Test;
import pteron.core.carrier.CarrierStation;
import pteron.core.frame.FrameStation;
import pteron.core.makeup.MakeUpStation;
import pteron.core.sealing.SealingStation;
import pteron.core.skin.SkinStation;
import pteron.core.station.Station;
import pteron.exchange.demo.Demos;

/** What stands at the right: it belongs to the station, keeps what was chosen, and says why a member is as thick as it is. */
class SidePanelTest extends DesktopRobot {

    private TabPane side() {
        return (TabPane) node("side");
    }

    private String shown() {
        return side().getSelectionModel().getSelectedItem().getText();
    }

    private void go(Station station) {
        robot.interact(() -> window.bench().stationProperty().set(station));
        settle();
    }

    private void choose(String title) {
        Tab tab =
                side().getTabs().stream()
                        .filter(one -> one.getText().startsWith(title))
                        .findFirst()
                        .orElseThrow();
        robot.interact(() -> side().getSelectionModel().select(tab));
        settle();
    }

    @Test
    void station_opensWithItsOwn_andKeepsWhatWasChosen() {
        go(FrameStation.FRAME);
        assertThat(shown()).isEqualTo("Members");
        choose("Inputs");
        go(SealingStation.SEALING);
        assertThat(shown()).isEqualTo("Joints");
        go(FrameStation.FRAME);
        assertThat(shown()).isEqualTo("Inputs");
        go(CarrierStation.CARRIER);
        assertThat(shown()).startsWith("Findings");
    }

    @Test
    void finding_leadsToItsMember_andToTheInput() {
        go(CarrierStation.CARRIER);
        String code = "WORKS_HARD_STUD_DEFLECTION";
        robot.interact(() -> ((Button) node("input-" + code)).fire());
        settle();
        assertThat(node("number-walls.members.depth").isFocused()).isTrue();
    }

    /** However many members there are, most of the pane is for the one that was asked about; the list keeps a few rows. */
    @Test
    void member_isToldWhereItCanBeRead() {
        go(FrameStation.FRAME);
        robot.interact(() -> window.bench().selectedProperty().set("left stud 3"));
        settle();
        double all = robot.lookup("#members").query().getLayoutBounds().getHeight();
        assertThat(scrolled("why")).isGreaterThan(all / 2);
        assertThat(all).isGreaterThan(scrolled("why") + 100);
    }

    /** What is told of a sheet goes on in a second line and is seen whole. */
    @Test
    void sheet_isToldWhole() {
        go(SkinStation.SKINS);
        robot.interact(() -> window.bench().selectedProperty().set("left outer 3"));
        settle();
        Label words =
                robot.lookup("#sheets .label").queryAllAs(Label.class).stream()
                        .filter(label -> label.getText().startsWith("Aluminium"))
                        .findFirst()
                        .orElseThrow();
        assertThat(words.getHeight())
                .isGreaterThanOrEqualTo(words.prefHeight(words.getWidth()) - 1);
        assertThat(end(words)).isLessThanOrEqualTo(end(scroll(words)) + 1);
    }

    /** {@return height of the pane that something is scrolled in (pixels)} */
    private double scrolled(String id) {
        return scroll(node(id)).getLayoutBounds().getHeight();
    }

    private static Node scroll(Node inside) {
        Node up = inside;
        while (!(up instanceof ScrollPane)) {
            up = up.getParent();
        }
        return up;
    }

    private static double end(Node node) {
        return node.localToScene(node.getLayoutBounds()).getMaxY();
    }

    /** The member says what governs, what the next sizes give, and a press takes the next size. */
    @Test
    void member_saysWhyItIsSoThick() throws Exception {
        go(FrameStation.FRAME);
        robot.interact(() -> window.bench().selectedProperty().set("left stud 3"));
        settle();
        assertThat(exists("beam-diagram")).isTrue();
        assertThat(robot.lookup("#why .label").queryAllAs(Label.class))
                .anyMatch(label -> label.getText().startsWith("Deflection governs: "));
        await(() -> exists("use-70"));
        robot.interact(() -> ((Button) node("use-70")).fire());
        settle();
        assertThat(plan().makeUp().walls().members().section().depthMm()).isEqualTo(70);
        press("do-undo");
        assertThat(plan()).isEqualTo(Demos.wagtail());
    }

    @Test
    void memberWithoutALoad_saysSo() {
        go(FrameStation.FRAME);
        robot.interact(() -> window.bench().selectedProperty().set("left bottom plate 1"));
        settle();
        assertThat(exists("why")).isFalse();
        assertThat(robot.lookup("#members .label").queryAllAs(Label.class))
                .anyMatch(label -> label.getText().startsWith("Not checked"));
    }

    /** A board of one's own at the lining: named, weighed, with its sheet; used and listed at once, undone in one step. */
    @Test
    void ownMaterial_byItsForm() {
        go(MakeUpStation.MAKE_UP);
        choose("Inputs");
        robot.interact(() -> ((Button) node("own-walls.innerSkin")).fire());
        settle();
        enter("own-name", "Yard ply");
        robot.interact(() -> ((Button) node("own-add")).fire());
        settle();
        assertThat(((Label) node("own-answer")).getText()).contains("density of Yard ply is empty");
        enter("own-density", "510");
        enter("own-sheet-width", "1220");
        robot.interact(() -> ((Button) node("own-add")).fire());
        settle();
        assertThat(((Label) node("own-answer")).getText()).contains("needs its sheet length");
        enter("own-conductivity", "0.13");
        enter("own-vapour", "70");
        enter("own-sheet-length", "2440");
        robot.interact(() -> ((Button) node("own-add")).fire());
        settle();
        assertThat(((Label) node("own-answer")).getText()).contains("is used here");
        assertThat(plan().makeUp().walls().innerSkin().material()).startsWith("own-yard-ply");
        assertThat(plan().materials()).hasSize(Demos.wagtail().materials().size() + 1);
        press("do-undo");
        assertThat(plan().makeUp().walls().innerSkin())
                .isEqualTo(Demos.wagtail().makeUp().walls().innerSkin());
    }

    private void enter(String id, String text) {
        robot.interact(() -> ((TextField) node(id)).setText(text));
    }
}
