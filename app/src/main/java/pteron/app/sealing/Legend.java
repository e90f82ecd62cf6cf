package pteron.app.sealing;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.shape.Line;
import pteron.app.station.Toolbox;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.sealing.JointKind;
import pteron.core.sealing.Sealing;

/** Each kind of joint with the line that it has in the drawing, and its metres. */
final class Legend {

    private static final double LONG = 34;

    private Legend() {}

    static List<Node> of(Toolbox tools) {
        List<Node> all = new ArrayList<>();
        tools.model()
                .find(Sealing.class)
                .ifPresent(
                        sealing -> {
                            for (JointKind kind : JointKind.values()) {
                                all.add(entry(kind, sealing.lengthMm(kind), tools));
                            }
                        });
        return all;
    }

    private static Node entry(JointKind kind, double mm, Toolbox tools) {
        Line line = new Line(0, 0, LONG, 0);
        line.getStyleClass().addAll("legend-line", style(kind));
        Label words =
                new Label(
                        kind.label()
                                + "  "
                                + new Quantity(mm / 1000, Unit.METRE).text(tools.units()));
        HBox entry = new HBox(6, line, words);
        entry.setAlignment(Pos.CENTER_LEFT);
        entry.getStyleClass().add("legend");
        return entry;
    }

    private static String style(JointKind kind) {
        return switch (kind) {
            case CORNER -> "legend-corner";
            case PANEL_SEAM -> "legend-seam";
            case LOWER_EDGE -> "legend-edge";
            case OPENING_FLANGE -> "legend-flange";
        };
    }
}
