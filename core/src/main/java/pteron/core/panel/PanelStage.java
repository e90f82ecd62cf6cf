package pteron.core.panel;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Framed.Scheme;
import pteron.core.buildup.Layer.Grain;
import pteron.core.buildup.Section;
import pteron.core.carrier.Carrier;
import pteron.core.extent.Areas;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.figure.Working;
import pteron.core.frame.Frame;
import pteron.core.frame.PanelFrame;
import pteron.core.geometry.Bounds2;
import pteron.core.inside.Inside;
import pteron.core.makeup.MakeUpStation;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.mechanics.Constants;
import pteron.core.mechanics.Duration;
import pteron.core.mechanics.ThickFaces;
import pteron.core.outline.EdgeKind;
import pteron.core.outline.Outline;
import pteron.core.plan.Box;
import pteron.core.plan.Loads;
import pteron.core.plan.MakeUp;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Quantity;
import pteron.core.shell.PanelKind;
import pteron.core.stage.Given;
import pteron.core.stage.Stage;
import pteron.core.wind.BoxInWind;
import pteron.core.wind.RoofFace;
import pteron.core.wind.RoofWind;
import pteron.core.wind.WallWind;
import pteron.core.wind.Wind;
import pteron.core.wind.Zone;

/** Checks floor, and walls and roof without a frame, as sandwich panels. */
public final class PanelStage {

    /** Width of the strip of wall or roof that the wind is put on (mm). */
    private static final double STRIP_MM = 1000;

    /** One person who works on a roof (N): EN 1991-1-1, category H. */
    static final double ON_ROOF_NEWTON = 1000;

    private final Input plan;
    private final MaterialLibrary library;
    private final Carrier carrier;
    private final List<PanelUse> uses = new ArrayList<>();
    private final List<Figure> figures = new ArrayList<>();

    private PanelStage(Input plan) {
        this.plan = plan;
        this.library = plan.library;
        this.carrier = plan.carrier;
    }

    /**
     * What the panels read.
     *
     * @param box the box
     * @param makeUp its layers
     * @param loads what it must carry
     * @param library the materials
     * @param carrier the carrier
     * @param outline the outline, usable
     * @param inside the room inside
     * @param widestBayMm widest bay between bearers that are set out (mm)
     */
    public record Input(
            Box box,
            MakeUp makeUp,
            Loads loads,
            MaterialLibrary library,
            Carrier carrier,
            Outline outline,
            Inside inside,
            OptionalDouble widestBayMm) {}

    /** The stage; empty while outline or layers are unusable. */
    public static final Stage<Input, Panels> STAGE =
            new Stage<>(
                    Panels.class,
                    given ->
                            given.find(Areas.class)
                                    .map(
                                            areas ->
                                                    new Input(
                                                            given.plan().box(),
                                                            given.plan().makeUp(),
                                                            given.plan().loads(),
                                                            given.library(),
                                                            given.get(Carrier.class),
                                                            given.get(Outline.class),
                                                            given.get(Inside.class),
                                                            widestBay(given))),
                    PanelStage::of);

    private static OptionalDouble widestBay(Given given) {
        return given.find(Frame.class).stream()
                .flatMap(frame -> frame.panels().stream())
                .filter(frame -> frame.panel().kind() == PanelKind.FLOOR)
                .mapToDouble(PanelFrame::widestBayMm)
                .filter(bay -> bay > 0)
                .max();
    }

    /** {@return how hard the panels work} */
    public static Panels of(Input plan) {
        Outline outline = plan.outline;
        Inside inside = plan.inside;
        PanelStage stage = new PanelStage(plan);
        stage.floor(outline);
        stage.framed(PanelPart.WALLS, plan.makeUp().walls(), inside);
        stage.framed(PanelPart.ROOF, plan.makeUp().roof(), inside);
        stage.uses.forEach(use -> stage.figures.add(use.figure()));
        List<Finding> findings =
                stage.uses.stream()
                        .filter(PanelUse::isWorthTelling)
                        .map(PanelUse::finding)
                        .toList();
        return new Panels(stage.uses, stage.figures, findings);
    }

