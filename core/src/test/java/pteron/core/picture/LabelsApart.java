package pteron.core.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import pteron.core.drawing.Dimension.Side;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.Matter;
import pteron.core.drawing.PlacedLabel;
import pteron.core.drawing.PlacedLabels;
import pteron.core.drawing.Shape;
import pteron.core.drawing.View;
import pteron.core.frame.FrameStation;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.model.BoxModel;
import pteron.core.model.Route;
import pteron.core.station.Station;

/**
 * Labels of every view and station: none on another, names of members and weights on no member, window, door or outline,
 * all in the view. Areas are held against each other by JTS, not by the placer's own sums.
 */
public final class LabelsApart {

    /** Room of a drawing in a window of 1280 × 800 (pixels). */
    private static final double WIDE = 700;

    private static final double HIGH = 480;

    private static final Set<Matter> CLEAR =
            EnumSet.of(Matter.TIMBER, Matter.METAL, Matter.GLASS, Matter.DOOR);

    /** Views that are the same at every station. */
    private static final Set<View> ALIKE =
            EnumSet.of(View.SOLID, View.SECTION, View.UNFOLDED, View.INSIDE, View.FRAMES);

    private static final List<Station> ONE = List.of(FrameStation.FRAME);

    private static final GeometryFactory JTS = new GeometryFactory();

    private int wanted;
    private int named;

    /** Letters of 12.5 px in lines of 16 px, 6.9 px wide, when the drawing fills its room. */
    private static PlacedLabels.Letters letters(Drawing drawing) {
        Bounds2 b = drawing.bounds();
        double mmAPixel = Math.max(b.width() / WIDE, b.height() / HIGH);
        return new PlacedLabels.Letters() {
            @Override
            public double wideMm(String text, Shape.Label.Kind kind) {
                return 6.9 * text.length() * mmAPixel;
            }

            @Override
            public double highMm() {
                return 16 * mmAPixel;
            }
        };
    }

    private static Geometry rectangle(Bounds2 b) {
        return area(
                List.of(
                        new Point2(b.fromU(), b.fromV()),
                        new Point2(b.toU(), b.fromV()),
                        new Point2(b.toU(), b.toV()),
                        new Point2(b.fromU(), b.toV())));
    }

    private static Geometry area(List<Point2> corners) {
        Coordinate[] ring = new Coordinate[corners.size() + 1];
        for (int i = 0; i < ring.length; i++) {
            ring[i] = place(corners.get(i % corners.size()));
        }
        return JTS.createPolygon(ring).buffer(0);
    }

    private static Geometry line(List<Point2> points) {
        return JTS.createLineString(
                points.stream().map(LabelsApart::place).toArray(Coordinate[]::new));
    }

    private static Coordinate place(Point2 point) {
        return new Coordinate(point.u(), point.v());
    }

    /** What no name of a member and no weight may lie on. */
    private static List<Geometry> obstacles(Drawing drawing) {
        return drawing.shapes().stream()
                .<Geometry>mapMulti(
                        (shape, put) -> {
                            if (shape instanceof Shape.Area area && CLEAR.contains(area.matter())) {
                                put.accept(area(area.corners()));
                            } else if (shape instanceof Shape.Line line
                                    && line.kind() == LineKind.OUTLINE) {
                                put.accept(line(line.points()));
                            }
                        })
                .toList();
    }

    private void apart(Drawing drawing, String told) {
        List<PlacedLabel> labels = PlacedLabels.of(drawing, letters(drawing));
        Set<String> fixed =
                Set.copyOf(
                        drawing.shapes().stream()
                                .filter(
                                        shape ->
                                                shape instanceof Shape.Label label
                                                        && label.kind() != Shape.Label.Kind.WEIGHT)
                                .map(shape -> ((Shape.Label) shape).text())
                                .toList());
        List<Geometry> obstacles = obstacles(drawing);
        double margin = 1.6 * letters(drawing).highMm();
        wanted += count(drawing);
        for (int i = 0; i < labels.size(); i++) {
            PlacedLabel label = labels.get(i);
            String name = told + " " + label.text();
            Geometry room = rectangle(label.room());
            for (PlacedLabel other : labels.subList(i + 1, labels.size())) {
                assertThat(room.intersection(rectangle(other.room())).getArea())
                        .as("%s on %s", name, other.text())
                        .isLessThan(1e-6);
            }
            assertThat(drawing.bounds().grown(margin).surrounds(label.room())).as(name).isTrue();
            if (fixed.contains(label.text())) {
                continue;
            }
            named++;
            assertThat(obstacles).as(name).noneMatch(shape -> isOn(room, shape));
            if (drawing.rows(Side.RIGHT) > 0) {
                assertThat(label.room().toU()).as(name).isLessThanOrEqualTo(drawing.bounds().toU());
            }
        }
    }

    private static boolean isOn(Geometry room, Geometry shape) {
        Geometry shared = room.intersection(shape);
        return shared.getArea() > 1e-6
                || shared.getArea() == 0 && shared.getLength() > 1e-3 && shape.getArea() == 0;
    }

    /** {@return how many members and weights a drawing would name} */
    private static int count(Drawing drawing) {
        return (int)
                drawing.shapes().stream()
                        .filter(
                                shape ->
                                        shape instanceof Shape.MemberName
                                                || shape instanceof Shape.Label label
                                                        && label.kind() == Shape.Label.Kind.WEIGHT)
                        .count();
    }

    /** Holds one view of a box, as it is seen at a station. */
    public void hold(BoxModel model, View view, Station station) {
        apart(
                Drawings.of(model, view, station, ""),
                model.plan().name() + " " + view + " " + station.label());
    }

    /** Holds every view of a box at every station. */
    public void holdAll(BoxModel model) {
        for (View view : View.values()) {
            for (Station station : ALIKE.contains(view) ? ONE : Route.stations()) {
                hold(model, view, station);
            }
        }
    }

    /** {@return names and weights that were to be told} */
    public int wanted() {
        return wanted;
    }

    /** {@return names and weights that found room} */
    public int named() {
        return named;
    }
}
