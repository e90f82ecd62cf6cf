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
                "At the corners",
                Assembly.Corners.values(),
                Assembly::corners,
                Assembly::withCorners);
        frame.choice(
                "assembly.feet",
                "Walls stand",
                Assembly.Feet.values(),
                Assembly::feet,
                Assembly::withFeet);
        frame.choice(
                "assembly.ceiling",
                "Roof is built",
                Assembly.Ceiling.values(),
                Assembly::ceiling,
                Assembly::withCeiling);
    }

    private static void joining(Fields<Joining> joining) {
        joining.choice(
                "joining.tubes",
                "Ends of tubes are",
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
                "Tubes follow a curve",
                Joining.Curves.values(),
                Joining::curves,
                Joining::withCurves);
        joining.choice(
                "joining.panels",
                "Bonded panels meet",
                Joining.Panels.values(),
                Joining::panels,
                Joining::withPanels);
        joining.mm(
                "joining.conduit",
                "Conduit in bonded walls over the floor, 0 for none",
                Joining::conduitMm,
                Joining::withConduit);
    }

    private static void skins(Fields<Assembly> skins) {
        skins.choice(
                "assembly.lining",
                "Walls are lined",
                Assembly.Lining.values(),
                Assembly::lining,
                Assembly::withLining);
        skins.choice(
                "assembly.strip",
                "Nose, roof and tail are skinned",
                Assembly.Strip.values(),
                Assembly::strip,
                Assembly::withStrip);
        skins.choice(
                "assembly.floor-along",
                "Pieces of the floor, one behind the other",
                counts(),
                now -> Integer.toString(now.floorAlong()),
                (now, id) -> now.withFloor(Integer.parseInt(id), now.floorAcross()));
        skins.choice(
                "assembly.floor-across",
                "Pieces of the floor, side by side",
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
