package pteron.core.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.carrier.Carrier;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.frame.PanelFrame.Bays;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.opening.Openings;
import pteron.core.plan.MakeUp;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.sealing.SealedJoint;
import pteron.core.sealing.Sealing;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
import pteron.core.shell.PanelTitle;
import pteron.core.skin.SheetPiece;
import pteron.core.skin.Skins;
import pteron.core.stage.Part;
import pteron.core.stage.Part.Group;

/** Lists everything that weighs. */
public final class PartList {

    private static final String SEALANT = "pu-sealant";
    private static final String EXPANDING_FOAM = "expanding-foam";
    private static final String TAPE = "butyl-tape";

    private final MaterialLibrary library;
    private final List<Part> parts = new ArrayList<>();

    private PartList(MaterialLibrary library) {
        this.library = library;
    }

    /** {@return the carrier alone: as long as its scales say, half its height below the deck} */
    public static Part carrier(Carrier carrier) {
        // nobody weighs a vehicle's height; half way to the ground is taken and nothing depends on
        // it
        double z = carrier.groundMm() / 2;
        return new Part(
                "Carrier, unladen",
                Group.CARRIER,
                carrier.vehicle().emptyKg(),
                new Point3(carrier.emptyCentreMm(), 0, z));
    }

    /** {@return all parts of the box: frame, sheets, foam, openings, sealing} */
    public static List<Part> box(MakeUp makeUp, MaterialLibrary library, SetOut built) {
        Frame frame = built.frame();
        Openings openings = built.openings();
        PartList list = new PartList(library);
        list.members(frame);
        list.sheets(built.skins());
        frame.panels().forEach(panel -> list.foam(makeUp, panel, openings));
        frame.panels().forEach(panel -> list.layers(makeUp, panel, built));
        built.found().ifPresent(found -> list.parts.addAll(found.parts()));
        openings.placed().stream()
                .filter(one -> !one.opening().isThere())
                .forEach(
                        one ->
                                list.parts.add(
                                        new Part(
                                                one.opening().name(),
                                                Group.OPENINGS,
                                                one.opening().massKg(),
                                                one.middle())));
        list.sealing(built.sealing());
        return List.copyOf(list.parts);
    }

    private void members(Frame frame) {
        for (Member m : frame.members()) {
            add(
                    m.name(),
                    PanelTitle.of(m.panel()),
                    Group.FRAME,
                    m.massKg(),
                    m.centre(),
                    density(m.timber()));
        }
    }

    private void sheets(Skins skins) {
        for (SheetPiece p : skins.pieces()) {
            String material = p.skin().layer().material();
            add(
                    p.name(),
                    PanelTitle.of(p.panel()),
                    Group.SHEETS,
                    p.massKg(),
                    p.centre(),
                    density(material));
        }
    }

    private void add(
            String name, String of, Group group, double massKg, Point3 place, double density) {
        Quantity each = new Quantity(density, Unit.KILOGRAM_PER_CUBIC_METRE);
        parts.add(new Part(name, of, group, massKg, place, Optional.of(each)));
    }

    private static Framed framed(MakeUp makeUp, Panel panel) {
        return panel.kind().isRoof() ? makeUp.roof() : makeUp.walls();
    }

    private void foam(MakeUp makeUp, PanelFrame frame, Openings openings) {
        Panel panel = frame.panel();
        Layer layer = panel.filling();
        if (!panel.isFilledBetweenMembers()) {
            core(panel);
            return;
        }
        Framed framed = framed(makeUp, panel);
        Bays bays = frame.bays(holes(panel, openings));
        boolean inside = panel.kind() == PanelKind.FLOOR || panel.kind() == PanelKind.PARTITION;
        double over = inside ? 0 : framed.overFrameMm();
        double thickness = Math.min(layer.thicknessMm(), panel.depthMm() + over);
        double gap = panel.isBonded() ? 0 : gapInBay(framed);
        double filled = density(layer.material()) * (1 - gap) + density(EXPANDING_FOAM) * gap;
        double deep = panel.fillingFromMm() + thickness / 2;
        double stretch = panel.surface().stretch(panel.frame(), deep);
        double room = stretch * (bays.areaMm2() * thickness - inTheFoamMm3(frame, thickness));
        double mass = Math.max(0, room) * filled / 1e9;
        String name = panel.words() + " insulation";
        Point3 at =
                panel.surface().isBent()
                        ? panel.surface().centre(panel.frame(), deep)
                        : panel.surface().at(bays.middle(), deep);
        add(name, PanelTitle.of(panel), Group.FOAM, mass, at, filled);
    }

