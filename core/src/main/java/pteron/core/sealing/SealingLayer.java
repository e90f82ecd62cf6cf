package pteron.core.sealing;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.Layer;
import pteron.core.drawing.LineKind;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.opening.Openings;
import pteron.core.opening.PlacedOpening;
import pteron.core.outline.Outline;
import pteron.core.shell.PanelKind;

/** Joints and the tape under flanges laid over the box. */
public final class SealingLayer implements Layer {

    @Override
    public boolean hidesFrame() {
        return true;
    }

    /** Joints lie under the openings, which cut them. */
    @Override
    public void overFrame(Canvas canvas) {
        canvas.box().find(Sealing.class).stream()
                .flatMap(sealing -> sealing.joints().stream())
                .filter(joint -> joint.kind() != JointKind.OPENING_FLANGE)
                .filter(joint -> isNear(canvas, joint))
                .forEach(joint -> joint(canvas, joint));
    }

    @Override
    public void overBox(Canvas canvas) {
        Set<PanelKind> seen = PanelKind.seenIn(canvas.view());
        canvas.box().find(Openings.class).stream()
                .flatMap(openings -> openings.placed().stream())
                .filter(one -> seen.contains(one.panel().kind()) && !one.opening().isThere())
                .forEach(one -> tape(canvas, one));
    }

    /** Draws the tape under the flange of an opening, all round its cut-out. */
    private static void tape(Canvas canvas, PlacedOpening one) {
        List<Point2> round = new ArrayList<>();
        Polygon2.rectangle(one.cutOut())
                .corners()
                .forEach(corner -> round.add(canvas.at(one.panel().surface().at(corner, 0))));
        round.add(round.getFirst());
        canvas.line(LineKind.TAPE, round);
    }

    private static void joint(Canvas canvas, SealedJoint joint) {
        canvas.line(line(joint.kind()), joint.path().stream().map(canvas::at).toList());
    }

    /** {@return how a kind of joint is drawn} */
    public static LineKind line(JointKind kind) {
        return switch (kind) {
            case CORNER -> LineKind.JOINT;
            case PANEL_SEAM -> LineKind.SEALED_SEAM;
            case LOWER_EDGE -> LineKind.SEALED_EDGE;
            case OPENING_FLANGE -> LineKind.TAPE;
        };
    }

    /** {@return whether a joint lies on the side that is looked at, not behind the box} */
    private static boolean isNear(Canvas canvas, SealedJoint joint) {
        Outline outline = canvas.box().get(Outline.class);
        double middle = (outline.foremostMm() + outline.rearmostMm()) / 2;
        Point3 from = joint.from();
        Point3 to = joint.to();
        return switch (canvas.view()) {
            case LEFT -> from.y() + to.y() <= 0;
            case RIGHT -> from.y() + to.y() >= 0;
            case FRONT -> (from.x() + to.x()) / 2 <= middle;
            case REAR -> (from.x() + to.x()) / 2 >= middle;
            default -> true;
        };
    }
}
