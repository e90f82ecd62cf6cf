package pteron.core.school;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import pteron.core.buildup.Alternative;
import pteron.core.buildup.Alternative.Part;
import pteron.core.buildup.BuildUp;
import pteron.core.buildup.Framed;
import pteron.core.extent.FrameShare;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.makeup.MakeUpStage;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.MakeUp;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;

/** Adds up the planned build-ups and the alternatives kept beside them. */
public final class SchoolStage {

    private SchoolStage() {}

    /**
     * {@return the planned build-up of every part, each followed by its alternatives; alternatives of
     * unknown materials are left out}
     *
     * @param makeUp the make-up, its materials known
     * @param share share of the members in walls and roof
     * @param library its materials
     */
    public static List<School> of(MakeUp makeUp, FrameShare share, MaterialLibrary library) {
        List<School> schools = new ArrayList<>();
        for (Part part : Part.values()) {
            BuildUp planned = planned(makeUp, part);
            schools.add(
                    new School(
                            "planned",
                            part,
                            true,
                            BuildUpSums.of(word(part), planned, share(part, share), library)));
            for (Alternative other : makeUp.alternatives()) {
                if (other.part() == part && MakeUpStage.isUsable(other, library)) {
                    double members =
                            other.buildUp() instanceof Framed framed
                                    ? FrameShare.fromSpacing(framed)
                                    : 0;
                    schools.add(
                            new School(
                                    other.name(),
                                    part,
                                    false,
                                    BuildUpSums.of(word(part), other.buildUp(), members, library)));
                }
            }
        }
        return schools;
    }

    /** {@return the planned build-up of a part} */
    public static BuildUp planned(MakeUp makeUp, Part part) {
        return switch (part) {
            case FLOOR -> makeUp.floor();
            case WALLS -> makeUp.walls();
            case ROOF -> makeUp.roof();
        };
    }

    private static double share(Part part, FrameShare share) {
        return switch (part) {
            case FLOOR -> 0;
            case WALLS -> share.walls();
            case ROOF -> share.roof();
        };
    }

    private static String word(Part part) {
        return part.name().toLowerCase(Locale.ROOT);
    }

    /** {@return figures of the schools} */
    public static List<Figure> figures(List<School> schools) {
        List<Figure> figures = new ArrayList<>();
        int number = 0;
        for (School school : schools) {
            number = school.planned() ? 0 : number + 1;
            String key = "make-up." + word(school.part()) + "-";
            String end = school.planned() ? "" : ".alternative." + number;
            String name =
                    word(school.part()) + (school.planned() ? "" : ", “" + school.name() + "”");
            BuildUpSums sums = school.sums();
            figures.add(
                    figure(
                            key + "built-mass" + end,
                            "Mass with members, " + name,
                            new Quantity(sums.massKg(), Unit.KILOGRAM_PER_SQUARE_METRE),
                            "m = sum of density × volume in a square metre"));
            if (!school.planned()) {
                figures.add(
                        figure(
                                key + "thickness" + end,
                                "Thickness, " + name,
                                Quantity.mm(sums.thicknessMm()),
                                "t = sum of the layers"));
            }
            sums.cost()
                    .ifPresent(
                            cost ->
                                    figures.add(
                                            figure(
                                                    key + "cost" + end,
                                                    "Plain price, " + name,
                                                    new Quantity(cost, Unit.MONEY_PER_SQUARE_METRE),
                                                    "price = sum of price × volume in a square metre")));
            if (!school.planned()) {
                sums.transmittance()
                        .ifPresent(
                                u ->
                                        figures.add(
                                                figure(
                                                        key + "u" + end,
                                                        "U, " + name,
                                                        new Quantity(
                                                                u,
                                                                Unit.WATT_PER_SQUARE_METRE_KELVIN),
                                                        "ISO 6946, frame share from the spacing")));
            }
            sums.stiffness()
                    .ifPresent(
                            stiff ->
                                    figures.add(
                                            figure(
                                                    key + "stiffness" + end,
                                                    "Stiffness of 600 × 600 mm, " + name,
                                                    new Quantity(stiff, Unit.NEWTON_PER_MILLIMETRE),
                                                    "k = load in the middle for a millimetre of sag")));
        }
        return figures;
    }

    private static Figure figure(String key, String name, Quantity value, String formula) {
        return Figure.of(
                key,
                name,
                value,
                () ->
                        Working.of(formula)
                                .worked("sum", name, value)
                                .source(
                                        "the material library; sandwich as a strip with thick faces (Allen 1969), frame as its members alone; glue, screws and sheet waste left out"));
    }
}
