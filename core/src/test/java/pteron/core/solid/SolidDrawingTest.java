package pteron.core.solid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.Shape;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.StartingPlans;
import pteron.core.solid.Peel.Coat;

/** What lies in front hides what lies behind: held against a depth buffer, which shares no code with the tree. */
class SolidDrawingTest {

    private static final int DIRECTIONS = 10;
    private static final int POINTS = 1000;
    private static final double SAME_DEPTH_MM = 0.6;
    private static final double NEAR_EDGE_MM = 0.3;

    private static BoxModel model(OutlineStart start) {
        return BoxModel.of(StartingPlans.of(start), MaterialLibrary.starting());
    }

    /** {@return how far inside of a convex shape a point lies (mm), below 0 outside; 0 for shapes without area} */
    private static double inside(List<Point2> corners, Point2 at) {
        double least = Double.POSITIVE_INFINITY;
        double area = 0;
        int count = corners.size();
        for (int i = 0; i < count; i++) {
            Point2 from = corners.get(i);
            Point2 to = corners.get((i + 1) % count);
            area += from.cross(to);
        }
        if (Math.abs(area) < 1e-3) {
            return 0;
        }
        for (int i = 0; i < count; i++) {
            Point2 from = corners.get(i);
            Point2 way = corners.get((i + 1) % count).minus(from);
            if (way.length() > 1e-6) {
                least =
                        Math.min(
                                least,
                                Math.signum(area) * way.cross(at.minus(from)) / way.length());
            }
        }
        return least;
    }

    /** The foam of the starting plans is 3 and 9 mm thinner than its members (mm), looked at aslant. */
    private static final double FOAM_GAP_MM = 12;

    /** {@return how near to the eye a plane facet is under a place of the picture (mm)} */
    private static double depth(Facet facet, Eye eye, Point2 at) {
        Point3 towards = eye.towards();
        Point3 facing = facet.facing();
        // a point of the ray: the place moved back into the box
        double turn = Math.toRadians(eye.turnDegrees());
        double up = Math.toRadians(eye.upDegrees());
        Point3 right = new Point3(Math.sin(turn), Math.cos(turn), 0);
        Point3 upward =
                new Point3(
                        -Math.sin(up) * Math.cos(turn),
                        Math.sin(up) * Math.sin(turn),
                        Math.cos(up));
        Point3 origin = right.times(at.u()).plus(upward.times(at.v()));
        Point3 corner = facet.corners().getFirst();
        return facing.dot(corner.plus(origin.times(-1))) / facing.dot(towards);
    }

    /** Ten directions, a thousand places each, for every starting outline: bent and stepped ones too. */
    @ParameterizedTest
    @EnumSource(OutlineStart.class)
    void theNearest_isDrawnLast(OutlineStart start) {
        Peel peel =
                start.ordinal() % 2 == 0
                        ? Peel.WHOLE
                        : Peel.WHOLE.with(Coat.OUTER_SKIN, false).lifted(300);
        SolidDrawing solid = SolidDrawing.of(model(start), peel);
        Random random = new Random(start.ordinal());
        int compared = 0;
        int hits = 0;
        for (int d = 0; d < DIRECTIONS; d++) {
            Eye eye = new Eye(random.nextDouble() * 360, random.nextDouble() * 120 - 60);
            Drawing drawing = solid.seen(eye);
            Bounds2 all = drawing.bounds();
            Picture picture = new Picture(solid, drawing, eye);
            for (int i = 0; i < POINTS; i++) {
                Point2 at =
                        new Point2(
                                all.fromU() + random.nextDouble() * all.width(),
                                all.fromV() + random.nextDouble() * all.height());
                compared++;
                hits += picture.holds(at) ? 1 : 0;
            }
        }
        assertThat(compared).isEqualTo(DIRECTIONS * POINTS);
        assertThat(hits).as("places on the box").isGreaterThan(compared / 4);
    }

    /**
     * Faces that are left out because other parts hide them are hidden: what is nearest is the same with them, but for the
     * gap between thinner foam and its members where one looks into it.
     */
    @ParameterizedTest
    @EnumSource(OutlineStart.class)
    void facesLeftOut_areHidden(OutlineStart start) {
        Peel open = Peel.WHOLE.with(Coat.OUTER_SKIN, false);
        List<Facet> few = Bodies.of(model(start), open);
        List<Facet> all = Bodies.of(model(start), open, false);
        assertThat(few.size()).isLessThan(all.size() * 9 / 10);
        Random random = new Random(start.ordinal());
        int hits = 0;
        for (int d = 0; d < 6; d++) {
            Eye eye = new Eye(random.nextDouble() * 360, random.nextDouble() * 120 - 60);
            Bounds2 room = SolidDrawing.of(model(start), open).seen(eye).bounds();
            for (int i = 0; i < 300; i++) {
                Point2 at =
                        new Point2(
                                room.fromU() + random.nextDouble() * room.width(),
                                room.fromV() + random.nextDouble() * room.height());
                double nearest = nearest(all, eye, at, NEAR_EDGE_MM);
                if (nearest > Double.NEGATIVE_INFINITY) {
                    hits++;
                    assertThat(nearest(few, eye, at, -NEAR_EDGE_MM))
                            .as("from %s at %s", eye, at)
                            .isGreaterThan(nearest - FOAM_GAP_MM);
                }
            }
        }
        assertThat(hits).isGreaterThan(6 * 300 / 4);
    }

