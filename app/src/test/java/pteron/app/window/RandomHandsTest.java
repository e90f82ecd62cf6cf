package pteron.app.window;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Consumer;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBox;
import javafx.scene.control.DialogPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.testfx.util.WaitForAsyncUtils;
import pteron.app.action.Command;
import pteron.app.drawing.DrawingView;
import pteron.app.station.Workbench;
import pteron.core.drawing.View;
import pteron.core.model.Route;
import pteron.core.plan.BoxPlan;
import pteron.core.station.Station;
import pteron.exchange.demo.Demos;

/**
 * The window in hands that know nothing: clicks, drags with all that may end one, keys with modifiers, lengths typed,
 * commands, buttons, choices, by a fixed seed, a third of them on a slow machine. No act may leave a fault on any thread or half a minute without an answer; taking
 * everything back gives the equal plan.
 */
class RandomHandsTest extends DesktopRobot {

    /** Acts a demo; {@code -Dpteron.hands=5000} for a longer search, {@code -Dpteron.seed} for another. */
    private static final int ACTS = Integer.getInteger("pteron.hands", 150);

    private static final long SEED = Long.getLong("pteron.seed", 77);
    private static final long PATIENCE_SECONDS = 60;
    private static final long SLOW_MS = 1500;

    private static final List<String> TYPED =
            List.of(
                    "4350",
                    "14' 3 1/4\"",
                    "0",
                    "-5",
                    "1e9",
                    "",
                    "abc",
                    "2050",
                    "12",
                    "1/0",
                    "6 1/2\"",
                    "3,5 m",
                    "99999",
                    "0.0001",
                    "−20",
                    "17 cm",
                    "1d",
                    "NaN");

    private static final List<KeyCode> KEYS =
            List.of(
                    KeyCode.LEFT,
                    KeyCode.RIGHT,
                    KeyCode.UP,
                    KeyCode.DOWN,
                    KeyCode.ENTER,
                    KeyCode.TAB,
                    KeyCode.ESCAPE,
                    KeyCode.DELETE,
                    KeyCode.SPACE,
                    KeyCode.HOME,
                    KeyCode.END,
                    KeyCode.PAGE_DOWN,
                    KeyCode.Z,
                    KeyCode.U,
                    KeyCode.T,
                    KeyCode.K,
                    KeyCode.R,
                    KeyCode.W,
                    KeyCode.DIGIT0,
                    KeyCode.DIGIT1,
                    KeyCode.DIGIT5,
                    KeyCode.DIGIT9,
                    KeyCode.F2,
                    KeyCode.F6,
                    KeyCode.F10,
                    KeyCode.EQUALS,
                    KeyCode.MINUS);

    private static final List<View> VIEWS = List.of(View.values());

    /** How much longer a plan takes to be worked out in every third stretch of acts (ms). */
    private static final int DELAY_MS = 60;

    private static final int STRETCH = 25;

    private final Map<End, Integer> ends = new EnumMap<>(End.class);
    private Random random;
    private BoxPlan base;
    private int resets;

