package pteron.core.picture;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import pteron.core.drawing.Canvas;
import pteron.core.drawing.Layer;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.Matter;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.frame.Role;
import pteron.core.geometry.Point2;
import pteron.core.opening.Openings;
import pteron.core.outline.Outline;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
import pteron.core.shell.Skin;

/** Draws the box: panels, members, openings, and what layers add to them. */
final class BoxShapes {

    private static final Set<Role> STRIP_FROM_THE_SIDE =
            Set.of(Role.BOW, Role.END_BOW, Role.BOTTOM_PLATE, Role.TOP_PLATE);

    private final Canvas canvas;
    private final List<Layer> layers;
    private final Optional<Frame> frame;
    private final PanelShapes shapes;

    BoxShapes(Canvas canvas, List<Layer> layers) {
        this.canvas = canvas;
        this.layers = layers;
        this.shapes = new PanelShapes(canvas);
        this.frame = canvas.box().find(Frame.class);
    }

    /** Draws panels with their members and openings, nearest last, as seen through their outer skin. */
    void panels() {
        Set<PanelKind> seen = PanelKind.seenIn(canvas.view());
        Map<String, Double> uses = new HashMap<>();
        layers.forEach(layer -> uses.putAll(layer.uses(canvas.box())));
        frame.stream()
                .flatMap(found -> found.panels().stream())
                .filter(one -> seen.contains(one.panel().kind()))
                .forEach(one -> panel(one, uses));
        layers.forEach(layer -> layer.overFrame(canvas));
        canvas.box().find(Openings.class).stream()
                .flatMap(openings -> openings.placed().stream())
                .filter(one -> seen.contains(one.panel().kind()))
                .forEach(shapes::opening);
    }

    private void panel(PanelFrame one, Map<String, Double> uses) {
        Panel panel = one.panel();
        if (!panel.kind().isSide()) {
            shapes.flat(Matter.SKIN, panel, panel.skins().getFirst().area());
        }
        if (layers.stream().anyMatch(Layer::hidesFrame)) {
            return;
        }
        shapes.flat(Matter.FOAM, panel, panel.frame());
        one.members()
                .forEach(member -> shapes.member(member, uses.getOrDefault(member.name(), 0.0)));
    }

    /** Draws the skin of a side wall, which everything else is seen through. */
    void skin(PanelKind side) {
        if (frame.isEmpty() && canvas.box().get(Outline.class).usable()) {
            new BareShapes(canvas).side(side);
        }
        PanelKind lower = side == PanelKind.LEFT ? PanelKind.LOWER_LEFT : PanelKind.LOWER_RIGHT;
        frame.stream()
                .flatMap(found -> found.panels().stream())
                .map(PanelFrame::panel)
                .filter(panel -> panel.kind() == side || panel.kind() == lower)
                .forEach(panel -> shapes.flat(Matter.SKIN, panel, panel.skins().getFirst().area()));
    }

    /** Draws the strip and the floor end on, behind the side wall. */
    void stripFromTheSide() {
        frame.stream()
                .flatMap(found -> found.panels().stream())
                .filter(one -> !one.panel().kind().isSide())
                .forEach(this::stripFromTheSide);
    }

    private void stripFromTheSide(PanelFrame frame) {
        Panel panel = frame.panel();
        if (panel.kind() == PanelKind.FLOOR) {
            floorFromTheSide(panel);
        } else {
            band(panel);
        }
        for (Member member : frame.members()) {
            boolean across = panel.isAcross() ? member.isUpright() : !member.isUpright();
            if (across && STRIP_FROM_THE_SIDE.contains(member.role())) {
                shapes.member(member, 0);
            }
        }
    }

    private void band(Panel panel) {
        var bounds = panel.frame().bounds();
        boolean roof = panel.isAcross();
        double from = roof ? bounds.fromU() : bounds.fromV();
        double to = roof ? bounds.toU() : bounds.toV();
        List<Point2> round = new ArrayList<>();
        List<Double> places = roof ? panel.surface().places(from, to) : List.of(from, to);
        places.forEach(place -> round.add(onStrip(panel, place, 0)));
        places.reversed().forEach(place -> round.add(onStrip(panel, place, panel.depthMm())));
        canvas.area(Matter.FOAM, round);
    }

    private Point2 onStrip(Panel panel, double along, double inward) {
        Point2 point = panel.isAcross() ? new Point2(along, 0) : new Point2(0, along);
        return canvas.at(panel.surface().at(point, inward));
    }

    private void floorFromTheSide(Panel panel) {
        var bounds = panel.frame().bounds();
        double front = bounds.fromV();
        double rear = bounds.toV();
        canvas.rectangle(
                Matter.TIMBER, canvas.at(front, 0, 0), canvas.at(rear, 0, panel.depthMm()));
        double core = panel.fillingFromMm();
        canvas.rectangle(
                Matter.FOAM,
                canvas.at(front, 0, core),
                canvas.at(rear, 0, core + panel.filling().thicknessMm()));
        for (Skin skin : panel.skins()) {
            canvas.rectangle(
                    Matter.BOARD,
                    canvas.at(front, 0, skin.fromInwardMm()),
                    canvas.at(rear, 0, skin.fromInwardMm() + skin.layer().thicknessMm()));
        }
    }

    void outline() {
        canvas.line(
                LineKind.OUTLINE,
                OutlineChain.of(canvas.box()).stream()
                        .map(point -> canvas.at(point.u(), 0, point.v()))
                        .toList());
        new RoofEdgeShapes(canvas).side();
    }
}
