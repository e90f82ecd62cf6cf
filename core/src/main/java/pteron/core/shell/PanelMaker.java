package pteron.core.shell;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import pteron.core.buildup.Framed;
import pteron.core.curve.Beside;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Point3;
import pteron.core.outline.EdgeKind;
import pteron.core.plan.Assembly;
import pteron.core.plan.BoxDetails.Overhang;
import pteron.core.plan.MakeUp;
import pteron.core.quantity.Named;
import pteron.core.shell.Panel.Rips;
import pteron.core.surface.BentSurface;
import pteron.core.surface.Crown;
import pteron.core.surface.FlatSurface;
import pteron.core.surface.Surface;

/** Makes the panels out of the lines of the shell. */
final class PanelMaker {

    private static final Point3 BACK = new Point3(1, 0, 0);
    private static final Point3 RIGHT = new Point3(0, 1, 0);
    private static final Point3 UP = new Point3(0, 0, 1);

    private final MakeUp makeUp;
    private final Overhang overhang;
    private final List<Band> bands;
    private final SideLines sides;
    private final Underside underside;
    private final double halfWidth;
    private final double halfLower;
    private final double crownMm;
    private final Framed walls;
    private final Assembly assembly;
    private final Map<PanelKind, Integer> count = new EnumMap<>(PanelKind.class);

    PanelMaker(ShellInput plan, List<Band> bands, SideLines sides) {
        this.makeUp = plan.makeUp();
        this.overhang = plan.details().overhang();
        this.bands = bands;
        this.sides = sides;
        this.underside = sides.underside();
        this.crownMm = plan.details().crownMm();
        this.halfWidth = plan.widthMm() / 2;
        boolean winged = plan.details().wings().exists();
        this.halfLower = winged ? plan.details().wings().lowerWidthMm() / 2 : halfWidth;
        this.walls = makeUp.walls();
        this.assembly = makeUp.assembly();
    }

    /** {@return half the width between the outer skins of the side walls (mm)} */
    private double halfFrame() {
        return halfWidth - walls.toFrameMm();
    }

    /** {@return half the width between the outer skins of the side walls below the wings (mm)} */
    private double halfLowerFrame() {
        return halfLower - walls.toFrameMm();
    }

    /** {@return half the width between the frames of the side walls (mm)} */
    private double halfInside() {
        return halfFrame() - walls.toLiningMm();
    }

    /** {@return half the width of the frames of front, roof and rear: over the side walls or between them (mm)} */
    private double halfStrip() {
        return assembly.sidesRunPast() ? halfWidth - walls.thicknessMm() : halfFrame();
    }

    /** {@return half the width of their linings (mm)} */
    private double halfLining(PanelKind kind) {
        if (assembly.sidesRunPast()) {
            return halfStrip();
        }
        return kind == PanelKind.ROOF && assembly.ceilingOnWalls() ? halfFrame() : halfInside();
    }

    Panel side(PanelKind kind) {
        double sign = kind == PanelKind.LEFT ? -1 : 1;
        Point3 origin = new Point3(0, sign * halfFrame(), 0);
        Surface surface = new FlatSurface(origin, BACK, UP, RIGHT.times(-sign));
        return new Panel(
                id(kind),
                kind,
                surface,
                new Rim(sides.frame(), underside.frame()),
                List.of(),
                new Point2(0, underside.floorMm()),
                Rips.NONE,
                Panel.Core.of(walls),
                List.of(
                        Skin.outer(walls, FloorMaker.largest(sides.outerSkin())),
                        Skin.inner(walls, sides.innerSkin()).laid(lining())));
    }

    private Laying lining() {
        return switch (assembly.lining()) {
            case IN_SHEETS -> Laying.SHEETS;
            case IN_HALVES -> Laying.HALVES;
            case IN_ONE_PIECE -> Laying.WHOLE;
        };
    }

    /** {@return how the outer skin of a piece of the strip is laid: walls at its ends come in sheets} */
    private Laying skin(PanelKind kind) {
        boolean rolls = kind == PanelKind.NOSE || kind == PanelKind.ROOF || kind == PanelKind.TAIL;
        return rolls && assembly.strip() == Assembly.Strip.OFF_A_ROLL
                ? Laying.WHOLE
                : Laying.SHEETS;
    }