    /** A core over bearers, in whole boards. */
    private void core(Panel panel) {
        Layer layer = panel.filling();
        double density = density(layer.material());
        double middle = panel.fillingFromMm() + layer.thicknessMm() / 2;
        for (Polygon2 room : panel.rooms()) {
            double mass = room.area() * layer.thicknessMm() * density / 1e9;
            Point3 at = panel.surface().at(room.centroid(), middle);
            add(panel.words() + " core", PanelTitle.of(panel), Group.FOAM, mass, at, density);
        }
    }

    /** {@return volume of members shallower than the panel, blocks above all, that stands in its foam (mm³)} */
    private static double inTheFoamMm3(PanelFrame frame, double thickness) {
        double from = frame.panel().fillingFromMm();
        double volume = 0;
        for (Member member : frame.members()) {
            if (!frame.isFullDepth(member)) {
                double first = Math.max(from, member.fromInwardMm());
                double last = Math.min(from + thickness, member.toInwardMm());
                volume += member.profile().area() * Math.max(0, last - first);
            }
        }
        return volume;
    }

    /** {@return share of a bay that the gaps at both sides of its foam take} */
    private static double gapInBay(Framed framed) {
        double bay = framed.members().spacingMm() - framed.members().section().thicknessMm();
        return bay <= 0 ? 0 : Math.min(1, 2 * framed.fit().gapMm() / bay);
    }

    private static List<Polygon2> holes(Panel panel, Openings openings) {
        return openings.in(panel).stream().map(one -> Polygon2.rectangle(one.clear())).toList();
    }

    private double density(String material) {
        return library.get(material).density();
    }

    /** Layers that no sheet stands for: further ones of walls and roof, the finish of the floor. */
    private void layers(MakeUp makeUp, PanelFrame frame, SetOut built) {
        Panel panel = frame.panel();
        double area = panel.rooms().stream().mapToDouble(Polygon2::area).sum();
        double cut =
                holes(panel, built.openings()).stream()
                        .mapToDouble(hole -> hole.sharedArea(panel.frame()))
                        .sum();
        Point3 inner = panel.surface().centre(panel.frame(), panel.depthMm());
        if (panel.kind() == PanelKind.FLOOR) {
            double top = makeUp.floor().structureMm() - makeUp.floor().frameFromMm();
            Point3 onTop = panel.surface().at(panel.frame().centroid(), top);
            makeUp.floor().finish().forEach(layer -> layer(panel, layer, area, onTop));
            return;
        }
        if (panel.kind() == PanelKind.WHEEL_BOX || panel.kind() == PanelKind.PARTITION) {
            return;
        }
        Framed framed = framed(makeUp, panel);
        Point3 outer = panel.surface().centre(panel.frame(), 0);
        double out = panel.surface().stretch(panel.frame(), 0) * (area - cut);
        double in = panel.surface().stretch(panel.frame(), panel.depthMm()) * (area - cut);
        // between ribs that are there foam is weighed piece by piece
        long ribs = built.found().isPresent() && isRibbed(panel) ? 1 : 0;
        framed.outside().stream().skip(ribs).forEach(layer -> layer(panel, layer, out, outer));
        framed.inside().forEach(layer -> layer(panel, layer, in, inner));
    }

    private static boolean isRibbed(Panel panel) {
        return panel.kind() == PanelKind.LEFT
                || panel.kind() == PanelKind.RIGHT
                || panel.kind() == PanelKind.ROOF;
    }

    private void layer(Panel panel, Layer layer, double areaMm2, Point3 at) {
        double mass = areaMm2 * layer.thicknessMm() * density(layer.material()) / 1e9;
        String name = panel.words() + ", " + library.get(layer.material()).name();
        add(name, PanelTitle.of(panel), Group.LAYERS, mass, at, density(layer.material()));
    }

    private void sealing(Sealing sealing) {
        Material tape = library.get(TAPE);
        double tapeSection = tape.value(Property.TAPE_WIDTH) * tape.value(Property.TAPE_THICKNESS);
        double beadSection = sealing.bead().volumeMm3(1);
        for (SealedJoint joint : sealing.joints()) {
            boolean taped = joint.kind().taped();
            double section = taped ? tapeSection : beadSection;
            double density = library.get(taped ? TAPE : SEALANT).density();
            String name = (taped ? "tape, " : "sealant, ") + joint.where();
            double mass = section * joint.lengthMm() * density / 1e9;
            add(name, "Sealant and tape", Group.SEALING, mass, joint.middle(), density);
        }
    }
}
