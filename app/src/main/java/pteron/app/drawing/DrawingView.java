package pteron.app.drawing;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.scene.control.Control;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Skin;
import pteron.app.document.PlanDocument;
import pteron.app.style.Theme;
import pteron.core.drawing.Drawing;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.quantity.UnitSystem;

/** The drawing of a document, edited in place. */
public final class DrawingView extends Control {

    private final PlanDocument document;
    private final DrawingBehavior behavior;

    /** A drawing of a document. */
    public DrawingView(PlanDocument document) {
        this.document = document;
        this.behavior = new DrawingBehavior(document);
        getStyleClass().add("drawing-view");
        setFocusTraversable(true);
        setAccessibleText(
                "Drawing of the box. Press Tab to go from dimension to dimension, Enter to edit one.");
    }

    PlanDocument document() {
        return document;
    }

    /** {@return what turns drags and typing into edits} */
    public DrawingBehavior behavior() {
        return behavior;
    }

    // --- Properties

    private final ObjectProperty<Drawing> drawing = new SimpleObjectProperty<>(this, "drawing");

    /** {@return what is shown} */
    public ObjectProperty<Drawing> drawingProperty() {
        return drawing;
    }

    /** {@return what is shown, null before the first drawing} */
    public Drawing getDrawing() {
        return drawing.get();
    }

    private final StringProperty selected = new SimpleStringProperty(this, "selected", "");

    /** {@return the part that is chosen, or empty} */
    public StringProperty selectedProperty() {
        return selected;
    }

    private final ObjectProperty<List<String>> chosen =
            new SimpleObjectProperty<>(this, "chosen", List.of());

    /** {@return all that is chosen} */
    public ObjectProperty<List<String>> chosenProperty() {
        return chosen;
    }

    private final ObjectProperty<Consumer<String>> chooseToo =
            new SimpleObjectProperty<>(this, "chooseToo", part -> {});

    /** {@return who is told that something is chosen with what is chosen already} */
    public ObjectProperty<Consumer<String>> chooseTooProperty() {
        return chooseToo;
    }

    private final ObjectProperty<Supplier<List<MenuItem>>> menu =
            new SimpleObjectProperty<>(this, "menu", List::of);

    /** {@return what the right button offers for what is chosen} */
    public ObjectProperty<Supplier<List<MenuItem>>> menuProperty() {
        return menu;
    }

    private final ObjectProperty<UnitSystem> units =
            new SimpleObjectProperty<>(this, "units", UnitSystem.METRIC);

    /** {@return how lengths are written} */
    public ObjectProperty<UnitSystem> unitsProperty() {
        return units;
    }

    private final ObjectProperty<Turner> turner = new SimpleObjectProperty<>(this, "turner");

    /** Turns what is shown by a way of the mouse. */
    @FunctionalInterface
    public interface Turner {
        /** Turns by so much (pixels). */
        void turn(double rightPixels, double downPixels);
    }

    /** {@return who turns what is shown when it is dragged, null where a drag moves it} */
    public ObjectProperty<Turner> turnerProperty() {
        return turner;
    }

    private final DoubleProperty letters = new SimpleDoubleProperty(this, "letters", 1);

    /** {@return how large letters are over the usual} */
    public DoubleProperty lettersProperty() {
        return letters;
    }

    private final BooleanProperty measuring = new SimpleBooleanProperty(this, "measuring");

    /** {@return whether the tape is out: two clicks measure from point to point} */
    public BooleanProperty measuringProperty() {
        return measuring;
    }

    private final ObjectProperty<Point2> marked = new SimpleObjectProperty<>(this, "marked");

    /** {@return a place of the view that a finding points at (mm), or null} */
    public ObjectProperty<Point2> markedProperty() {
        return marked;
    }

    private final ObjectProperty<Theme> theme =
            new SimpleObjectProperty<>(this, "theme", Theme.LIGHT);

    /** {@return light or dark} */
    public ObjectProperty<Theme> themeProperty() {
        return theme;
    }

    private final BooleanProperty fitted = new SimpleBooleanProperty(this, "fitted", true);

    /** {@return whether the drawing follows the size of the window; zoom and pan let go of it} */
    public BooleanProperty fittedProperty() {
        return fitted;
    }

    // --- Actions

    /** Fits the drawing into the window. */
    public void fit() {
        fitted.set(true);
    }

    /** Goes nearer or farther, the middle staying where it is. */
    public void zoom(double factor) {
        if (getSkin() instanceof DrawingSkin skin) {
            skin.zoom(factor, getWidth() / 2, getHeight() / 2);
        }
    }

    /** {@return the place of the view under a place of the scene, empty outside of the drawing} */
    public Optional<Point2> placeUnder(double sceneX, double sceneY) {
        return getSkin() instanceof DrawingSkin skin && isVisible()
                ? skin.placeUnder(sceneX, sceneY)
                : Optional.empty();
    }

    /** Shows where something would come to lie (mm of the view); null for nowhere. */
    public void showGhost(Bounds2 area) {
        if (getSkin() instanceof DrawingSkin skin) {
            skin.showGhost(area);
        }
    }

    @Override
    protected Skin<?> createDefaultSkin() {
        return new DrawingSkin(this);
    }
}
