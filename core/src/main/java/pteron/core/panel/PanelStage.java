package pteron.core.panel;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Framed.Scheme;
import pteron.core.buildup.Section;
import pteron.core.carrier.Carrier;
import pteron.core.extent.Areas;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.figure.Verdict;
import pteron.core.figure.Working;
import pteron.core.inside.Inside;
import pteron.core.makeup.MakeUpStation;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.outline.Outline;
import pteron.core.plan.Box;
import pteron.core.plan.Loads;
import pteron.core.plan.MakeUp;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Quantity;
import pteron.core.stage.Stage;
import pteron.core.strength.Check;
import pteron.core.strength.Duration;
import pteron.core.strength.StrengthStage;
import pteron.core.strength.ThickFaces;
import pteron.core.strength.Wind;
import pteron.core.strength.WindZones;

/** Checks floor, and walls and roof without a frame, as sandwich panels. */
public final class PanelStage {

    /** Acceleration of gravity (m/s²): ISO 80000-3. */
    private static final double GRAVITY = 9.80665;

    /** Width of the strip of wall or roof that the wind is put on (mm). */
    private static final double STRIP_MM = 1000;

    /** One person who works on a roof (N): EN 1991-1-1, category H. */
    static final double ON_ROOF_NEWTON = 1000;

    /** Thread of a screw in an edge bar (mm); common practice. */
    static final double THREAD_MM = 25;

