package pteron.app.start;

import java.util.function.BiFunction;
import java.util.function.ToDoubleFunction;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pteron.app.drawing.DrawingPicture;
import pteron.app.style.PlainField;
import pteron.app.style.Theme;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.picture.Silhouettes;
import pteron.core.plan.OutlineStart;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.Named;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.quantity.UnitSystem;
import pteron.core.start.CarrierSize;
import pteron.core.start.CarrierStart;
import pteron.core.start.NewPlan;
import pteron.exchange.words.RefusalWords;

/** A kind of carrier: its picture at the scale of all four, its sizes, which can be typed over. */
final class CarrierCard extends VBox {

    private static final double WIDE = 206;
    private static final double HIGH = 52;

    /** Pixels of a mm: the longest of the four fills its card. */
    private static final double SCALE = 0.029;

    private final Beginning beginning;
    private final CarrierStart kind;
    private final Choice card;
    private final DrawingPicture picture = new DrawingPicture(WIDE, HIGH);
    private final Label refused = new Label();
    private final TextField length = new PlainField();
    private final TextField width = new PlainField();
    private final TextField height = new PlainField();
    private final TextField gross = new PlainField();
    private final Label unit = new Label();

    CarrierCard(Beginning beginning, CarrierStart kind) {
        this.beginning = beginning;
        this.kind = kind;
        Label name = new Label(kind.title());
        name.getStyleClass().add("choice-name");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox head = new HBox(name, gap, sizes());
        head.setAlignment(Pos.CENTER_LEFT);
        refused.setWrapText(true);
        refused.getStyleClass().add("refused");
        refuse("");
        card =
                new Choice(
                        "carrier-" + key(kind),
                        kind.title(),
                        () -> beginning.choose(kind),
                        head,
                        picture,
                        deck(),
                        rating(),
                        refused);
        getChildren().add(card);
    }

    private static String key(CarrierStart kind) {
        return Named.key(kind);
    }

    /** Goes on in a further line where feet and inches need more room than millimetres. */
    private FlowPane deck() {
        field(
                length,
                "length",
                "Length of the deck or bed",
                s -> s.deck().lengthMm(),
                CarrierSize::withLength);
        field(
                width,
                "width",
                "Width of the deck or bed",
                s -> s.deck().widthMm(),
                CarrierSize::withWidth);
        field(
                height,
                "height",
                "Deck height above ground",
                s -> s.deck().heightMm(),
                CarrierSize::withHeight);
        FlowPane row =
                new FlowPane(4, 2, length, new Label("×"), width, new Label("at"), height, unit);
        row.setPrefWrapLength(0);
        return row;
    }

    private HBox rating() {
        field(gross, "gross", "Gross rating", CarrierSize::grossKg, CarrierSize::withGross);
        HBox row = new HBox(4, new Label("gross rating"), gross);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private void field(
            TextField text,
            String what,
            String tip,
            ToDoubleFunction<CarrierSize> get,
            BiFunction<CarrierSize, Double, CarrierSize> set) {
        text.setId("carrier-" + key(kind) + "-" + what);
        text.getStyleClass().add("dotted");
        // whole in either unit, however long
        text.textProperty()
                .subscribe(shown -> text.setPrefColumnCount(Math.max(4, shown.length())));
        text.setAccessibleText(kind.title() + ", " + tip);
        text.setTooltip(new Tooltip(tip + ": type your own"));
        text.setOnAction(event -> take(text, get, set));
        text.focusedProperty()
                .subscribe(
                        (before, now) -> {
                            if (before && !now) {
                                take(text, get, set);
                            }
                        });
        text.setOnKeyPressed(
                event -> {
                    if (event.getCode() == KeyCode.ESCAPE) {
                        refuse("");
                        update(Theme.LIGHT, false);
                    }
                });
    }

    private void take(
            TextField text,
            ToDoubleFunction<CarrierSize> get,
            BiFunction<CarrierSize, Double, CarrierSize> set) {
        UnitSystem units = beginning.units();
        boolean mass = text == gross;
        if (text.getText().equals(shown(get, mass))) {
            return;
        }
        try {
            double value =
                    mass
                            ? Unit.KILOGRAM.fromShown(number(text.getText()), units)
                            : LengthText.parse(text.getText(), units);
            beginning.resize(kind, size -> set.apply(size, value));
            refuse("");
        } catch (IllegalArgumentException e) {
            refuse(RefusalWords.of(e, units));
        }
    }

    private static double number(String text) {
        String plain = text.replaceAll("[a-z ]+$", "");
        return NumberText.parse(plain)
                .orElseThrow(
                        () ->
                                new IllegalArgumentException(
                                        "“%s” is not a mass: enter one like 1500".formatted(text)));
    }

    private void refuse(String words) {
        refused.setText(words);
        refused.setVisible(!words.isEmpty());
        refused.setManaged(!words.isEmpty());
    }

    private MenuButton sizes() {
        MenuButton menu = new MenuButton("sizes");
        menu.setId("carrier-" + key(kind) + "-sizes");
        menu.getStyleClass().add("small-menu");
        menu.setTooltip(new Tooltip("Typical sizes to begin with"));
        menu.showingProperty()
                .subscribe(
                        showing -> {
                            if (showing) {
                                menu.getItems()
                                        .setAll(
                                                kind.sizes(beginning.units()).stream()
                                                        .map(this::item)
                                                        .toList());
                            }
                        });
        menu.getItems().setAll(kind.sizes(beginning.units()).stream().map(this::item).toList());
        return menu;
    }

    private MenuItem item(CarrierSize size) {
        UnitSystem units = beginning.units();
        MenuItem item =
                new MenuItem(
                        "%s × %s at %s, %s"
                                .formatted(
                                        LengthText.format(size.deck().lengthMm(), units),
                                        Quantity.mm(size.deck().widthMm()).text(units),
                                        Quantity.mm(size.deck().heightMm()).text(units),
                                        Quantity.kg(size.grossKg()).text(units)));
        item.setOnAction(event -> beginning.resize(kind, old -> size));
        return item;
    }

    private String shown(ToDoubleFunction<CarrierSize> get, boolean mass) {
        double value = get.applyAsDouble(beginning.size(kind));
        UnitSystem units = beginning.units();
        return mass
                ? NumberText.format(Unit.KILOGRAM.shown(value, units), 0)
                        + " "
                        + Unit.KILOGRAM.symbol(units)
                : LengthText.format(value, units);
    }

    /** Shows sizes and picture as they are now. */
    void update(Theme theme, boolean draw) {
        length.setText(shown(s -> s.deck().lengthMm(), false));
        width.setText(shown(s -> s.deck().widthMm(), false));
        height.setText(shown(s -> s.deck().heightMm(), false));
        gross.setText(shown(CarrierSize::grossKg, true));
        unit.setText(beginning.units() == UnitSystem.METRIC ? "mm" : "");
        unit.setManaged(beginning.units() == UnitSystem.METRIC);
        card.choose(beginning.carrierProperty().get() == kind);
        if (draw) {
            BoxModel model =
                    BoxModel.of(
                            NewPlan.of(
                                    kind,
                                    beginning.size(kind),
                                    OutlineStart.SQUARE,
                                    beginning.units()),
                            MaterialLibrary.starting());
            if (kind.isBought()) {
                picture.show(Silhouettes.box(model), theme, 0);
            } else {
                picture.show(Silhouettes.carrier(model), theme, SCALE);
            }
        }
    }
}