    private static BoxPlan demoOf(String name) {
        return Demos.all().stream().filter(d -> d.name().equals(name)).findFirst().orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(strings = {"Wagtail", "Dipper", "Siskin", "Plover"})
    void hands(String name) throws Exception {
        random = new Random(SEED + name.hashCode());
        base = demoOf(name);
        onScreen(() -> window.show(base, null));
        int slow = 0;
        for (int act = 0; act < ACTS; act++) {
            long start = System.nanoTime();
            String did = "nothing";
            slowDown(act / STRETCH % 3 == 2);
            try {
                did = act();
                answered(() -> true);
            } catch (TimeoutException e) {
                throw new AssertionError("no answer after act %d, %s".formatted(act, did), e);
            }
            long took = (System.nanoTime() - start) / 1_000_000;
            if (took > SLOW_MS) {
                slow++;
                System.out.printf("%s, act %d, %s: %d ms%n", name, act, did, took);
            }
            assertThat(NoFaults.uncaught()).as("%s, act %d, %s", name, act, did).isEmpty();
            back(name);
        }
        undoAll();
        assertThat(plan().withUnits(base.units())).as("%s taken back", name).isEqualTo(base);
        System.out.printf(
                "%s: %d acts, seed %d, %d slow, plan opened anew %d times, ends of drags %s%n",
                name, ACTS, SEED, slow, resets, ends);
    }

    private static void slowDown(boolean slow) {
        System.setProperty("pteron.delay", slow ? Integer.toString(DELAY_MS) : "0");
    }

    @AfterEach
    void fastAgain() {
        System.clearProperty("pteron.delay");
    }

    /** Opens the demo again where an act has closed it. */
    private void back(String name) throws Exception {
        if (answered(() -> window.bench() == null)) {
            resets++;
            onScreen(() -> window.show(demoOf(name), null));
            base = plan();
        }
        // small windows of the Reckoner and the search go
        onScreen(
                () -> {
                    List<Window> others = new ArrayList<>(Window.getWindows());
                    others.remove(window.scene().getWindow());
                    if (others.size() > 2) {
                        others.forEach(Window::hide);
                    }
                });
    }

    private void undoAll() throws Exception {
        while (answered(() -> window.bench().document().canUndoProperty().get())) {
            onScreen(() -> window.bench().document().undo());
        }
    }

    /** {@return the answer of the interface thread, laid out as a hand would find it} */
    private <T> T answered(Callable<T> question) throws TimeoutException {
        Future<T> answer =
                WaitForAsyncUtils.asyncFx(
                        () -> {
                            T told = question.call();
                            window.scene().getRoot().applyCss();
                            window.scene().getRoot().layout();
                            return told;
                        });
        try {
            return answer.get(PATIENCE_SECONDS, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        } catch (ExecutionException e) {
            e.getCause().printStackTrace();
            throw new AssertionError(e.getCause());
        }
    }

    private void onScreen(Runnable act) throws TimeoutException {
        answered(
                () -> {
                    act.run();
                    return null;
                });
    }

    private String act() throws Exception {
        if (answered(this::dialog) != null) {
            return press(dialogButtons(), "dialog button");
        }
        return switch (random.nextInt(12)) {
            case 0 -> click();
            case 1, 2 -> drag();
            case 3, 4 -> key();
            case 5, 6 -> type();
            case 7 -> command();
            case 8 -> press(buttons(), "button");
            case 9 -> choose();
            case 10 -> look();
            default -> field();
        };
    }

    private DialogPane dialog() {
        return window.scene().getRoot().lookupAll(".dialog-pane").stream()
                .filter(DialogPane.class::isInstance)
                .map(DialogPane.class::cast)
                .reduce((lower, upper) -> upper)
                .orElse(null);
    }

    private List<Node> dialogButtons() throws Exception {
        return answered(
                () -> {
                    List<Node> found = new ArrayList<>();
                    collect(dialog(), found);
                    found.removeIf(node -> !(node instanceof Button));
                    return found;
                });
    }

    private List<Node> all() throws Exception {
        return answered(
                () -> {
                    List<Node> found = new ArrayList<>();
                    collect(window.scene().getRoot(), found);
                    return found;
                });
    }

    private static void collect(Node node, List<Node> found) {
        if (!node.isVisible()) {
            return;
        }
        found.add(node);
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> collect(child, found));
        }
    }

    private <T> T any(List<T> list) {
        return list.get(random.nextInt(list.size()));
    }

    private Point2D somewhere() {
        return new Point2D(
                4 + random.nextDouble() * (window.scene().getWidth() - 8),
                4 + random.nextDouble() * (window.scene().getHeight() - 8));
    }

    private String click() throws Exception {
        Point2D at = somewhere();
        MouseButton button = random.nextInt(5) == 0 ? MouseButton.SECONDARY : MouseButton.PRIMARY;
        onScreen(
                () -> {
                    Node node = RawHand.pick(window.scene().getRoot(), at);
                    if (node != null) {
                        RawHand.click(node, at, button);
                    }
                });
        return "click at " + at;
    }

    /** How a drag ends. */
    private enum End {
        RELEASE,
        RELEASE_FARTHER,
        ESCAPE,
        KEY,
        COMMAND,
        OTHER_VIEW,
        OTHER_STATION,
        RESIZE,
        LOSS_OF_WINDOW,
        LOSS_OF_PART
    }

    private String drag() throws Exception {
        List<Node> grips = all();
        grips.removeIf(node -> node.getId() == null || !node.getId().startsWith("grip-"));
        Point2D by = new Point2D(random.nextInt(400) - 200, random.nextInt(300) - 150);
        Node grip = grips.isEmpty() ? null : any(grips);
        Point2D from = grip == null ? somewhere() : answered(() -> RawHand.middle(grip));
        End end = any(List.of(End.values()));
        Node node = grip == null ? RawHand.pick(window.scene().getRoot(), from) : grip;
        if (node != null) {
            ends.merge(end, 1, Integer::sum);
            onScreen(() -> hold(node, from, by));
            end(end);
            // whatever has ended it, the hand goes on and lets go later
            onScreen(() -> letGo(node, from.add(by), end == End.RELEASE ? 1 : 1.2));
            assertThat(answered(() -> held())).as("held after %s", end).isFalse();
        }
        return "drag of %s by %s, ended by %s"
                .formatted(node == null ? "nothing" : node.getId(), by, end);
    }

    private boolean held() {
        return window.scene().getRoot().lookup("#drawing") instanceof DrawingView drawing
                && drawing.behavior().isDragging();
    }

    private static void hold(Node node, Point2D from, Point2D by) {
        RawHand.mouse(node, MouseEvent.MOUSE_PRESSED, from);
        for (int step = 1; step <= 3; step++) {
            RawHand.mouse(node, MouseEvent.MOUSE_DRAGGED, from.add(by.multiply(step / 4.0)));
        }
    }

    private void letGo(Node held, Point2D at, double farther) {
        Node there = held.getScene() == null ? RawHand.pick(window.scene().getRoot(), at) : held;
        if (there != null) {
            RawHand.mouse(there, MouseEvent.MOUSE_DRAGGED, at);
            RawHand.mouse(there, MouseEvent.MOUSE_RELEASED, at.multiply(farther));
        }
    }