    List<Panel> strip() {
        List<Panel> panels = new ArrayList<>();
        for (int i = 0; i < bands.size(); i++) {
            panels.add(strip(i));
        }
        return panels;
    }

    private Panel strip(int i) {
        Band band = bands.get(i);
        Joint start = i == 0 ? foot(band) : Joint.between(bands.get(i - 1), band).after();
        Joint end =
                i == bands.size() - 1 ? foot(band) : Joint.between(band, bands.get(i + 1)).before();
        BandEnd first = BandEnd.of(start, band, 1);
        BandEnd last = BandEnd.of(end, band, -1);
        Span frame = new Span(first.atMm(), last.atMm());
        Rips rips = new Rips(first.ripDegrees(), last.ripDegrees(), first.packMm(), last.packMm());
        RimEdge inside = sides.room().get(i);
        Span lining =
                new Span(
                        i > 0 && yields(band, bands.get(i - 1), band)
                                ? behindLining(band, bands.get(i - 1), band.from())
                                : band.along(inside.from()),
                        i < bands.size() - 1 && yields(band, band, bands.get(i + 1))
                                ? behindLining(band, bands.get(i + 1), bands.get(i + 1).from())
                                : band.along(inside.to()));
        double ahead = isRoof(i) && !isRoof(i - 1) ? overhang.frontMm() : 0;
        double behind = isRoof(i) && !isRoof(i + 1) ? overhang.rearMm() : 0;
        Span skin = new Span(-ahead, band.lengthMm() + behind);
        boolean upIsForward =
                band.element().kind() == EdgeKind.TAIL || band.element().kind() == EdgeKind.REAR;
        Span places = new Span(placesFrom(i, true, frame.from()), placesFrom(i, false, frame.to()));
        return panel(band, upIsForward, new Spans(skin, frame, lining, places), rips);
    }

    /** {@return where places of openings are counted from: the floor, also where the frame reaches past it} */
    private double placesFrom(int i, boolean start, double frameMm) {
        boolean foot = start ? i == 0 : i == bands.size() - 1;
        if (!foot || !underside.floorBetween()) {
            return frameMm;
        }
        Band band = bands.get(i);
        Joint floor = Joint.onFloor(band, SideLines.level(underside.floorMm()));
        return BandEnd.of(floor, band, start ? 1 : -1).atMm();
    }

    /** In an inside corner the lining of what faces down ends behind that of the wall, else both would be there. */
    private static boolean yields(Band band, Band before, Band after) {
        return band.element().kind() == EdgeKind.UNDER && Joint.turnsLeft(before, after);
    }

    private static double behindLining(Band band, Band wall, Point2 shared) {
        Framed framed = wall.framed();
        Beside back =
                wall.outside().movedRight(framed.thicknessMm() - framed.innerSkin().thicknessMm());
        return band.along(Joint.corner(band.inside(), back, shared));
    }

    private boolean isRoof(int band) {
        return band >= 0
                && band < bands.size()
                && bands.get(band).element().kind() == EdgeKind.ROOF;
    }

    private Joint foot(Band band) {
        boolean rear = band == bands.getLast();
        double lower = rear ? underside.dropMm() : 0;
        return Joint.onFloor(band, SideLines.level(underside.footMm() - lower));
    }

    /** {@return the walls below the wings and the wings themselves, none where there are none} */
    List<Panel> wings() {
        return underside.wings().exists()
                ? new Wingspan(makeUp, bands, underside, halfWidth, halfLower).panels()
                : List.of();
    }

    /** A stretch along an edge of the outline, from its start (mm). */
    private record Span(double from, double to) {
        /** {@return the same stretch measured from the other end of a length} */
        Span from(double otherEnd) {
            return new Span(otherEnd - to, otherEnd - from);
        }
    }

    private record Spans(Span skin, Span frame, Span lining, Span places) {
        Spans from(double otherEnd) {
            return new Spans(
                    skin.from(otherEnd),
                    frame.from(otherEnd),
                    lining.from(otherEnd),
                    places.from(otherEnd));
        }
    }