    private void floor(Outline outline) {
        Floor floor = plan.makeUp().floor();
        if (!SandwichPanel.isKnown(floor.topFace(), floor.core(), floor.bottomFace(), library)) {
            return;
        }
        SandwichPanel panel =
                SandwichPanel.of(
                                PanelPart.FLOOR,
                                floor.topFace(),
                                floor.core(),
                                floor.bottomFace(),
                                floor.spanGrain(),
                                library)
                        .in(plan.loads().serviceClass());
        boolean onTimber = floor.school() != Floor.School.ON_CROSS_MEMBERS;
        double span =
                onTimber
                        ? plan.widestBayMm().orElse(floor.bearers().spacingMm())
                        : widestGap(carrier, outline);
        double support =
                onTimber
                        ? floor.bearers().section().thicknessMm()
                        : carrier.vehicle().steel().crossMember().flangeMm();
        span(PanelPart.FLOOR, span, spanWords(floor));
        double reach = onTimber ? plan.box().widthMm() : span;
        uses.addAll(Turning.of(panel, reach).uses(lies -> floorUses(lies, span, support)));
    }

    private List<PanelUse> floorUses(SandwichPanel panel, double span, double support) {
        return onFloor(panel, span).stream()
                .flatMap(load -> new PanelCheck(panel, load, span, support).uses().stream())
                .toList();
    }

    private List<PanelLoad> onFloor(SandwichPanel panel, double span) {
        double person = plan.loads().floorPersonKg() * Constants.GRAVITY;
        return List.of(
                PanelLoad.heel(person, span),
                PanelLoad.ladder(person, span),
                edge(panel, person, span),
                PanelLoad.spread(
                        PanelLoad.PEOPLE,
                        "people and stores all over",
                        plan.loads().floorLoad() / 1e6,
                        span,
                        Duration.MEDIUM));
    }

    private String spanWords(Floor floor) {
        if (floor.school() == Floor.School.ON_CROSS_MEMBERS) {
            return "widest gap between cross-members";
        }
        return plan.widestBayMm().isPresent()
                ? "widest bay between bearers"
                : "spacing of the bearers";
    }

    /** The bottom plate or edge bar of the wall lies flat along the edge and carries with the strip. */
    private PanelLoad edge(SandwichPanel panel, double person, double span) {
        PanelLoad bare = PanelLoad.edge(person, span);
        Material timber = library.get(plan.makeUp().walls().framing().timber());
        Section section = plan.makeUp().walls().framing().section();
        double bar =
                48 * timber.value(Property.MODULUS) * section.flatInertiaMm4() / Math.pow(span, 3);
        double strip =
                1
                        / new ThickFaces(panel.strip(bare.widthMm()), span, bare.patchMm())
                                .under(1)
                                .deflectionMm();
        return PanelLoad.edge(person * strip / (strip + bar), span);
    }

    /** {@return widest gap between cross-members under the box, its ends counted as supports (mm)} */
    static double widestGap(Carrier carrier, Outline outline) {
        double before = Math.max(outline.foremostMm(), carrier.deckFrontMm());
        double end = Math.min(outline.rearmostMm(), carrier.deckRearMm());
        double widest = 1;
        for (double x : carrier.crossMembersMm()) {
            if (x > before && x < end) {
                widest = Math.max(widest, x - before);
                before = x;
            }
        }
        return Math.max(widest, end - before);
    }

    private void framed(PanelPart part, Framed framed, Inside inside) {
        figures.addAll(ScrewFigures.of(part, framed, library));
        boolean panel =
                framed.scheme() == Scheme.FRAMELESS
                        && inside.room().isPresent()
                        && SandwichPanel.isKnown(
                                framed.outerSkin(),
                                framed.insulation(),
                                framed.innerSkin(),
                                library);
        if (!panel) {
            return;
        }
        boolean roof = part == PanelPart.ROOF;
        double upright = inside.room().get().bounds().height();
        double across = inside.widthMm();
        double span = roof ? across : upright;
        span(part, span, roof ? "width inside" : "height inside");
        SandwichPanel sandwich = sandwich(part, framed, Grain.ALONG);
        uses.addAll(Turning.of(sandwich, span).uses(lies -> framedUses(lies, framed, span)));
        if (!roof && bendsAWall()) {
            uses.addAll(bent(framed, upright, across));
        }
        if (!roof) {
            overCab(framed, across);
        }
    }

    /** The bed over the cab lies on the side walls; its front and rear edges carry too, which is not counted. */
    private void overCab(Framed walls, double span) {
        double length = BedPanel.lengthMm(plan.outline);
        if (length == 0) {
            return;
        }
        span(PanelPart.OVER_CAB_FLOOR, span, "width inside");
        List<PanelLoad> loads = BedPanel.loads(plan.loads().floorPersonKg(), length * span, span);
        SandwichPanel fromInside =
                sandwich(PanelPart.OVER_CAB_FLOOR, walls, Grain.ALONG).turnedOver();
        double support = walls.framing().section().thicknessMm();
        uses.addAll(
                Turning.of(fromInside, span)
                        .uses(lies -> BedPanel.uses(lies, loads, span, support)));
    }

