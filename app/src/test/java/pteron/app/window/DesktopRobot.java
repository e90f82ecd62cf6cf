package pteron.app.window;

import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;
import pteron.core.plan.BoxPlan;
import pteron.exchange.demo.Demos;

/** A window with a plan in it, and a robot that works it. */
abstract class DesktopRobot {

    /** {@return the plan that is opened} */
    BoxPlan demo() {
        return Demos.wagtail();
    }

    /** Presses a button. */
    void press(String id) {
        robot.interact(() -> ((ButtonBase) node(id)).fire());
        settle();
    }

    /** Chooses an item of a menu. */
    void choose(String menu, String item) {
        MenuButton button = (MenuButton) node(menu);
        MenuItem chosen =
                button.getItems().stream()
                        .filter(one -> one.getText().equals(item))
                        .findFirst()
                        .orElseThrow();
        robot.interact(chosen::fire);
        settle();
    }

    private static final long PATIENCE_SECONDS = 60;

    @RegisterExtension static final NoFaults FAULTS = new NoFaults();

    @TempDir static Path settings;
    @TempDir Path folder;

    final FxRobot robot = new FxRobot();
    AppWindow window;

    @BeforeAll
    static void toolkit() throws Exception {
        System.setProperty("pteron.settings", settings.toString());
        System.setProperty("pteron.data", settings.resolve("data").toString());
        FxToolkit.registerPrimaryStage();
    }

    @BeforeEach
    void open() throws Exception {
        FxToolkit.setupStage(
                stage -> {
                    window = new AppWindow(stage, 1280, 800);
                    // tests share one stage: the size that an earlier one gave it must not stay
                    stage.setWidth(1280);
                    stage.setHeight(800);
                    window.show(demo(), null);
                    stage.show();
                });
        settle();
    }

    @AfterEach
    void close() throws Exception {
        robot.interact(window::dispose);
        robot.interact(() -> List.copyOf(Window.getWindows()).forEach(Window::hide));
        FxToolkit.setupStage(Stage::hide);
    }

    static void settle() {
        WaitForAsyncUtils.waitForFxEvents();
    }

    void await(Callable<Boolean> condition) throws Exception {
        // Asked on the interface's own thread: the list of windows changes there.
        WaitForAsyncUtils.waitFor(
                PATIENCE_SECONDS,
                TimeUnit.SECONDS,
                () -> WaitForAsyncUtils.asyncFx(condition).get());
        settle();
    }

    Node node(String id) {
        return robot.lookup((Node n) -> id.equals(n.getId())).query();
    }

    boolean exists(String id) {
        return robot.lookup((Node n) -> id.equals(n.getId())).tryQuery().isPresent();
    }

    String text(String id) {
        return ((Label) node(id)).getText();
    }

    BoxPlan plan() {
        return window.bench().document().plan();
    }

    void type(String dimension, String text) {
        robot.clickOn(node("dim-" + dimension));
        TextField field = (TextField) node("edit-" + dimension);
        robot.interact(field::selectAll);
        robot.write(text);
        robot.push(KeyCode.ENTER);
        settle();
    }
}