    private final Input plan;
    private final MaterialLibrary library;
    private final Carrier carrier;
    private final List<Check> checks = new ArrayList<>();
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
     */
    public record Input(
            Box box,
            MakeUp makeUp,
            Loads loads,
            MaterialLibrary library,
            Carrier carrier,
            Outline outline,
            Inside inside) {}

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
                                                            given.get(Inside.class))),
                    PanelStage::of);

    /** {@return how hard the panels work} */
    public static Panels of(Input plan) {
        Outline outline = plan.outline;
        Inside inside = plan.inside;
        PanelStage stage = new PanelStage(plan);
        stage.floor(outline);
        stage.framed("walls", plan.makeUp().walls(), inside);
        stage.framed("roof", plan.makeUp().roof(), inside);
        stage.checks.forEach(check -> stage.figures.add(figure(check)));
        return new Panels(stage.checks, stage.figures, findings(stage.checks));
    }

    private static Figure figure(Check check) {
        return Figure.of(
                MakeUpStation.MAKE_UP.figure("panel." + check.key()),
                check.name(),
                Quantity.ratio(check.utilisation()),
                check.working());
    }

    private void floor(Outline outline) {
        Floor floor = plan.makeUp().floor();
        if (!SandwichPanel.isKnown(floor.topFace(), floor.core(), floor.bottomFace(), library)) {
            return;
        }
        SandwichPanel panel =
                SandwichPanel.of(
                                "floor", floor.topFace(), floor.core(), floor.bottomFace(), library)
                        .in(plan.loads().serviceClass());
        double span = floor.onBearers() ? floor.bearers().spacingMm() : widestGap(carrier, outline);
        double support =
                floor.onBearers()
                        ? floor.bearers().section().thicknessMm()
                        : carrier.vehicle().steel().crossMember().flangeMm();
        span(
                "floor",
                span,
                floor.onBearers() ? "spacing of the bearers" : "widest gap between cross-members");
        double person = plan.loads().floorPersonKg() * GRAVITY;
        List<PanelLoad> loads =
                List.of(
                        PanelLoad.heel(person, span),
                        PanelLoad.ladder(person, span),
                        edge(panel, person, span),
                        PanelLoad.spread(
                                "people",
                                "people and stores all over",
                                plan.loads().floorLoad() / 1e6,
                                span,
                                Duration.MEDIUM));
        for (PanelLoad load : loads) {
            checks.addAll(new PanelCheck(panel, load, span, support).checks());
        }
    }

    /** The bottom plate or edge bar of the wall lies flat along the edge and carries with the strip. */
    private PanelLoad edge(SandwichPanel panel, double person, double span) {
        PanelLoad bare = PanelLoad.edge(person, span);
        Material timber = library.get(plan.makeUp().walls().members().timber());
        Section section = plan.makeUp().walls().members().section();
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

    private void framed(String part, Framed framed, Inside inside) {
        screws(part, framed);
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
        SandwichPanel sandwich =
                SandwichPanel.of(
                                part,
                                framed.outerSkin(),
                                framed.insulation(),
                                framed.innerSkin(),
                                library)
                        .in(plan.loads().serviceClass());
        double support = framed.members().section().thicknessMm();
        double span =
                part.equals("roof") ? inside.widthMm() : inside.room().get().bounds().height();
        span(part, span, part.equals("roof") ? "width inside" : "height inside");
        List<PanelLoad> loads = new ArrayList<>();
        loads.add(wind(part.equals("roof"), span));
        if (part.equals("roof")) {
            loads.add(PanelLoad.heel(ON_ROOF_NEWTON, span));
        }
        for (PanelLoad load : loads) {
            checks.addAll(new PanelCheck(sandwich, load, span, support).checks());
        }
    }

    /** Wind on the strip a metre wide that it tears at hardest: at an edge of a wall, at an end of the roof. */
    private PanelLoad wind(boolean roof, double span) {
        WindZones zones = StrengthStage.zones(plan.box(), carrier);
        double area = span * STRIP_MM / 1e6;
        WindZones.Zone end = zones.wall(false, 0, area);
        WindZones.Zone side = zones.wall(true, 0, area);
        WindZones.Zone wall = side.net() > end.net() ? side : end;
        WindZones.Zone zone = roof ? zones.roof(STRIP_MM / 2, area) : wall;
        double pressure = Wind.pressure(plan.loads().windSpeed()) * zone.net() / 1e6;
        String words =
                "wind in zone %s, %s times its pressure"
                        .formatted(zone.name(), NumberText.format(zone.net(), 2));
        return PanelLoad.spread("wind", words, pressure, span, Duration.SHORT);
    }

    private void span(String part, double mm, String words) {
        figures.add(
                Figure.of(
                        MakeUpStation.MAKE_UP.figure("panel." + part + "-span"),
                        "Span of the " + part,
                        Quantity.mm(mm),
                        () ->
                                Working.of("L = " + words)
                                        .worked("L", words, Quantity.mm(mm))
                                        .source("the plan; two-way panels are taken as strips")));
    }

    /** A screw into an edge bar against one into the bare face. */
    private void screws(String part, Framed framed) {
        Material bar = library.get(framed.members().timber());
        if (bar.kind() == Material.Kind.TIMBER) {
            double pull =
                    ScrewPull.fromWood(
                            ScrewPull.gravity(bar.density()), ScrewPull.NUMBER_8_MM, THREAD_MM);
            pull(part, "bar", "a No. 8 screw in a bar", pull, "NDS 12.2.2, from memory");
        } else if (framed.members().section().isTube() && bar.has(Property.TENSION)) {
            double pull =
                    ScrewPull.fromSheet(
                            framed.members().section().wallMm(),
                            ScrewPull.NUMBER_8_MM,
                            bar.value(Property.TENSION));
            pull(part, "bar", "a No. 8 screw in a tube", pull, "AISI S100, from memory");
        }
        pull(
                part,
                "face",
                "a No. 8 screw in the bare lining",
                inFace(
                        library.get(framed.innerSkin().material()),
                        framed.innerSkin().thicknessMm()),
                "NDS 12.2.2 over the thickness of boards, AISI S100 for metal, nothing in glass fibre: a pull peels its face off, common practice");
    }

    private static double inFace(Material face, double thicknessMm) {
        if (face.kind() == Material.Kind.BOARD) {
            return ScrewPull.fromWood(
                    ScrewPull.gravity(face.density()), ScrewPull.NUMBER_8_MM, thicknessMm);
        }
        boolean metal =
                face.has(Property.TENSION)
                        && face.has(Property.MODULUS)
                        && face.value(Property.MODULUS) >= 60000;
        return metal
                ? ScrewPull.fromSheet(
                        thicknessMm, ScrewPull.NUMBER_8_MM, face.value(Property.TENSION))
                : 0;
    }

    private void pull(String part, String where, String words, double newton, String source) {
        figures.add(
                Figure.of(
                        MakeUpStation.MAKE_UP.figure("pull-" + where + "." + part),
                        part.substring(0, 1).toUpperCase(Locale.ROOT)
                                + part.substring(1)
                                + ": pull of "
                                + words,
                        Quantity.newton(newton),
                        () ->
                                Working.of("pull straight out, safety taken off")
                                        .standard(
                                                "D",
                                                "No. 8 screw",
                                                Quantity.mm(ScrewPull.NUMBER_8_MM))
                                        .source(source)));
    }

    /** A panel that sags is soft, a roof need not be walked on: neither stops the job. */
    private static boolean isGrave(Check check) {
        boolean soft = check.key().endsWith("-sag");
        return !soft && !check.key().startsWith("roof-heel");
    }

    private static List<Finding> findings(List<Check> checks) {
        List<Finding> findings = new ArrayList<>();
        for (Check check : checks) {
            double use = check.utilisation();
            if (use > Verdict.CLOSE_FROM) {
                boolean fails = use > 1;
                String mode = check.key().substring(check.key().indexOf('-') + 1);
                String code = mode.substring(mode.indexOf('-') + 1).toUpperCase(Locale.ROOT);
                findings.add(
                        new Finding(
                                (fails ? "PANEL_FAILS_" : "PANEL_CLOSE_") + code.replace('-', '_'),
                                fails && isGrave(check) ? Severity.STOPS : Severity.WATCH,
                                Place.of(
                                        MakeUpStation.MAKE_UP,
                                        check.name().substring(0, check.name().indexOf(':'))),
                                check.demand(),
                                Limit.atMost(check.capacity()),
                                PanelCure.of(check, mode, fails)));
            }
        }
        return findings;
    }
}
