package pteron.core.school;

import java.util.List;
import pteron.core.buildup.Alternative;
import pteron.core.buildup.BuildUp;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Framed.Fit;
import pteron.core.buildup.Framed.Scheme;
import pteron.core.buildup.InchShop;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Layer.Grain;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.quantity.UnitSystem;

/** Ready-made build-ups of the schools of the trade, to be held against one's own. Common practice. */
public final class Schools {

    private static final Members TWO_BY_TWO = new Members(new Section(38, 38), 406, "spf");
    private static final Members TWO_BY_FOUR = new Members(new Section(38, 89), 406, "spf");
    private static final Members TUBE = new Members(new Section(25.4, 25.4, 1.6), 406, "alu-6061");

    private Schools() {}

    /** {@return the ready-made build-ups of a part as the shop of a unit system sells them} */
    public static List<Alternative> of(Alternative.Part part, UnitSystem units) {
        return of(part).stream().map(one -> sold(one, units)).toList();
    }

    private static Alternative sold(Alternative one, UnitSystem units) {
        BuildUp sold =
                switch (one.buildUp()) {
                    case Floor floor -> InchShop.of(floor, units);
                    case Framed framed -> InchShop.of(framed, units);
                };
        return new Alternative(one.name(), one.part(), sold);
    }

    private static List<Alternative> of(Alternative.Part part) {
        return switch (part) {
            case FLOOR -> floors();
            case WALLS, ROOF ->
                    List.of(
                            framed(part, "Timber 2×2", TWO_BY_TWO, 38, Scheme.STUDS),
                            framed(part, "Timber 2×4", TWO_BY_FOUR, 89, Scheme.STUDS),
                            framed(part, "Metal tube", TUBE, 25.4, Scheme.TUBE),
                            frameless(part),
                            boarded(part));
        };
    }

    private static Alternative framed(
            Alternative.Part part, String name, Members members, double foam, Scheme scheme) {
        return new Alternative(
                name,
                part,
                new Framed(
                                new Layer("aluminium", 1.2),
                                new Layer("xps", foam),
                                new Layer("poplar-ply", 4),
                                members)
                        .withScheme(scheme));
    }

    private static Alternative frameless(Alternative.Part part) {
        Members edge = new Members(new Section(38, 40), 1200, "spf");
        return new Alternative(
                "Bonded panel",
                part,
                new Framed(
                                new Layer("grp-skin", 1.8),
                                new Layer("xps", 40),
                                new Layer("grp-skin", 1.5),
                                edge)
                        .withScheme(Scheme.FRAMELESS)
                        .withFit(new Fit(Fit.Over.FLUSH, "closed-cell-tape", 0)));
    }

    private static Alternative boarded(Alternative.Part part) {
        return new Alternative(
                "Boards on frame",
                part,
                new Framed(
                                new Layer("larch-boards", 20, Grain.ACROSS, Layer.SCREWED),
                                new Layer("xps", 38),
                                new Layer("pine-boards", 12, Grain.ACROSS, Layer.SCREWED),
                                TWO_BY_TWO)
                        .withScheme(Scheme.BOARDS));
    }

    private static List<Alternative> floors() {
        Members bearers = new Members(new Section(38, 38), 406, "spf");
        return List.of(
                floor("Sandwich ¼ + ¾ + ¼ in", 6.4, 19, 6.4, bearers, Floor.School.ON_BEARERS),
                floor(
                        "Sandwich on cross-members",
                        9,
                        40,
                        6.5,
                        bearers,
                        Floor.School.ON_CROSS_MEMBERS),
                floor("Heavy sandwich", 12, 50, 9, bearers, Floor.School.ON_CROSS_MEMBERS));
    }

    private static Alternative floor(
            String name,
            double top,
            double core,
            double bottom,
            Members bearers,
            Floor.School school) {
        return new Alternative(
                name,
                Alternative.Part.FLOOR,
                new Floor(
                                new Layer("spruce-ply", top),
                                new Layer("xps", core),
                                new Layer("spruce-ply", bottom),
                                bearers)
                        .withSchool(school));
    }
}
