package pteron.app.station;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import pteron.app.style.PlainField;
import pteron.core.edit.OwnMaterials;
import pteron.core.field.ChoiceField;
import pteron.core.makeup.LayerUse;
import pteron.core.material.Material;
import pteron.core.material.Material.Kind;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.Named;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Unit;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.words.RefusalWords;

/** A form for a material of the builder's own, at the place where it is chosen. What is left empty is not known. */
final class OwnMaterialForm extends VBox {

    private final Workbench bench;
    private final ChoiceField choice;
    private final TextField name = new PlainField();
    private final ComboBox<Kind> kind = new ComboBox<>();
    private final Map<Property, TextField> values = new LinkedHashMap<>();
    private final Label answer = new Label();

    /** Id of a material that is listed and still lacks something for this place, empty for none. */
    private String unfinished = "";

    OwnMaterialForm(Workbench bench, ChoiceField choice) {
        super(3);
        this.bench = bench;
        this.choice = choice;
        setId("own-material");
        name.setId("own-name");
        name.setAccessibleText("Name of the material");
        kind.setId("own-kind");
        kind.setAccessibleText("Kind of the material");
        List<Kind> kinds = LayerUse.kinds(choice.key()).stream().sorted().toList();
        kind.getItems().setAll(kinds);
        kind.setValue(kinds.getFirst());
        kind.setMaxWidth(Double.MAX_VALUE);
        add("Name", name);
        getChildren().addAll(quiet("Kind"), kind);
        asked().forEach(this::field);
        answer.setWrapText(true);
        answer.setId("own-answer");
        Button make = new Button("Add and use");
        make.setId("own-add");
        make.getStyleClass().add("cure");
        make.setOnAction(event -> add());
        getChildren().addAll(make, answer);
    }

    /** What the sums of the place ask for, then what warmth, buying and weight want to know. */
    private List<Property> asked() {
        List<Property> all =
                new ArrayList<>(List.of(Property.DENSITY, Property.CONDUCTIVITY, Property.VAPOUR));
        LayerUse.needs(choice.key()).stream().filter(p -> !all.contains(p)).forEach(all::add);
        for (Property more : List.of(Property.SHEET_WIDTH, Property.SHEET_LENGTH, Property.PRICE)) {
            if (!all.contains(more)) {
                all.add(more);
            }
        }
        return all;
    }

    private void field(Property property) {
        TextField text = new PlainField();
        text.setId("own-" + Named.key(property));
        text.setAccessibleText(property.label());
        values.put(property, text);
        String symbol = unit(property) == null ? property.unit() : unit(property).symbol(units());
        String words = Cells.capital(property.label());
        add(
                symbol.isEmpty() || unit(property) == Unit.MILLIMETRE
                        ? words
                        : words + ", " + symbol,
                text);
    }

    private UnitSystem units() {
        return bench.units();
    }

    private static Unit unit(Property property) {
        return property.quantity().orElse(null);
    }

    private void add(String words, TextField text) {
        getChildren().addAll(quiet(words), new HBox(text));
        HBox.setHgrow(text, Priority.ALWAYS);
    }

    private static Label quiet(String words) {
        Label label = Cells.quiet(words);
        label.setWrapText(true);
        return label;
    }

    private void add() {
        try {
            MaterialLibrary library = bench.document().model().library();
            Material own =
                    completed(
                            OwnMaterials.named(
                                    library, name.getText().strip(), kind.getValue(), known()));
            List<Property> missing = needed().stream().filter(p -> !own.has(p)).toList();
            bench.document().edit(plan -> with(plan, own, missing.isEmpty()));
            unfinished = missing.isEmpty() ? "" : own.id();
            say(told(own, missing), false);
        } catch (IllegalArgumentException e) {
            say(RefusalWords.of(e, units()), true);
        }
    }

    /** A material that lacked something takes the place of its first writing: it is not listed twice. */
    private Material completed(Material own) {
        boolean listed =
                bench.document().plan().materials().stream()
                        .anyMatch(m -> m.id().equals(unfinished));
        return listed ? new Material(unfinished, own.name(), own.kind(), own.values()) : own;
    }

    /** What the sums of the place ask for, and what warmth and water between layers ask of each layer. */
    private List<Property> needed() {
        List<Property> all = new ArrayList<>(LayerUse.needs(choice.key()));
        all.add(Property.CONDUCTIVITY);
        all.add(Property.VAPOUR);
        return all.stream().distinct().toList();
    }

    private BoxPlan with(BoxPlan plan, Material own, boolean used) {
        BoxPlan listed = OwnMaterials.with(plan, List.of(own));
        return used ? choice.set().apply(listed, own.id()) : listed;
    }

    private static String told(Material own, List<Property> missing) {
        return missing.isEmpty()
                ? own.name() + " is used here and listed under Materials."
                : "%s is listed under Materials. To be used here it needs its %s."
                        .formatted(
                                own.name(),
                                missing.stream()
                                        .map(Property::label)
                                        .collect(Collectors.joining(", ")));
    }

    private void say(String words, boolean refused) {
        answer.setText(words);
        answer.getStyleClass().remove("refused");
        if (refused) {
            answer.getStyleClass().add("refused");
        }
    }

    private Map<Property, Double> known() {
        Map<Property, Double> known = new EnumMap<>(Property.class);
        values.forEach(
                (property, text) -> {
                    if (!text.getText().isBlank()) {
                        known.put(property, value(property, text.getText()));
                    }
                });
        return known;
    }

    private double value(Property property, String text) {
        Unit unit = unit(property);
        if (unit == Unit.MILLIMETRE) {
            return LengthText.parse(text, units());
        }
        double number =
                NumberText.parse(text)
                        .orElseThrow(
                                () ->
                                        new IllegalArgumentException(
                                                "%s %s: enter a number, like 12.5"
                                                        .formatted(
                                                                property.label(), text.strip())));
        return unit == null ? number : unit.fromShown(number, units());
    }
}
