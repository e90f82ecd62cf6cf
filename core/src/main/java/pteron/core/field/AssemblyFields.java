package pteron.core.field;

import java.util.List;
import java.util.stream.IntStream;
import pteron.core.frame.FrameStation;
import pteron.core.plan.Assembly;
import pteron.core.plan.Joining;
import pteron.core.plan.MakeUp;
import pteron.core.skin.SkinStation;

/** Fields of the schools in which a box is put together. */
final class AssemblyFields {

    private AssemblyFields() {}

    static void add(Fields<MakeUp> makeUp) {
        frame(makeUp.shownAt(FrameStation.FRAME).part(MakeUp::assembly, MakeUp::withAssembly));
        joining(makeUp.shownAt(FrameStation.FRAME).part(MakeUp::joining, MakeUp::withJoining));
        skins(makeUp.shownAt(SkinStation.SKINS).part(MakeUp::assembly, MakeUp::withAssembly));
    }

    private static void frame(Fields<Assembly> frame) {
        frame.choice(
                "assembly.corners",
                "Corners of the walls",
                Assembly.Corners.values(),
                Assembly::corners,
                Assembly::withCorners);
        frame.choice(
                "assembly.feet",
                "Wall base",
                Assembly.Feet.values(),
                Assembly::feet,
                Assembly::withFeet);
        frame.choice(
                "assembly.ceiling",
                "Roof build",
                Assembly.Ceiling.values(),
                Assembly::ceiling,
                Assembly::withCeiling);
    }

    private static void joining(Fields<Joining> joining) {
        joining.choice(
                "joining.tubes",
                "Tube joints",
                Joining.Tubes.values(),
                Joining::tubes,
                Joining::withTubes);
        joining.choice(
                "joining.weld",
                "Weld process",
                Joining.Weld.values(),
                Joining::weld,
                Joining::withWeld);
        joining.choice(
                "joining.curves",
                "Tubes on a curve",
                Joining.Curves.values(),
                Joining::curves,
                Joining::withCurves);
        joining.choice(
                "joining.panels",
                "Bonded panel corners",
                Joining.Panels.values(),
                Joining::panels,
                Joining::withPanels);
        joining.mm(
                "joining.conduit",
                "Conduit height above floor (0 = none)",
                Joining::conduitMm,
                Joining::withConduit);
    }

    private static void skins(Fields<Assembly> skins) {
        skins.choice(
                "assembly.lining",
                "Lining of the walls",
                Assembly.Lining.values(),
                Assembly::lining,
                Assembly::withLining);
        skins.choice(
                "assembly.strip",
                "Skin of nose, roof and tail",
                Assembly.Strip.values(),
                Assembly::strip,
                Assembly::withStrip);
        skins.choice(
                "assembly.floor-along",
                "Floor pieces along the box",
                counts(),
                now -> Integer.toString(now.floorAlong()),
                (now, id) -> now.withFloor(Integer.parseInt(id), now.floorAcross()));
        skins.choice(
                "assembly.floor-across",
                "Floor pieces across the box",
                counts(),
                now -> Integer.toString(now.floorAcross()),
                (now, id) -> now.withFloor(now.floorAlong(), Integer.parseInt(id)));
    }

    private static List<String> counts() {
        return IntStream.rangeClosed(1, (int) Assembly.FLOOR_PIECES.most())
                .mapToObj(Integer::toString)
                .toList();
    }
}
