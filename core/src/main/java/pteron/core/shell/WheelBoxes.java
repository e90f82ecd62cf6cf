package pteron.core.shell;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.plan.MakeUp;
import pteron.core.surface.FlatSurface;

/**
 * Makes the boxes over the wheels: a board towards the wheel at its inner side, at both ends and on top, each with a
 * frame of the blocks' section behind it and lined like a wall.
 */
final class WheelBoxes {

    private static final Point3 BACK = new Point3(1, 0, 0);
    private static final Point3 RIGHT = new Point3(0, 1, 0);
    private static final Point3 UP = new Point3(0, 0, 1);

    private final MakeUp makeUp;
    private final Underside underside;
    private final double half;
    private final List<Panel> panels = new ArrayList<>();

    WheelBoxes(ShellInput plan, Underside underside) {
        this.makeUp = plan.makeUp();
        this.underside = underside;
        this.half = plan.widthMm() / 2;
    }

    /** {@return the boards of all boxes, left and right, from the front to the rear} */
    List<Panel> panels() {
        for (WheelRoom wheel : underside.wheels().reversed()) {
            box(wheel, -1);
            box(wheel, 1);
        }
        return panels;
    }

    /**
     * Distances from the middle of the box, and heights.
     *
     * @param board back of the board at the inner side
     * @param frame face of the frame behind it
     * @param wall inner face of the side wall's frame
     * @param lining inside of its lining
     * @param skin outer face of the side wall's frame
     * @param floor top of the floor
     */
    private record Reach(
            double board, double frame, double wall, double lining, double skin, double floor) {}

    private Reach reach(WheelRoom wheel) {
        Framed walls = makeUp.walls();
        double board = half - wheel.arch().depthMm() - wheel.boardMm();
        boolean lower = underside.drop().exists() && wheel.fromMm() > underside.drop().fromMm();
        return new Reach(
                board,
                board - wheel.frameMm(),
                half - walls.toFrameMm() - walls.frameMm(),
                half - walls.thicknessMm(),
                half - walls.toFrameMm(),
                underside.floorMm() - (lower ? underside.dropMm() : 0));
    }

    private void box(WheelRoom wheel, int side) {
        Reach y = reach(wheel);
        inner(wheel, side, y);
        end(wheel, side, y, -1);
        end(wheel, side, y, 1);
        top(wheel, side, y);
    }

    private double under(Reach y) {
        return y.floor() - underside.floorMm();
    }

    private void inner(WheelRoom wheel, int side, Reach y) {
        Bounds2 notch = wheel.notch();
        Bounds2 boxed = wheel.boxed();
        Point3 origin = new Point3(0, side * y.board(), 0);
        double high = wheel.arch().heightMm();
        add(
                wheel,
                new FlatSurface(origin, BACK, UP, RIGHT.times(-side)),
                new Bounds2(boxed.fromU(), boxed.toU(), y.floor(), notch.toV()),
                new Bounds2(notch.fromU(), notch.toU(), under(y), high),
                new Bounds2(boxed.fromU(), boxed.toU(), y.floor(), boxed.toV()));
    }

    private void end(WheelRoom wheel, int side, Reach y, int way) {
        Bounds2 notch = wheel.notch();
        double x = way < 0 ? notch.fromU() : notch.toU();
        double board = y.board() + wheel.boardMm();
        add(
                wheel,
                new FlatSurface(new Point3(x, 0, 0), RIGHT, UP, BACK.times(way)),
                across(side, y.board(), y.wall(), y.floor(), notch.toV()),
                across(side, board, y.skin(), under(y), wheel.arch().heightMm()),
                across(side, y.frame(), y.lining(), y.floor(), wheel.boxed().toV()));
    }

    private void top(WheelRoom wheel, int side, Reach y) {
        Bounds2 notch = wheel.notch();
        Bounds2 boxed = wheel.boxed();
        Bounds2 frame = across(side, y.frame(), y.wall(), 0, 1);
        Bounds2 board = across(side, y.board(), y.skin(), 0, 1);
        Bounds2 lining = across(side, y.frame(), y.lining(), 0, 1);
        add(
                wheel,
                new FlatSurface(new Point3(0, 0, notch.toV()), BACK, RIGHT, UP),
                new Bounds2(boxed.fromU(), boxed.toU(), frame.fromU(), frame.toU()),
                new Bounds2(notch.fromU(), notch.toU(), board.fromU(), board.toU()),
                new Bounds2(boxed.fromU(), boxed.toU(), lining.fromU(), lining.toU()));
    }

    private static Bounds2 across(int side, double from, double to, double low, double high) {
        return side > 0 ? new Bounds2(from, to, low, high) : new Bounds2(-to, -from, low, high);
    }

    private void add(
            WheelRoom wheel, FlatSurface surface, Bounds2 frame, Bounds2 outer, Bounds2 inner) {
        Framed walls = makeUp.walls();
        Members members = walls.framing().withSection(WheelRoom.section(makeUp));
        Layer foam = walls.insulation();
        Layer filling = foam.withThickness(Math.min(foam.thicknessMm(), wheel.frameMm()));
        panels.add(
                new Panel(
                        "wheel-box-" + (panels.size() + 1),
                        PanelKind.WHEEL_BOX,
                        surface,
                        new Rim(RimEdge.round(frame), List.of()),
                        List.of(),
                        new Point2(frame.fromU(), frame.fromV()),
                        Panel.Rips.NONE,
                        new Panel.Core(walls.scheme(), members, filling, 0),
                        skins(wheel, Polygon2.rectangle(outer), Polygon2.rectangle(inner))));
    }

    private List<Skin> skins(WheelRoom wheel, Polygon2 outer, Polygon2 inner) {
        Layer lining = makeUp.walls().innerSkin();
        return List.of(
                new Skin(
                        Skin.Face.OUTER,
                        wheel.board(),
                        outer,
                        -wheel.boardMm(),
                        Laying.SHEETS,
                        Optional.empty()),
                new Skin(
                        Skin.Face.INNER,
                        lining,
                        inner,
                        wheel.frameMm(),
                        Laying.SHEETS,
                        Optional.empty()));
    }
}
