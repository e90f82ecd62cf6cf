package pteron.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import pteron.core.buildup.Section;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Polygon2;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.mechanics.MetalStrength;
import pteron.core.opening.Openings;
import pteron.core.opening.PlacedOpening;
import pteron.core.plan.BoxPlan;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
import pteron.core.shell.Shell;
import pteron.core.shell.Skin;
import pteron.core.stage.Stage;

/** Frames the panels. */
public final class FrameStage {

    private FrameStage() {}

    /**
     * What the frame reads.
     *
     * @param blocking section of the blocks
     * @param making how plates are made that follow a curve
     * @param longest longest parts that can be cut
     * @param library the materials
     * @param shell the panels, usable
     * @param openings doors and windows in them
     */
    public record Input(
            Section blocking,
            Bend.Making making,
            LongestParts longest,
            MaterialLibrary library,
            Shell shell,
            Openings openings) {

        /** {@return what it reads of a plan} */
        public static Input of(
                BoxPlan plan, MaterialLibrary library, Shell shell, Openings openings) {
            return new Input(
                    plan.makeUp().blocking(),
                    new Bend.Making(
                            plan.makeUp().bends(),
                            plan.makeUp().joining().curves(),
                            plan.supplies().kerfMm()),
                    new LongestParts(
                            plan.supplies().longestPartMm(false),
                            plan.supplies().longestPartMm(true)),
                    library,
                    shell,
                    openings);
        }
    }

    /** The stage. */
    public static final Stage<Input, Frame> STAGE =
            new Stage<>(
                    Frame.class,
                    given ->
                            given.find(Openings.class)
                                    .map(
                                            openings ->
                                                    Input.of(
                                                            given.plan(),
                                                            given.library(),
                                                            given.get(Shell.class),
                                                            openings)),
                    (Stage.Work<Input, Frame>) FrameStage::of);

    /** {@return the frame of the box} */
    public static Frame of(Input input) {
        return of(input, Optional.empty());
    }

    /** Panels whose shape and openings have not changed keep their frame. */
    private static Frame of(Input input, Optional<Stage.Before<Input, Frame>> before) {
        List<PanelFrame> panels =
                input.shell.panels().parallelStream()
                        .map(
                                panel ->
                                        kept(panel, input, before)
                                                .orElseGet(() -> frame(input, panel)))
                        .toList();
        return new Frame(
                panels, figures(panels, input.library), FrameCheck.findings(input.longest, panels));
    }

    /** {@return the openings that can be framed: those that lie in the wall and clear of each other} */
    private static List<PlacedOpening> framed(Openings openings, Panel panel) {
        List<PlacedOpening> good = new ArrayList<>();
        for (PlacedOpening one : openings.in(panel)) {
            boolean clash = good.stream().anyMatch(other -> other.clear().overlaps(one.clear()));
            if (one.isClearOfEdges() && !clash) {
                good.add(one);
            }
        }
        return good;
    }

    private static Optional<PanelFrame> kept(
            Panel panel, Input input, Optional<Stage.Before<Input, Frame>> before) {
        return before.filter(old -> old.input().library.equals(input.library))
                .filter(old -> old.input().blocking.equals(input.blocking))
                .filter(old -> old.input().making.equals(input.making))
                .filter(old -> old.input().openings.in(panel).equals(input.openings.in(panel)))
                .flatMap(old -> old.result().of(panel));
    }

    private static PanelFrame frame(Input input, Panel panel) {
        List<PlacedOpening> openings = framed(input.openings, panel);
        MaterialLibrary library = input.library;
        SettingOut settingOut = SettingOut.of(panel, library);
        MemberMaker maker = new MemberMaker(panel, library);
        Taken taken = new Taken();
        List<Polygon2> inside = new EdgeFramer(panel, maker, taken, input.making).frame(openings);
        UprightFramer uprights = new UprightFramer(panel, maker, taken);
        liningEdges(panel).forEach(from -> uprights.backing(from, inside));
        List<Polygon2> blocked =
                new OpeningFramer(
                                panel, OpeningFramer.Gap.of(panel, openings), maker, taken, inside)
                        .frame();
        uprights.frame(panel.backings(), inside, blocked);
        uprights.frame(settingOut.middles(), inside, blocked);
        BlockFramer blocks = new BlockFramer(panel, maker, input.blocking, inside, blocked);
        blocks.frame(settingOut);
        if (panel.kind() != PanelKind.FLOOR && !panel.surface().isBent()) {
            blocks.backEdges();
        }
        return new PanelFrame(
                panel,
                settingOut,
                maker.members(),
                FirringMaker.of(panel, maker.members(), library));
    }

