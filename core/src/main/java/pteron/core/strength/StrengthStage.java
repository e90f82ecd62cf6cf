package pteron.core.strength;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import pteron.core.carrier.Carrier;
import pteron.core.figure.Cure;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.figure.Verdict;
import pteron.core.figure.Working;
import pteron.core.frame.Frame;
import pteron.core.frame.FrameStation;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.geometry.Bounds2;
import pteron.core.material.MaterialLibrary;
import pteron.core.mechanics.Check;
import pteron.core.outline.Outline;
import pteron.core.panel.PanelMode;
import pteron.core.panel.Panels;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.shell.PanelKind;
import pteron.core.stage.Stage;
import pteron.core.tube.Tubes;
import pteron.core.wind.BoxInWind;
import pteron.core.wind.WallWind;
import pteron.core.wind.Wind;

/** Checks members and floor. */
public final class StrengthStage {

    /** Ways of the floor under a heel that stand among the checks, by their names there. */
    private static final Map<PanelMode, String> FLOOR_MODES =
            new EnumMap<>(
                    Map.of(
                            PanelMode.SAG, "deflection",
                            PanelMode.FACE, "face-stress",
                            PanelMode.WRINKLING, "wrinkling",
                            PanelMode.CORE_SHEAR, "core-shear"));

    private StrengthStage() {}

    /** The stage. */
    public static final Stage<StrengthInput, Strength> STAGE =
            new Stage<>(
                    Strength.class,
                    given ->
                            given.find(Frame.class)
                                    .map(
                                            frame ->
                                                    StrengthInput.of(
                                                            given.plan(),
                                                            given.library(),
                                                            given.get(Carrier.class),
                                                            given.get(Outline.class),
                                                            frame,
                                                            given.get(Tubes.class),
                                                            given.get(Panels.class))),
                    StrengthStage::of);

    /** {@return how hard members and floor work} */
    public static Strength of(StrengthInput plan) {
        Carrier carrier = plan.carrier();
        Frame frame = plan.frame();
        double wind = Wind.pressure(plan.loads().windSpeed());
        Map<String, Check> hardest = new LinkedHashMap<>();
        Map<String, Governing> governing = new HashMap<>();
        for (MemberCheck member : members(plan)) {
            Governing one = governing(member);
            governing.merge(one.part(), one, Governing::harder);
            one.checks().forEach(each -> hardest.merge(each.key(), each, StrengthStage::harder));
        }
        List<Check> checks = new ArrayList<>(hardest.values());
        List<Finding> findings = new ArrayList<>(findings(checks, frame));
        findings.addAll(uncheckedWelds(plan));
        findings.addAll(FreeEnd.findings(carrier, floorFromEndToEnd(frame)));
        checks.addAll(floorUnderHeel(plan.floorUnderHeel()));
        List<Figure> figures = new ArrayList<>();
        figures.add(windPressure(plan, wind));
        checks.forEach(check -> figures.add(figure(check)));
        return new Strength(checks, governing, figures, findings);
    }

    private static List<MemberCheck> members(StrengthInput plan) {
        MaterialLibrary library = plan.library();
        Carrier carrier = plan.carrier();
        Frame frame = plan.frame();
        List<MemberCheck> members = new ArrayList<>();
        if (!plan.bought()) {
            WallWind wind = BoxInWind.walls(plan.box(), carrier);
            members.addAll(WallCheck.of(plan, wind));
            members.addAll(RoofCheck.of(plan, wind));
        }
        frame.panels().stream()
                .filter(one -> one.panel().kind() == PanelKind.FLOOR)
                .forEach(one -> members.addAll(FloorCheck.of(plan, carrier, one, library)));
        members.addAll(BedCheck.of(plan, frame.panels(), library));
        return members;
    }

    private static Governing governing(MemberCheck member) {
        Optional<MetalChecks> metal =
                member.isMetal() ? Optional.of(new MetalChecks(member)) : Optional.empty();
        return new Governing(
                member.part(),
                metal.map(MetalChecks::beam).orElseGet(member::beam),
                member.loads(),
                metal.isPresent() ? 0 : member.creep(),
                Optional.ofNullable(member.setting().wind()),
                member.setting().carried().span(),
                metal.map(MetalChecks::checks).orElseGet(member::checks));
    }

