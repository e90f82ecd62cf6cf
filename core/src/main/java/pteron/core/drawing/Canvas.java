package pteron.core.drawing;

import java.util.ArrayList;
import java.util.List;
import pteron.core.field.PlanFields;
import pteron.core.frame.Member;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.model.BoxModel;
import pteron.core.opening.PlacedOpening;
import pteron.core.plan.Opening;
import pteron.core.sealing.JointKind;
import pteron.core.sealing.SealedJoint;
import pteron.core.shell.Panel;
import pteron.core.skin.Seam;

/** Collects the shapes of one view. */
final class Canvas {

    private final View view;
    private final BoxModel model;
    private PlanFields fields;
    private final double deckHeight;
    private final List<Shape> shapes = new ArrayList<>();
    private final List<Dimension> dimensions = new ArrayList<>();
    private final List<Grip> grips = new ArrayList<>();
    private final List<Point2> room = new ArrayList<>();

    Canvas(View view, BoxModel model) {
        this.view = view;
        this.model = model;
        this.deckHeight = -model.carrier().groundMm();
    }

    /** Many views show no number that can be typed. */
    private PlanFields fields() {
        if (fields == null) {
            fields = PlanFields.of(model.plan(), model.library());
        }
        return fields;
    }

    BoxModel model() {
        return model;
    }

    View view() {
        return view;
    }

    Point2 at(double x, double y, double z) {
        return view.project(new Point3(x, y, z), deckHeight);
    }

    Point2 at(Point3 point) {
        return view.project(point, deckHeight);
    }

    void area(Matter matter, List<Point2> corners) {
        shapes.add(new Shape.Area(corners, matter, "", 0));
    }

    /** Adds a rectangle between two opposite corners. */
    void rectangle(Matter matter, Point2 one, Point2 other) {
        area(
                matter,
                List.of(
                        one,
                        new Point2(other.u(), one.v()),
                        other,
                        new Point2(one.u(), other.v())));
    }

    void line(LineKind kind, Point2... points) {
        shapes.add(new Shape.Line(List.of(points), kind));
    }

    void line(LineKind kind, List<Point2> points) {
        shapes.add(new Shape.Line(points, kind));
    }

    void add(Shape shape) {
        shapes.add(shape);
    }

    /** Adds a panel's polygon seen from outside. */
    void flat(Matter matter, Panel panel, Polygon2 shape, double inward) {
        area(
                matter,
                shape.corners().stream().map(c -> at(panel.placement().at(c, inward))).toList());
    }

    /** Adds what can be seen of a member: the outline of its shadow. */
    void member(Member member, double use) {
        List<Point2> corners = new ArrayList<>();
        for (Point2 corner : member.profile().corners()) {
            corners.add(at(member.panel().placement().at(corner, member.fromInwardMm())));
            corners.add(at(member.panel().placement().at(corner, member.toInwardMm())));
        }
        shapes.add(new Shape.Area(Hull.of(corners), Matter.TIMBER, member.name(), use));
    }

    void opening(PlacedOpening one) {
        opening(
                one.opening(),
                one.cutOut().polygon().corners().stream()
                        .map(corner -> at(one.panel().placement().at(corner, 0)))
                        .toList());
    }

    /** Adds an opening with its name and its grip. */
    void opening(Opening opening, List<Point2> corners) {
        Matter matter = opening.kind() == Opening.Kind.DOOR ? Matter.DOOR : Matter.GLASS;
        shapes.add(new Shape.Area(corners, matter, opening.id(), 0));
        Bounds2 bounds = Polygon2.of(corners).bounds();
        shapes.add(
                new Shape.Label(
                        bounds.middle(), opening.name(), Shape.Label.Kind.NAME, bounds.width()));
        int direction = view == View.RIGHT || view == View.FRONT ? -1 : 1;
        grips.add(new Grip(opening.id(), bounds, direction, Grip.Kind.OPENING));
    }

    /** Keeps room up to a point, for names that reach beyond the shapes. */
    void room(Point2 point) {
        room.add(point);
    }

    void grip(Grip grip) {
        grips.add(grip);
    }

    /** Adds the tape under the flange of an opening, all round its cut-out. */
    void tape(PlacedOpening one) {
        List<Point2> round = new ArrayList<>();
        one.cutOut()
                .polygon()
                .corners()
                .forEach(corner -> round.add(at(one.panel().placement().at(corner, 0))));
        round.add(round.getFirst());
        line(LineKind.TAPE, round);
    }

    void seam(Seam seam) {
        Panel panel = seam.panel();
        line(
                LineKind.SEAM,
                at(panel.placement().at(seam.line().from(), 0)),
                at(panel.placement().at(seam.line().to(), 0)));
    }

    void joint(SealedJoint joint) {
        if (joint.kind() != JointKind.OPENING_FLANGE) {
            line(LineKind.JOINT, at(joint.from()), at(joint.to()));
        }
    }

    /** Adds a dimension that sets a field, saying the field's value. */
    void dimension(String key, Point2 from, Point2 to, Dimension.Side side, int row) {
        double value =
                fields().number(key)
                        .map(field -> field.value(model.plan()).value())
                        .orElseThrow(
                                () ->
                                        new IllegalStateException(
                                                "Impossible state: no field [%s]".formatted(key)));
        dimensions.add(new Dimension(key, from, to, side, row, value, 0));
    }

    /** Adds a dimension that only tells. */
    void tells(Point2 from, Point2 to, Dimension.Side side, int row) {
        double value = side.isAcross() ? Math.abs(to.u() - from.u()) : Math.abs(to.v() - from.v());
        dimensions.add(new Dimension("", from, to, side, row, value, 0));
    }

    Drawing drawing() {
        Bounds2 bounds = bounds();
        List<Dimension> placed = dimensions.stream().map(d -> d.outside(bounds)).toList();
        return new Drawing(view, shapes, placed, grips, bounds);
    }

    private Bounds2 bounds() {
        List<Point2> points = new ArrayList<>(room);
        for (Shape shape : shapes) {
            switch (shape) {
                case Shape.Area area -> points.addAll(area.corners());
                case Shape.Line line -> points.addAll(line.points());
                case Shape.Disc disc -> {
                    points.add(disc.middle().plus(new Point2(disc.radiusMm(), disc.radiusMm())));
                    points.add(disc.middle().minus(new Point2(disc.radiusMm(), disc.radiusMm())));
                }
                case Shape.Label label -> points.add(label.at());
                case Shape.Mark mark -> points.add(mark.at());
            }
        }
        return new Bounds2(
                points.stream().mapToDouble(Point2::u).min().orElse(0),
                points.stream().mapToDouble(Point2::u).max().orElse(1),
                points.stream().mapToDouble(Point2::v).min().orElse(0),
                points.stream().mapToDouble(Point2::v).max().orElse(1));
    }
}
