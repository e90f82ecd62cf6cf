package pteron.app.start;

import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import pteron.app.drawing.DrawingPicture;
import pteron.app.style.Theme;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.picture.Silhouettes;
import pteron.core.plan.OutlineStart;
import pteron.core.quantity.Named;
import pteron.core.start.CarrierStart;
import pteron.core.start.NewPlan;

/** An outline drawn on the chosen carrier; one that does not go on it says why. */
final class OutlineCard extends VBox {

    private static final double WIDE = 150;
    private static final double HIGH = 52;

    private final Beginning beginning;
    private final OutlineStart outline;
    private final DrawingPicture picture = new DrawingPicture(WIDE, HIGH);
    private final Label why = new Label();
    private final Choice card;

    OutlineCard(Beginning beginning, OutlineStart outline) {
        this.beginning = beginning;
        this.outline = outline;
        Label name = new Label(outline.title());
        name.getStyleClass().add("choice-name");
        why.getStyleClass().add("quiet");
        why.setWrapText(true);
        card =
                new Choice(
                        "outline-" + Named.key(outline),
                        outline.title(),
                        () -> beginning.choose(outline),
                        name,
                        new StackPane(picture, why));
        getChildren().add(card);
    }

    void update(Theme theme, boolean draw) {
        CarrierStart kind = beginning.carrierProperty().get();
        card.choose(beginning.outlineProperty().get() == outline);
        Optional<String> refusal = NewPlan.refusal(kind, outline);
        why.setText(refusal.orElse(""));
        picture.setVisible(refusal.isEmpty());
        if (draw && refusal.isEmpty()) {
            BoxModel model =
                    BoxModel.of(
                            NewPlan.of(kind, beginning.size(kind), outline, beginning.units()),
                            MaterialLibrary.starting());
            picture.show(Silhouettes.box(model), theme, 0);
        }
    }
}