    /** {@return where members begin that back the edges of a lining which the corner posts miss} */
    private static List<Double> liningEdges(Panel panel) {
        List<Double> from = new ArrayList<>();
        if (panel.kind() == PanelKind.FLOOR) {
            return from;
        }
        double thickness = panel.memberRoomMm();
        Bounds2 frame = panel.frame().bounds();
        Bounds2 lining = panel.skin(Skin.Face.INNER).area().bounds();
        double first = frame.fromU() + thickness;
        if (lining.fromU() > first - Panel.CORNER_BACKING_MM) {
            from.add(Math.max(first, lining.fromU() - thickness / 2));
        }
        double last = frame.toU() - thickness;
        if (lining.toU() < last + Panel.CORNER_BACKING_MM) {
            from.add(Math.min(last, lining.toU() + thickness / 2) - thickness);
        }
        return from;
    }

    private static List<Figure> figures(List<PanelFrame> panels, MaterialLibrary library) {
        List<Member> members = panels.stream().flatMap(p -> p.all().stream()).toList();
        double mass = members.stream().mapToDouble(Member::massKg).sum();
        double metres = members.stream().mapToDouble(Member::lengthMm).sum();
        return List.of(
                Figure.of(
                        FrameStation.FRAME.figure("members"),
                        "Members",
                        Quantity.count(members.size()),
                        () -> counted(panels)),
                Figure.of(
                        FrameStation.FRAME.figure("length"),
                        "Length of all members",
                        new Quantity(metres / 1000, Unit.METRE),
                        () -> lengths(panels)),
                Figure.of(
                        FrameStation.FRAME.figure("mass"),
                        "Mass of the frame",
                        Quantity.kg(mass),
                        () -> massWorking(members, library)));
    }

    private static Working massWorking(List<Member> members, MaterialLibrary library) {
        Map<String, Double> byPanel = new TreeMap<>();
        members.forEach(m -> byPanel.merge(m.panel().id(), m.massKg(), Double::sum));
        Working.Builder working = Working.of("m = sum of volume × density of each member");
        byPanel.forEach(
                (panel, kg) ->
                        working.worked(
                                "m",
                                panel,
                                Quantity.kg(kg),
                                () ->
                                        panelMass(
                                                members.stream()
                                                        .filter(m -> m.panel().id().equals(panel))
                                                        .toList(),
                                                library)));
        return working.source("densities from the material library");
    }

    private static Working panelMass(List<Member> members, MaterialLibrary library) {
        Working.Builder working = Working.of("m = sum of the members");
        for (Member member : members) {
            working.worked(
                    "m",
                    member.name(),
                    Quantity.kg(member.massKg()),
                    () -> memberMass(member, library));
        }
        return working.source("added up");
    }

    /** A tube weighs by its wall, not by what it would be if it were solid. */
    private static Working memberMass(Member member, MaterialLibrary library) {
        Material stuff = library.get(member.timber());
        boolean metal = stuff.kind() == Material.Kind.METAL;
        double area =
                metal
                        ? MetalStrength.profile(member.section(), stuff).areaMm2()
                        : member.section().areaMm2();
        double volume = area * member.lengthMm() / 1e9;
        Working.Builder working =
                Working.of(
                                metal
                                        ? "m = A · l · density, cuts taken off"
                                        : "m = b · h · l · density, bevels taken off")
                        .plan("b", "thickness", Quantity.mm(member.section().thicknessMm()))
                        .plan("h", "depth", Quantity.mm(member.section().depthMm()));
        if (metal) {
            working.plan("t", "wall, 0 where it is solid", Quantity.mm(member.section().wallMm()))
                    .plan(
                            "A",
                            "area of the metal, corners as its kind has them",
                            new Quantity(area, Unit.SQUARE_MILLIMETRE));
        }
        return working.plan("l", "length as planned", Quantity.mm(member.lengthMm()))
                .material(
                        "density",
                        member.timber() + ", less what the cuts take",
                        new Quantity(member.massKg() / volume, Unit.KILOGRAM_PER_CUBIC_METRE))
                .source("the material library");
    }

    private static Working counted(List<PanelFrame> panels) {
        Working.Builder working = Working.of("n = members of all panels");
        for (PanelFrame panel : panels) {
            working.worked(
                    "n",
                    panel.panel().id(),
                    Quantity.count(panel.all().size()),
                    () -> listed(panel));
        }
        return working.source("counted");
    }

    private static Working lengths(List<PanelFrame> panels) {
        Working.Builder working = Working.of("sum of the long sides");
        for (PanelFrame panel : panels) {
            double all = panel.all().stream().mapToDouble(Member::lengthMm).sum();
            working.worked(
                    "l",
                    panel.panel().id(),
                    new Quantity(all / 1000, Unit.METRE),
                    () -> listed(panel));
        }
        return working.source("added up");
    }

    private static Working listed(PanelFrame panel) {
        Working.Builder working = Working.of("members of the " + panel.panel().id());
        panel.all()
                .forEach(
                        member ->
                                working.plan(
                                        "l",
                                        member.name() + ", as planned",
                                        Quantity.mm(member.lengthMm())));
        return working.source("geometry");
    }
}
