package pteron.app.station;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import pteron.app.document.CureDesk;
import pteron.app.document.CuttingDesk;
import pteron.app.document.PlanDocument;
import pteron.app.solid.SolidLook;
import pteron.app.style.Theme;
import pteron.core.drawing.View;
import pteron.core.field.Field;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.makeup.MakeUpStation;
import pteron.core.model.BoxModel;
import pteron.core.opening.OpeningStation;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.quantity.UnitSystem;
import pteron.core.station.Station;
import pteron.exchange.words.RefusalWords;

/** What is looked at: document, station, view, what is chosen, which working is open. */
public final class Workbench implements AutoCloseable {

    /** Key of the table of materials. */
    public static final String MATERIALS = "materials";

    private final PlanDocument document;
    private final CuttingDesk cutting = new CuttingDesk();
    private final DoubleProperty letters = new SimpleDoubleProperty(1);
    private final BooleanProperty narrow = new SimpleBooleanProperty();
    private final StringProperty aspect = new SimpleStringProperty("");
    private final CureDesk cures = new CureDesk();
    private final ObjectProperty<BoxModel> preview = new SimpleObjectProperty<>();
    private final ObjectProperty<Station> station =
            new SimpleObjectProperty<>(OpeningStation.OPENINGS);
    private final ObjectProperty<View> view = new SimpleObjectProperty<>(View.LEFT);
    private final StringProperty selected = new SimpleStringProperty("");
    private final ObjectProperty<List<String>> chosen = new SimpleObjectProperty<>(List.of());
    private final ObjectProperty<Finding> finding = new SimpleObjectProperty<>();
    private final StringProperty table = new SimpleStringProperty("");
    private final StringProperty input = new SimpleStringProperty("");
    private final StringProperty material = new SimpleStringProperty("");
    private final StringProperty working = new SimpleStringProperty("");
    private final ObjectProperty<Theme> theme;
    private final SolidLook solid = new SolidLook();
    private Consumer<String> refused = sentence -> {};

    /** A workbench for a document, in a theme of its own, so that nothing outside holds on to it. */
    public Workbench(PlanDocument document, Theme theme) {
        this.document = document;
        this.theme = new SimpleObjectProperty<>(theme);
        cutting.follow(document);
        cures.follow(document);
        selected.subscribe(part -> chooseAlone(part));
        document.modelProperty().subscribe(model -> forgetGone(model.plan()));
    }

    /** What is chosen by itself drops what was chosen with others, unless it is one of them. */
    private void chooseAlone(String part) {
        if (!chosen.get().contains(part)) {
            chosen.set(part.isEmpty() ? List.of() : List.of(part));
        }
    }

    private void forgetGone(BoxPlan plan) {
        List<String> ids = plan.openings().stream().map(Opening::id).toList();
        boolean several = chosen.get().size() > 1;
        if (several && !ids.containsAll(chosen.get())) {
            chosen.set(chosen.get().stream().filter(ids::contains).toList());
        }
    }

    /** {@return all that is chosen, the one chosen last at the end; one, unless openings were added to it} */
    public ObjectProperty<List<String>> chosenProperty() {
        return chosen;
    }

    /** Chooses something with what is chosen already, or lets it go. */
    public void chooseToo(String part) {
        List<String> all = new ArrayList<>(chosen.get());
        if (!all.remove(part)) {
            all.add(part);
        }
        chosen.set(List.copyOf(all));
        selected.set(all.isEmpty() ? "" : all.getLast());
    }

    /** Chooses several, the last of them foremost. */
    public void choose(List<String> parts) {
        chosen.set(List.copyOf(parts));
        selected.set(parts.isEmpty() ? "" : parts.getLast());
    }

    /** {@return how the solid view is looked at} */
    public SolidLook solid() {
        return solid;
    }

    /** {@return the document} */
    public PlanDocument document() {
        return document;
    }

    /** Who is told a sentence when an edit is refused. */
    public void onRefused(Consumer<String> listener) {
        refused = listener;
    }

    /**
     * Edits the plan; what is refused is told in a sentence and changes nothing.
     *
     * @return whether it was taken
     */
    public boolean edit(UnaryOperator<BoxPlan> change) {
        try {
            document.edit(change);
            return true;
        } catch (IllegalArgumentException e) {
            refused.accept(RefusalWords.of(e, units()));
            return false;
        }
    }

    /** {@return in which of its ways the station is looked at, such as the inner sheets; empty for the first} */
    public StringProperty aspectProperty() {
        return aspect;
    }

    /** {@return the cures, tried beside} */
    public CureDesk cures() {
        return cures;
    }

    /** {@return what would follow from something pointed at, shown in the drawing meanwhile; null for nothing} */
    public ObjectProperty<BoxModel> previewProperty() {
        return preview;
    }

    /** {@return the bars, cut beside} */
    public CuttingDesk cutting() {
        return cutting;
    }

    /** {@return the station that is stopped at} */
    public ObjectProperty<Station> stationProperty() {
        return station;
    }

    /** {@return how the box is looked at} */
    public ObjectProperty<View> viewProperty() {
        return view;
    }

    /** {@return the part that is chosen, or empty} */
    public StringProperty selectedProperty() {
        return selected;
    }

    /** {@return the finding whose place is shown, or null} */
    public ObjectProperty<Finding> findingProperty() {
        return finding;
    }

    /** {@return key of the input that is looked for, empty for none: it is shown and gets the focus} */
    public StringProperty inputProperty() {
        return input;
    }

    /** Goes to an input: its station, its row. */
    public void goTo(Field field) {
        station.set(field.station());
        input.set("");
        input.set(field.key());
    }

    /** Shows a material in the table of materials. */
    public void showMaterial(String id) {
        station.set(MakeUpStation.MAKE_UP);
        table.set(MATERIALS);
        material.set("");
        material.set(id);
    }

    /** {@return id of the material that is looked for, empty for none} */
    public StringProperty materialProperty() {
        return material;
    }

    /** {@return which table stands in place of the drawing: schools, scales, or empty for none} */
    public StringProperty tableProperty() {
        return table;
    }

    /** {@return key of the figure whose working is open, or empty} */
    public StringProperty workingProperty() {
        return working;
    }

    /** {@return whether the window is narrow for its letters: panels say less then} */
    public BooleanProperty narrowProperty() {
        return narrow;
    }

    /** {@return how large the letters are over the usual} */
    public DoubleProperty lettersProperty() {
        return letters;
    }

    /** {@return light or dark} */
    public ObjectProperty<Theme> themeProperty() {
        return theme;
    }

    /** {@return how lengths are shown} */
    public UnitSystem units() {
        return document.plan().units();
    }

    /** {@return the figure with that key, from the model or from the cutting; null if there is none} */
    public Figure figure(String key) {
        return document.model()
                .figure(key)
                .or(
                        () ->
                                cutting.cuttingProperty().get().figures().stream()
                                        .filter(figure -> figure.key().equals(key))
                                        .findFirst())
                .orElse(null);
    }

    @Override
    public void close() {
        cutting.close();
        cures.close();
    }
}
