package pteron.app.solid;

import java.util.Locale;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import pteron.core.model.BoxModel;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.UnitSystem;
import pteron.core.solid.Peel;

/** Coats that come off and go on, the roof that is lifted, the place of a cut. */
public final class SolidTools extends FlowPane {

    private static final double MOST_LIFT_MM = 1500;
    private static final double STEP_MM = 50;
    private static final double SLIDER = 110;

    private final SolidLook look;
    private final Supplier<UnitSystem> units;
    private final ObservableValue<BoxModel> model;
    private final Slider cut;

    /** Tools for a look at a box that may change, its lengths written in the units of the moment. */
    public SolidTools(SolidLook look, ObservableValue<BoxModel> model, Supplier<UnitSystem> units) {
        super(6, 4);
        this.look = look;
        this.model = model;
        this.units = units;
        setId("solid-tools");
        getStyleClass().add("station-tools");
        setAlignment(Pos.CENTER_LEFT);
        for (Peel.Coat coat : Peel.Coat.values()) {
            getChildren().add(toggle(coat));
        }
        Slider lift = slider("solid-lift", MOST_LIFT_MM, 0, "Lift the roof");
        lift.valueProperty()
                .subscribe(value -> change(peel -> peel.lifted(rounded(value.doubleValue()))));
        cut = slider("solid-cut", 1, 1, "Section plane; far right shows the whole box");
        cut.valueProperty().subscribe(value -> change(this::cutAt));
        getChildren()
                .addAll(
                        row(
                                "roof lifted",
                                lift,
                                peel -> peel.liftMm() == 0 ? "0" : text(peel.liftMm())),
                        row("cut", cut, this::cutText),
                        eye());
        model.subscribe(box -> fit(box));
    }

    private String cutText(Peel peel) {
        if (peel.cutMm().isEmpty()) {
            return "nowhere";
        }
        double at = peel.cutMm().getAsDouble();
        return at < 0 ? text(-at) + " ahead of the front" : "at " + text(at);
    }

    private String text(double mm) {
        return Quantity.mm(mm).text(units.get());
    }

    private static double rounded(double mm) {
        return Math.rint(mm / STEP_MM) * STEP_MM;
    }

    private void fit(BoxModel box) {
        boolean whole = cut.getValue() >= cut.getMax();
        cut.setMin(Math.floor(box.outline().foremostMm()));
        cut.setMax(Math.ceil(box.outline().rearmostMm()));
        if (whole) {
            cut.setValue(cut.getMax());
        }
    }

    private Peel cutAt(Peel peel) {
        boolean whole = cut.getValue() >= cut.getMax() - 1;
        return peel.cut(
                whole ? OptionalDouble.empty() : OptionalDouble.of(rounded(cut.getValue())));
    }

    private void change(Function<Peel, Peel> change) {
        look.peelProperty().set(change.apply(look.peelProperty().get()));
    }

    private ToggleButton toggle(Peel.Coat coat) {
        ToggleButton button = new ToggleButton(coat.label());
        button.setId("coat-" + coat.name().toLowerCase(Locale.ROOT));
        button.getStyleClass().add("tool");
        button.setMinWidth(USE_PREF_SIZE);
        button.setTooltip(new Tooltip("Show or hide: " + coat.label()));
        button.setOnAction(event -> change(peel -> peel.with(coat, button.isSelected())));
        look.peelProperty().subscribe(peel -> button.setSelected(peel.has(coat)));
        return button;
    }

    private static Slider slider(String id, double most, double value, String says) {
        Slider slider = new Slider(0, most, value);
        slider.setId(id);
        slider.setPrefWidth(SLIDER);
        slider.setBlockIncrement(STEP_MM * 2);
        slider.setAccessibleText(says);
        slider.setTooltip(new Tooltip(says));
        return slider;
    }

    private Node row(String name, Slider slider, Function<Peel, String> says) {
        Label title = new Label(name);
        title.setMinWidth(USE_PREF_SIZE);
        Label words = new Label();
        // the slider stays under the hand while its words grow
        words.setMinWidth(USE_PREF_SIZE);
        words.setStyle("-fx-pref-width: 11em;");
        Runnable tell = () -> words.setText(says.apply(look.peelProperty().get()));
        look.peelProperty().subscribe(tell);
        // other units come with another plan
        model.subscribe(tell);
        tell.run();
        HBox row = new HBox(6, title, slider, words);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private Label eye() {
        Label words = new Label();
        words.setId("solid-eye");
        words.getStyleClass().add("quiet");
        words.setMinWidth(USE_PREF_SIZE);
        look.eyeProperty().subscribe(eye -> words.setText(eye.words() + "; drag or arrows turn"));
        return words;
    }
}