    private SandwichPanel sandwich(PanelPart part, Framed framed, Grain span) {
        return SandwichPanel.of(
                        part,
                        framed.outerSkin(),
                        framed.insulation(),
                        framed.innerSkin(),
                        span,
                        library)
                .in(plan.loads().serviceClass());
    }

    private boolean bendsAWall() {
        return plan.outline.elements().stream()
                .anyMatch(element -> element.kind() != EdgeKind.ROOF && !element.isStraight());
    }

    /**
     * Walls that bend lie with the length of their sheets across the box. They carry up the bend or from side to side,
     * whichever they do better; each by itself is on the safe side.
     */
    private List<PanelUse> bent(Framed walls, double upright, double across) {
        List<PanelUse> up =
                framedUses(sandwich(PanelPart.BENT_WALLS, walls, Grain.ACROSS), walls, upright);
        List<PanelUse> level =
                framedUses(sandwich(PanelPart.BENT_WALLS, walls, Grain.ALONG), walls, across);
        boolean isUp = Turning.worst(up) <= Turning.worst(level);
        span(
                PanelPart.BENT_WALLS,
                isUp ? upright : across,
                isUp ? "height inside" : "width inside");
        return isUp ? up : level;
    }

    private List<PanelUse> framedUses(SandwichPanel panel, Framed framed, double span) {
        boolean roof = panel.part() == PanelPart.ROOF;
        double support = framed.framing().section().thicknessMm();
        List<PanelUse> all = new ArrayList<>(bothWays(panel, wind(roof, span), span, support));
        if (roof) {
            PanelLoad heel = PanelLoad.heel(ON_ROOF_NEWTON, span);
            all.addAll(new PanelCheck(panel, heel, span, support).uses());
        }
        return all;
    }

    /** Wind sucks and presses: each face is pressed once and pulled once, and the worse is told. */
    private static List<PanelUse> bothWays(
            SandwichPanel panel, PanelLoad wind, double span, double support) {
        List<PanelUse> onOuter = new PanelCheck(panel, wind, span, support).uses();
        List<PanelUse> onInner = new PanelCheck(panel.turnedOver(), wind, span, support).uses();
        return IntStream.range(0, onOuter.size())
                .mapToObj(i -> onOuter.get(i).harder(onInner.get(i)))
                .toList();
    }

    /** Wind on the strip a metre wide that it tears at hardest: at an edge of a wall, at an end of a piece of the roof. */
    private PanelLoad wind(boolean roof, double span) {
        WallWind walls = BoxInWind.walls(plan.box(), carrier);
        double area = span * STRIP_MM / 1e6;
        Zone zone = roof ? onRoof(walls, area) : onWalls(walls, area);
        double pressure = Wind.pressure(plan.loads().windSpeed()) * zone.net() / 1e6;
        String words =
                "wind in zone %s, %s times its pressure"
                        .formatted(zone.name(), NumberText.format(zone.net(), 2));
        return PanelLoad.spread("wind", words, pressure, span, Duration.SHORT);
    }

    /** The strip beside an edge, as narrow as the zone there. */
    private static Zone onWalls(WallWind walls, double area) {
        WallWind.Stretch side = new WallWind.Stretch(0, 1, walls.lengthMm());
        WallWind.Stretch end = new WallWind.Stretch(0, 1, walls.widthMm());
        return walls.worst(true, side, area).harder(walls.worst(false, end, area));
    }

    private Zone onRoof(WallWind walls, double area) {
        RoofWind wind = new RoofWind(walls);
        Zone worst = new Zone("", 0);
        for (RoofFace face : BoxInWind.roofs(plan.box(), walls, plan.outline)) {
            double strip = Math.min(STRIP_MM, face.lengthMm());
            for (double from = 0; from + strip <= face.lengthMm(); from += strip / 2) {
                Bounds2 place = new Bounds2(from, from + strip, 0, face.widthMm());
                worst =
                        worst.harder(wind.suction(face, place, area))
                                .harder(wind.pressure(face, place));
            }
            Bounds2 last = new Bounds2(face.lengthMm() - strip, face.lengthMm(), 0, face.widthMm());
            worst = worst.harder(wind.suction(face, last, area));
        }
        return worst;
    }

    private void span(PanelPart part, double mm, String words) {
        figures.add(
                Figure.of(
                        MakeUpStation.MAKE_UP.figure("panel." + part.key() + "-span"),
                        "Span of the " + part.words(),
                        Quantity.mm(mm),
                        () ->
                                Working.of("L = " + words)
                                        .plan("L", words + ", as the plan has it", Quantity.mm(mm))
                                        .source("the plan; two-way panels are taken as strips")));
    }
}