    private static double nearest(List<Facet> facets, Eye eye, Point2 at, double marginMm) {
        double nearest = Double.NEGATIVE_INFINITY;
        for (Facet facet : facets) {
            if (facet.isSeenFrom(eye.towards())) {
                List<Point2> corners = facet.corners().stream().map(eye::project).toList();
                if (inside(corners, at) > marginMm) {
                    nearest = Math.max(nearest, depth(facet, eye, at));
                }
            }
        }
        return nearest;
    }

    /** What is painted, and the facets for the depth buffer, each with the rectangle round it. */
    private static final class Picture {
        private final Eye eye;
        private final List<Seen> painted;
        private final List<Seen> facets;

        private record Seen(List<Point2> corners, Bounds2 room, String part, Facet facet) {
            static Seen of(List<Point2> corners, String part, Facet facet) {
                DoubleSummaryStatistics u =
                        corners.stream().mapToDouble(Point2::u).summaryStatistics();
                DoubleSummaryStatistics v =
                        corners.stream().mapToDouble(Point2::v).summaryStatistics();
                Bounds2 room =
                        new Bounds2(u.getMin() - 1, u.getMax() + 1, v.getMin() - 1, v.getMax() + 1);
                return new Seen(corners, room, part, facet);
            }

            double in(Point2 at) {
                boolean near =
                        at.u() > room.fromU()
                                && at.u() < room.toU()
                                && at.v() > room.fromV()
                                && at.v() < room.toV();
                return near ? inside(corners, at) : Double.NEGATIVE_INFINITY;
            }
        }

        Picture(SolidDrawing solid, Drawing drawing, Eye eye) {
            this.eye = eye;
            this.painted =
                    drawing.shapes().stream()
                            .map(shape -> (Shape.Face) shape)
                            .map(face -> Seen.of(face.corners(), face.part(), null))
                            .toList();
            this.facets =
                    solid.facets().stream()
                            .filter(facet -> facet.isSeenFrom(eye.towards()))
                            .map(
                                    facet ->
                                            Seen.of(
                                                    facet.corners().stream()
                                                            .map(eye::project)
                                                            .toList(),
                                                    facet.part(),
                                                    facet))
                            .toList();
        }

        /** {@return whether something is seen there; fails where it is not the nearest} */
        boolean holds(Point2 at) {
            String last = null;
            for (Seen face : painted) {
                last = face.in(at) > 0 ? face.part : last;
            }
            double nearest = Double.NEGATIVE_INFINITY;
            double nearestPainted = Double.NEGATIVE_INFINITY;
            String front = null;
            for (Seen seen : facets) {
                double in = seen.in(at);
                double depth = in > -NEAR_EDGE_MM ? depth(seen.facet, eye, at) : 0;
                if (in > NEAR_EDGE_MM && depth > nearest) {
                    nearest = depth;
                    front = seen.part;
                }
                if (in > -NEAR_EDGE_MM && seen.part.equals(last)) {
                    nearestPainted = Math.max(nearestPainted, depth);
                }
            }
            if (front == null) {
                return false;
            }
            assertThat(nearestPainted)
                    .as("%s over %s from %s at %s", last, front, eye, at)
                    .isGreaterThan(nearest - SAME_DEPTH_MM);
            return true;
        }
    }

    /** By hand: from behind it is the rear view, from the left the left one, from above the plan. */
    @Test
    void eye_seesTheViewsOfTheBook() {
        Point3 point = new Point3(1000, 200, 500);
        assertThat(new Eye(0, 0).project(point).u()).isCloseTo(200, within(1e-9));
        assertThat(new Eye(90, 0).project(point).u()).isCloseTo(1000, within(1e-9));
        assertThat(new Eye(90, 0).project(point).v()).isCloseTo(500, within(1e-9));
        assertThat(new Eye(180, 0).project(point).u()).isCloseTo(-200, within(1e-9));
        assertThat(new Eye(270, 0).project(point).u()).isCloseTo(-1000, within(1e-9));
        assertThat(new Eye(0, 89).project(point).v()).isCloseTo(-1000, within(10.0));
        assertThat(new Eye(-30, 200)).isEqualTo(new Eye(330, 89));
        assertThat(Eye.USUAL.words()).isEqualTo("seen from the left rear, 18° from above");
    }

    @Test
    void coats_comeOffAndGoOn() {
        BoxModel model = model(OutlineStart.ROUND_TAIL);
        List<Facet> bare = SolidDrawing.of(model, Peel.WHOLE.with(Coat.OUTER_SKIN, false)).facets();
        assertThat(bare).extracting(Facet::part).doesNotContain("left outer 1");
        assertThat(bare).extracting(Facet::part).contains("left stud 1", "deck");
        List<Facet> whole = SolidDrawing.of(model, Peel.WHOLE).facets();
        assertThat(whole).extracting(Facet::part).contains("left outer 1");
        List<Facet> cut =
                SolidDrawing.of(
                                model,
                                Peel.WHOLE.with(Coat.CARRIER, false).cut(OptionalDouble.of(1500)))
                        .facets();
        assertThat(cut)
                .allSatisfy(
                        facet ->
                                assertThat(facet.corners())
                                        .allMatch(corner -> corner.x() < 1500.1));
    }
}
