package pteron.core.shell;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.curve.Beside;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.plan.Assembly;
import pteron.core.plan.BoxDetails.Wings;
import pteron.core.plan.MakeUp;
import pteron.core.shell.Panel.Rips;
import pteron.core.surface.FlatSurface;

/** Makes the floor, its dropped part, and the riser between them. */
final class FloorMaker {

    private static final Point3 BACK = new Point3(1, 0, 0);
    private static final Point3 RIGHT = new Point3(0, 1, 0);
    private static final Point3 UP = new Point3(0, 0, 1);

    private final MakeUp makeUp;
    private final Framed walls;
    private final List<Band> bands;
    private final Underside underside;
    private final double half;
    private final double frame;
    private final double inside;
    private final double lowerFrame;

    FloorMaker(ShellInput plan, List<Band> bands, Underside underside) {
        this.makeUp = plan.makeUp();
        this.walls = makeUp.walls();
        this.bands = bands;
        this.underside = underside;
        this.half = plan.widthMm() / 2;
        this.frame = half - walls.toFrameMm();
        this.inside = frame - walls.toLiningMm();
        Wings wings = plan.details().wings();
        double lower = wings.exists() ? wings.lowerWidthMm() / 2 : half;
        boolean between = makeUp.assembly().floorBetweenWalls();
        this.lowerFrame = lower - (between ? walls.thicknessMm() : walls.toFrameMm());
    }

    /** {@return the floor, and its dropped part behind it} */
    List<Panel> floors() {
        double top = makeUp.floor().structureMm();
        double front = Math.max(skinFace(0, 0), skinFace(0, top));
        int last = bands.size() - 1;
        double drop = underside.dropMm();
        double rear = Math.min(skinFace(last, -drop), skinFace(last, top - drop));
        if (!underside.drop().exists()) {
            return List.of(floor(front, rear, 0));
        }
        double step = underside.riserInMm();
        return List.of(floor(front, step, 0), floor(step, rear, -drop));
    }

    private Panel floor(double front, double rear, double underMm) {
        Floor floor = makeUp.floor();
        Bounds2 area = new Bounds2(-lowerFrame, lowerFrame, front, rear);
        List<Bounds2> notches = notches(area);
        List<RimEdge> rim = RimEdge.round(area);
        double lies = floor.bearersMm();
        double between = floor.onBearers() ? lies + floor.bottomFace().thicknessMm() : 0;
        return new Panel(
                underMm < 0 ? "floor-2" : "floor",
                PanelKind.FLOOR,
                new FlatSurface(new Point3(0, 0, underMm + floor.frameFromMm()), RIGHT, BACK, UP),
                new Rim(rim, List.of()),
                notches,
                new Point2(area.fromU(), area.fromV()),
                Rips.NONE,
                new Panel.Core(floor.scheme(), floor.members(), floor.core(), between),
                faces(floor, cut(Polygon2.rectangle(area), notches), between));
    }

    /** What wheels take out of a floor: to the back of the board that closes their room. */
    private List<Bounds2> notches(Bounds2 floor) {
        List<Bounds2> notches = new ArrayList<>();
        for (WheelRoom wheel : underside.wheels()) {
            Bounds2 room = wheel.notch();
            double from = Math.max(room.fromU(), floor.fromV());
            double to = Math.min(room.toU(), floor.toV());
            double inner = half - wheel.arch().depthMm() - wheel.boardMm();
            if (to > from && inner < floor.toU()) {
                notches.add(new Bounds2(floor.fromU(), -inner, from, to));
                notches.add(new Bounds2(inner, floor.toU(), from, to));
            }
        }
        return notches;
    }

    private static Polygon2 cut(Polygon2 whole, List<Bounds2> notches) {
        return notches.isEmpty()
                ? whole
                : largest(whole.without(notches.stream().map(Polygon2::rectangle).toList()));
    }

    private Laying pieces(Laying.Way way) {
        Assembly assembly = makeUp.assembly();
        return new Laying(way, assembly.floorAcross(), assembly.floorAlong());
    }

    /** {@return the largest of some pieces} */
    static Polygon2 largest(List<Polygon2> pieces) {
        return pieces.stream().max(Comparator.comparingDouble(Polygon2::area)).orElseThrow();
    }

    private List<Skin> faces(Floor floor, Polygon2 area, double coreFrom) {
        double bottom = coreFrom - floor.bottomFace().thicknessMm();
        double top = coreFrom + floor.betweenFacesMm();
        return List.of(
                new Skin(
                        Skin.Face.FLOOR_BOTTOM,
                        floor.bottomFace(),
                        area,
                        bottom,
                        pieces(Laying.Way.SHEETS),
                        Optional.empty()),
                new Skin(
                        Skin.Face.FLOOR_TOP,
                        floor.topFace(),
                        area,
                        top,
                        pieces(Laying.Way.STAGGERED),
                        Optional.empty()));
    }

    /** {@return the board between a floor and its dropped part, none where there is none} */
    List<Panel> riser() {
        if (!underside.drop().exists()) {
            return List.of();
        }
        double floor = makeUp.floor().structureMm();
        double drop = underside.dropMm();
        Bounds2 board = new Bounds2(-frame, frame, -drop, 0);
        Bounds2 lining = new Bounds2(-inside, inside, floor - drop, floor);
        return List.of(
                new Panel(
                        "riser",
                        PanelKind.RISER,
                        new FlatSurface(new Point3(underside.riserOutMm(), 0, 0), RIGHT, UP, BACK),
                        new Rim(RimEdge.round(board), List.of()),
                        List.of(),
                        new Point2(-half, -drop),
                        Rips.NONE,
                        Panel.Core.of(walls),
                        List.of(
                                Skin.outer(walls, Polygon2.rectangle(board)),
                                Skin.inner(walls, Polygon2.rectangle(lining)))));
    }

    private double skinFace(int band, double heightMm) {
        Band wall = bands.get(band);
        boolean between = makeUp.assembly().floorBetweenWalls();
        Beside face = between ? wall.inside() : wall.frameOut();
        return Joint.corner(face, SideLines.level(heightMm), Joint.foot(wall)).u();
    }
}
