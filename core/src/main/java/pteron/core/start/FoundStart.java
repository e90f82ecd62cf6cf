package pteron.core.start;

import java.util.List;
import java.util.Optional;
import pteron.core.bought.FoundShell;
import pteron.core.bought.RibRow;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;

/** A bought cargo trailer of the common kind, to be measured and lined. Common practice. */
final class FoundStart {

    /** Posts and bows of a steel cargo trailer: along the skin, into the room (mm). */
    private static final Section RIB = new Section(40, 25);

    private static final double FIRST_MM = 200;
    private static final double APART_MM = 406;
    private static final double SKIRTING_MM = 19;

    private FoundStart() {}

    /** {@return a plan whose skin, posts and bows are there: a light wall inside of them, lined} */
    static BoxPlan lined(BoxPlan plan) {
        RibRow row = new RibRow(FIRST_MM, APART_MM);
        FoundShell found =
                new FoundShell(
                        RIB,
                        row,
                        row,
                        row,
                        SKIRTING_MM,
                        FoundShell.Coating.BARE,
                        List.of(),
                        List.of());
        return plan.withFound(Optional.of(found)).withMakeUp(makeUp(plan.makeUp()));
    }

    private static MakeUp makeUp(MakeUp makeUp) {
        Floor floor =
                new Floor(
                        new Layer("spruce-ply", 9),
                        new Layer("xps", 25),
                        new Layer("spruce-ply", 6),
                        new Members(new Section(38, 38), 450, "spf"),
                        List.of(),
                        Floor.School.ON_CROSS_MEMBERS);
        Framed walls = inside(new Section(38, 38), 38);
        return makeUp.withFloor(floor).withWalls(walls).withRoof(inside(new Section(38, 20), 20));
    }

    /** Skin that is there, foam as deep as its ribs, a little air, a frame with foam, lining. */
    private static Framed inside(Section members, double foamMm) {
        return new Framed(
                        new Layer("steel-sheet", 0.8, Layer.Grain.ALONG, Layer.FOUND),
                        new Layer("xps", foamMm),
                        new Layer("poplar-ply", 5),
                        new Members(members, 450, "spf"))
                .withOutside(
                        List.of(
                                new Layer("xps", RIB.depthMm()),
                                new Layer("air-gap", 5, Layer.Grain.ALONG, Layer.LOOSE)));
    }
}
