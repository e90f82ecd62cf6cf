package pteron.core.school;

import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.figure.FigureList;
import pteron.core.figure.Working;
import pteron.core.makeup.MakeUpStation;
import pteron.core.quantity.Named;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;

/** Figures of build-ups side by side; what the planned one tells elsewhere is left out for it. */
final class SchoolFigures {

    private static final String SOURCE =
            "the material library; sandwich as a strip with thick faces (Allen 1969), frame as its members alone; glue, screws and sheet waste left out";

    private final FigureList figures = new FigureList(MakeUpStation.MAKE_UP);
    private String key = "";
    private String end = "";
    private String name = "";

    private SchoolFigures() {}

    static List<Figure> of(List<School> schools) {
        SchoolFigures all = new SchoolFigures();
        int number = 0;
        for (School school : schools) {
            number = school.planned() ? 0 : number + 1;
            all.school(school, number);
        }
        return all.figures.list();
    }

    private void school(School school, int number) {
        String part = Named.small(school.part());
        key = part + "-";
        end = school.planned() ? "" : ".alternative." + number;
        name = part + (school.planned() ? "" : ", “" + school.name() + "”");
        BuildUpSums sums = school.sums();
        add(
                "built-mass",
                "Mass with members, ",
                new Quantity(sums.massKg(), Unit.KILOGRAM_PER_SQUARE_METRE),
                "m = sum of density × volume in a square metre");
        if (!school.planned()) {
            alternative(sums);
        }
        sums.cost()
                .ifPresent(
                        cost ->
                                add(
                                        "cost",
                                        "Plain price, ",
                                        new Quantity(cost, Unit.MONEY_PER_SQUARE_METRE),
                                        "price = sum of price × volume in a square metre"));
        sums.stiffness()
                .ifPresent(
                        stiff ->
                                add(
                                        "stiffness",
                                        "Stiffness of 600 × 600 mm, ",
                                        new Quantity(stiff, Unit.NEWTON_PER_MILLIMETRE),
                                        "k = load in the middle for a millimetre of sag"));
    }

    private void alternative(BuildUpSums sums) {
        add("thickness", "Thickness, ", Quantity.mm(sums.thicknessMm()), "t = sum of the layers");
        sums.transmittance()
                .ifPresent(
                        u ->
                                add(
                                        "u",
                                        "U, ",
                                        new Quantity(u, Unit.WATT_PER_SQUARE_METRE_KELVIN),
                                        "ISO 6946:2017, frame share from the spacing"));
    }

    private void add(String figure, String words, Quantity value, String formula) {
        String whole = words + name;
        figures.add(
                key + figure + end,
                whole,
                value,
                () -> Working.of(formula).worked("sum", whole, value).source(SOURCE));
    }
}