    private void end(End end) throws Exception {
        switch (end) {
            case RELEASE, RELEASE_FARTHER -> {}
            case ESCAPE -> push(KeyCode.ESCAPE, false, false, false);
            case KEY -> key();
            case COMMAND -> command();
            case OTHER_VIEW -> onBench(bench -> bench.viewProperty().set(any(VIEWS)));
            case OTHER_STATION ->
                    onBench(bench -> bench.stationProperty().set(any(Route.stations())));
            case RESIZE -> onScreen(this::resize);
            case LOSS_OF_WINDOW -> onScreen(RandomHandsTest::loseWindow);
            case LOSS_OF_PART ->
                    onBench(bench -> bench.document().edit(RandomHandsTest::withoutOpenings));
        }
    }

    private void onBench(Consumer<Workbench> act) throws TimeoutException {
        onScreen(
                () -> {
                    if (window.bench() != null) {
                        act.accept(window.bench());
                    }
                });
    }

    private void resize() {
        ((Stage) window.scene().getWindow()).setWidth(1000 + random.nextInt(500));
    }

    /** Another window takes the keys, and goes. */
    private static void loseWindow() {
        Stage other = new Stage();
        other.setScene(new Scene(new Pane(), 100, 100));
        other.show();
        other.requestFocus();
        other.hide();
    }

    private static BoxPlan withoutOpenings(BoxPlan plan) {
        return plan.withOpenings(List.of());
    }

    private void push(KeyCode code, boolean shift, boolean control, boolean alt)
            throws TimeoutException {
        onScreen(() -> RawHand.push(window.scene(), code, shift, control, alt));
    }

    private String key() throws Exception {
        KeyCode code = any(KEYS);
        int held = random.nextInt(6);
        push(code, held == 2, held == 0 || held == 2, held == 1);
        return "key %s, held %d".formatted(code, held);
    }

    private String type() throws Exception {
        List<Node> dimensions = all();
        dimensions.removeIf(node -> node.getId() == null || !node.getId().startsWith("dim-"));
        if (dimensions.isEmpty()) {
            return "no dimension";
        }
        Node dimension = any(dimensions);
        String text = any(TYPED);
        onScreen(dimension::requestFocus);
        push(KeyCode.ENTER, false, false, false);
        onScreen(
                () -> {
                    Node editor = window.scene().getFocusOwner();
                    if (editor instanceof TextField field) {
                        field.setText(text);
                    }
                });
        push(KeyCode.ENTER, false, false, false);
        if (random.nextBoolean()) {
            push(KeyCode.ESCAPE, false, false, false);
        }
        return "“%s” into %s".formatted(text, dimension.getId());
    }

    private String command() throws Exception {
        List<Command> commands = new ArrayList<>(window.commands().all());
        Command command = any(commands);
        onScreen(command::run);
        return "command " + command.id();
    }

    private List<Node> buttons() throws Exception {
        List<Node> buttons = all();
        buttons.removeIf(node -> !(node instanceof ButtonBase) || "file-menu".equals(node.getId()));
        return buttons;
    }

    private String press(List<Node> buttons, String kind) throws Exception {
        buttons.removeIf(node -> node.isDisabled());
        if (buttons.isEmpty()) {
            return "no " + kind;
        }
        ButtonBase button = (ButtonBase) any(buttons);
        onScreen(button::fire);
        return kind + " " + button.getId() + " " + button.getText();
    }

    private String choose() throws Exception {
        List<Node> boxes = all();
        boxes.removeIf(node -> !(node instanceof ComboBox));
        if (boxes.isEmpty()) {
            onScreen(() -> window.showSide("inputs"));
            return "inputs";
        }
        ComboBox<?> box = (ComboBox<?>) any(boxes);
        int size = box.getItems().size();
        int chosen = size == 0 ? -1 : random.nextInt(size);
        onScreen(() -> box.getSelectionModel().select(chosen));
        return "choice " + box.getId();
    }

    private String field() throws Exception {
        List<Node> fields = all();
        fields.removeIf(
                node ->
                        !(node instanceof TextField)
                                || node.getId() == null
                                || !node.getId().startsWith("number-"));
        if (fields.isEmpty()) {
            onScreen(() -> window.showSide(any(List.of("inputs", "figures", "findings"))));
            return "another side";
        }
        TextField field = (TextField) any(fields);
        String text = any(TYPED);
        onScreen(
                () -> {
                    field.setText(text);
                    if (field.getOnAction() != null) {
                        field.getOnAction().handle(null);
                    }
                });
        return "“%s” into %s".formatted(text, field.getId());
    }

    private String look() throws Exception {
        Station station = any(Route.stations());
        View view = any(VIEWS);
        onScreen(
                () -> {
                    window.bench().stationProperty().set(station);
                    window.bench().viewProperty().set(view);
                    resize();
                });
        return "show a " + station + " from " + view;
    }
}