    private static Bounds2 floorFromEndToEnd(Frame frame) {
        return frame.panels().stream()
                .map(PanelFrame::panel)
                .filter(panel -> panel.kind() == PanelKind.FLOOR)
                .map(panel -> panel.frame().bounds())
                .reduce(
                        (one, other) ->
                                new Bounds2(
                                        one.fromU(),
                                        one.toU(),
                                        Math.min(one.fromV(), other.fromV()),
                                        Math.max(one.toV(), other.toV())))
                .orElseThrow();
    }

    /** {@return the checks of the sandwich, worked out and judged with the make-up, under their names here} */
    private static List<Check> floorUnderHeel(Map<PanelMode, Check> worked) {
        List<Check> checks = new ArrayList<>();
        FLOOR_MODES.forEach(
                (mode, name) -> {
                    Check check = worked.get(mode);
                    if (check != null) {
                        checks.add(
                                new Check(
                                        "floor." + name,
                                        "Floor, " + name.replace('-', ' '),
                                        check.part(),
                                        check.demand(),
                                        check.capacity(),
                                        check.working()));
                    }
                });
        return checks;
    }

    private static Figure figure(Check check) {
        return Figure.of(
                "strength." + check.key(),
                check.name(),
                Quantity.ratio(check.utilisation()),
                check.working());
    }

    private static Check harder(Check one, Check other) {
        return other.utilisation() > one.utilisation() ? other : one;
    }

    private static Figure windPressure(StrengthInput plan, double wind) {
        return Figure.of(
                "strength.wind-pressure",
                "Wind pressure",
                new Quantity(wind, Unit.NEWTON_PER_SQUARE_METRE),
                () ->
                        Working.of("q = 0.613 · V²")
                                .plan(
                                        "V",
                                        "wind gust",
                                        new Quantity(
                                                plan.loads().windSpeed(), Unit.METRE_PER_SECOND))
                                .source(
                                        "ASCE 7; walls and roof feel 0.7 to 2.7 times that, by zones of EN 1991-1-4; value not yet checked"));
    }

    private static List<Finding> findings(List<Check> checks, Frame frame) {
        List<Finding> findings = new ArrayList<>();
        for (Check check : checks) {
            double use = check.utilisation();
            if (use > Verdict.CLOSE_FROM) {
                boolean fails = use > 1;
                findings.add(
                        new Finding(
                                (fails ? "OVERLOADED_" : "WORKS_HARD_") + code(check),
                                fails ? Severity.STOPS : Severity.WATCH,
                                place(check.part(), frame),
                                check.demand(),
                                Limit.atMost(check.capacity()),
                                fails
                                        ? StrengthCure.of(check)
                                        : Cure.advice("LEAVE_OR_STRENGTHEN", Quantity.ratio(use))));
            }
        }
        return findings;
    }

    /** {@return the middle of a member, or what is no member by its name alone} */
    private static Place place(String part, Frame frame) {
        return frame.members().stream()
                .filter(member -> member.name().equals(part))
                .findFirst()
                .map(Member::centre)
                .map(at -> new Place(FrameStation.FRAME, part, at.x(), at.y(), at.z()))
                .orElseGet(() -> Place.of(FrameStation.FRAME, part));
    }

    /** {@return a finding for each metal that is welded and whose strength beside a weld is not known} */
    private static List<Finding> uncheckedWelds(StrengthInput plan) {
        Map<String, List<Member>> unchecked =
                plan.frame().members().stream()
                        .filter(member -> Welded.isUnchecked(plan, member))
                        .collect(
                                Collectors.groupingBy(
                                        Member::timber, TreeMap::new, Collectors.toList()));
        return unchecked.values().stream()
                .map(
                        members ->
                                new Finding(
                                        "WELD_NOT_CHECKED",
                                        Severity.WATCH,
                                        Place.of(FrameStation.FRAME, members.getFirst().name()),
                                        Quantity.count(members.size()),
                                        Limit.atMost(Quantity.count(0)),
                                        Cure.advice(
                                                "NAME_STRENGTH_BY_WELD",
                                                Quantity.count(members.size()))))
                .toList();
    }

    private static String code(Check check) {
        return check.key().toUpperCase(Locale.ROOT).replaceAll("[.-]", "_");
    }
}
