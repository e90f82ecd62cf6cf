package pteron.core.balance;

import java.util.ArrayList;
import java.util.List;
import pteron.core.balance.Part.Group;
import pteron.core.carrier.Carrier;
import pteron.core.frame.Frame;
import pteron.core.frame.PanelFrame;
import pteron.core.frame.PanelFrame.Bays;
import pteron.core.geometry.Point3;
import pteron.core.geometry.Polygon2;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.opening.Openings;
import pteron.core.plan.MakeUp.Layer;
import pteron.core.sealing.SealedJoint;
import pteron.core.sealing.Sealing;
import pteron.core.shell.Panel;
import pteron.core.shell.PanelKind;
import pteron.core.skin.Skins;

/** Lists everything that weighs. */
public final class PartList {

    private static final String SEALANT = "pu-sealant";
    private static final String TAPE = "butyl-tape";

    private final MaterialLibrary library;
    private final List<Part> parts = new ArrayList<>();

    private PartList(MaterialLibrary library) {
        this.library = library;
    }

    /** {@return the carrier alone: as long as its scales say, half its height below the deck} */
    public static Part carrier(Carrier carrier) {
        // nobody weighs a trailer's height; half way to the ground is taken and nothing depends on
        // it
        double z = -carrier.trailer().deck().heightMm() / 2;
        return new Part(
                "carrier, empty",
                Group.CARRIER,
                carrier.trailer().empty().massKg(),
                new Point3(carrier.emptyCentreMm(), 0, z));
    }

    /** {@return all parts of the box: frame, sheets, foam, openings, sealing} */
    public static List<Part> box(
            MaterialLibrary library, Frame frame, Openings openings, Skins skins, Sealing sealing) {
        PartList list = new PartList(library);
        frame.members().forEach(m -> list.add(m.name(), Group.FRAME, m.massKg(), m.centre()));
        skins.pieces().forEach(p -> list.add(p.name(), Group.SHEETS, p.massKg(), p.centre()));
        frame.panels().forEach(panel -> list.foam(panel, openings));
        openings.placed()
                .forEach(
                        one ->
                                list.add(
                                        one.opening().name(),
                                        Group.OPENINGS,
                                        one.opening().massKg(),
                                        one.middle()));
        list.sealing(sealing);
        return List.copyOf(list.parts);
    }

    private void add(String name, Group group, double massKg, Point3 place) {
        parts.add(new Part(name, group, massKg, place));
    }

    private void foam(PanelFrame frame, Openings openings) {
        Panel panel = frame.panel();
        boolean floor = panel.kind() == PanelKind.FLOOR;
        List<Polygon2> holes =
                openings.in(panel).stream().map(one -> one.clear().polygon()).toList();
        Layer layer = panel.filling();
        Polygon2 whole = panel.frame();
        Bays bays = floor ? new Bays(whole.area(), whole.centroid()) : frame.bays(holes);
        double thickness =
                floor ? layer.thicknessMm() : Math.min(layer.thicknessMm(), panel.depthMm());
        double volume = bays.areaMm2() * thickness;
        double mass = volume * library.get(layer.material()).density() / 1e9;
        String name = panel.id() + (floor ? " core" : " insulation");
        double middle = panel.fillingFromMm() + thickness / 2;
        add(name, Group.FOAM, mass, panel.placement().at(bays.middle(), middle));
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
            add(name, Group.SEALING, section * joint.lengthMm() * density / 1e9, joint.middle());
        }
    }
}