    private Panel panel(Band band, boolean reversed, Spans forward, Rips rips) {
        double length = band.lengthMm();
        Spans spans = reversed ? forward.from(length) : forward;
        Rips ends = reversed ? rips.turned() : rips;
        PanelKind kind = PanelKind.valueOf(band.element().kind().name());
        boolean across = kind.isAcross() || !band.isStraight();
        Bounds2 frame = bounds(across, spans.frame(), halfStrip());
        Waist waist = waist(band, across, reversed);
        return new Panel(
                id(kind),
                kind,
                surface(band, reversed),
                new Rim(waist.rim(frame), waist.bottom(frame, halfLowerFrame())),
                List.of(),
                new Point2(across ? 0 : -halfWidth, across ? -halfWidth : spans.places().from()),
                ends,
                Panel.Core.of(band.framed()),
                skins(band, spans, waist, across));
    }

    private List<Skin> skins(Band band, Spans spans, Waist waist, boolean across) {
        PanelKind kind = PanelKind.valueOf(band.element().kind().name());
        Bounds2 outer = bounds(across, spans.skin(), halfWidth + beside(kind));
        Bounds2 inner = bounds(across, spans.lining(), halfLining(kind));
        double lowerInside = halfLowerFrame() - walls.frameMm();
        return List.of(
                Skin.outer(band.framed(), waist.skin(outer, halfLower))
                        .laid(skin(kind))
                        .crowned(crown(band)),
                Skin.inner(band.framed(), waist.lining(inner, lowerInside)).laid(lining()));
    }

    /** {@return the rise of a straight piece of roof across the width; what bends lengthwise bends that way only} */
    private Optional<Crown> crown(Band band) {
        return band.isRoof() && band.isStraight() && crownMm > 0
                ? Optional.of(new Crown(2 * halfWidth, crownMm))
                : Optional.empty();
    }

    /** {@return where a wall at an end becomes wider; nowhere for other panels and without wings} */
    private Waist waist(Band band, boolean across, boolean reversed) {
        boolean end = band == bands.getFirst() || band == bands.getLast();
        if (across || !end || !underside.wings().exists()) {
            return Waist.NONE;
        }
        double from = underside.wings().fromMm();
        double inside = underside.liningFromMm();
        return new Waist(
                up(band, band.outside(), from, reversed),
                Math.max(
                        up(band, band.frameOut(), underside.wingFrameMm(), reversed),
                        up(band, band.frameIn(), underside.wingFrameMm(), reversed)),
                up(band, band.inside(), inside, reversed));
    }

    /** {@return how far up a wall one of its lines has a height over the underside (mm)} */
    private static double up(Band band, Beside line, double heightMm, boolean reversed) {
        double along = band.along(Joint.corner(line, SideLines.level(heightMm), Joint.foot(band)));
        return reversed ? band.lengthMm() - along : along;
    }

    /** {@return how far a skin reaches over the side walls (mm)} */
    private double beside(PanelKind kind) {
        return kind.isRoof() ? overhang.sidesMm() : 0;
    }

    private static Bounds2 bounds(boolean across, Span along, double half) {
        return across
                ? new Bounds2(along.from(), along.to(), -half, half)
                : new Bounds2(-half, half, along.from(), along.to());
    }

    private static Surface surface(Band band, boolean reversed) {
        if (!band.isStraight()) {
            return new BentSurface(band.frameOut(), reversed);
        }
        Point2 start = reversed ? band.element().curve().to() : band.from();
        Point2 forward = band.outside().direction(0);
        Point2 way = forward.times(reversed ? -1 : 1);
        Point2 in = forward.leftNormal().times(-1);
        Point2 origin = start.plus(in.times(band.framed().toFrameMm()));
        Point3 along = new Point3(way.u(), 0, way.v());
        boolean across = PanelKind.valueOf(band.element().kind().name()).isAcross();
        return new FlatSurface(
                new Point3(origin.u(), 0, origin.v()),
                across ? along : RIGHT,
                across ? RIGHT : along,
                new Point3(in.u(), 0, in.v()));
    }

    private String id(PanelKind kind) {
        int number = count.merge(kind, 1, Integer::sum);
        String name = Named.key(kind);
        return number == 1 ? name : name + "-" + number;
    }
}
