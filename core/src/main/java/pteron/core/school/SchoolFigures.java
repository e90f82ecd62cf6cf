package pteron.core.school;

import java.util.List;
import java.util.function.Supplier;
import pteron.core.figure.Figure;
import pteron.core.figure.FigureList;
import pteron.core.figure.Working;
import pteron.core.makeup.MakeUpStation;
import pteron.core.material.Property;
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
                () -> masses(sums));
        if (!school.planned()) {
            alternative(sums);
        }
        sums.cost()
                .ifPresent(
                        cost ->
                                add(
                                        "cost",
                                        "Material price, ",
                                        new Quantity(cost, Unit.MONEY_PER_SQUARE_METRE),
                                        () -> prices(sums)));
        sums.stiffness()
                .ifPresent(
                        stiff ->
                                add(
                                        "stiffness",
                                        "Stiffness of a sample square, ",
                                        new Quantity(stiff, Unit.NEWTON_PER_MILLIMETRE),
                                        () ->
                                                amounts(
                                                        sums,
                                                        "k = load in the middle for a millimetre of sag")));
    }

    private void alternative(BuildUpSums sums) {
        add(
                "thickness",
                "Thickness, ",
                Quantity.mm(sums.thicknessMm()),
                () -> amounts(sums, "t = sum of the layers"));
        sums.transmittance()
                .ifPresent(
                        u ->
                                add(
                                        "u",
                                        "U, ",
                                        new Quantity(u, Unit.WATT_PER_SQUARE_METRE_KELVIN),
                                        () ->
                                                amounts(
                                                        sums,
                                                        "ISO 6946:2017, frame share from the spacing")));
    }

    private void add(String figure, String words, Quantity value, Supplier<Working> working) {
        figures.add(key + figure + end, words + name, value, working);
    }

    private static Quantity cubic(BuildUpSums.Amount amount) {
        return new Quantity(amount.cubicMetres() * 1000, Unit.LITRE);
    }

    private static Working masses(BuildUpSums sums) {
        Working.Builder working = Working.of("m = sum of density × volume in a square metre");
        for (BuildUpSums.Amount amount : sums.amounts()) {
            working.plan("V", amount.material().name() + ", in a square metre", cubic(amount));
            working.material(
                    "density",
                    amount.material().name(),
                    new Quantity(amount.material().density(), Unit.KILOGRAM_PER_CUBIC_METRE));
        }
        return working.source(SOURCE);
    }

    private static Working prices(BuildUpSums sums) {
        Working.Builder working = Working.of("price = sum of price × volume in a square metre");
        for (BuildUpSums.Amount amount : sums.amounts()) {
            working.plan("V", amount.material().name() + ", in a square metre", cubic(amount));
            working.material(
                    "price",
                    amount.material().name() + ", a cubic metre",
                    new Quantity(amount.material().value(Property.PRICE), Unit.MONEY));
        }
        return working.source(SOURCE);
    }

    private static Working amounts(BuildUpSums sums, String formula) {
        Working.Builder working = Working.of(formula);
        for (BuildUpSums.Amount amount : sums.amounts()) {
            working.plan("V", amount.material().name() + ", in a square metre", cubic(amount));
        }
        return working.source(SOURCE);
    }
}
