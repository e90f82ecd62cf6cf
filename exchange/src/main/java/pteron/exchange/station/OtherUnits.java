package pteron.exchange.station;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.plan.BoxPlan;
import pteron.core.skin.SheetOrder;
import pteron.core.skin.Skins;

/** What a list tells in units that the shop does not sell it in: a plan switched to the other units keeps its materials. */
public final class OtherUnits {

    private static final double FOOT_MM = 304.8;

    /** How far a bar may be from whole feet to be sold by the foot (mm). */
    private static final double NEAR_MM = 1;

    private OtherUnits() {}

    /** {@return what is sold in the other units, for the head of a list; empty where all is sold as it is told} */
    public static Optional<String> sentence(BoxModel model) {
        List<String> others = all(model);
        return others.isEmpty()
                ? Optional.empty()
                : Optional.of(head(model) + ": " + String.join("; ", others));
    }

    /** {@return that something is sold in the other units, where there is little room} */
    public static Optional<String> inShort(BoxModel model) {
        return all(model).isEmpty() ? Optional.empty() : Optional.of(head(model));
    }

    private static String head(BoxModel model) {
        return switch (model.plan().units()) {
            case INCHES -> "Metric sizes, converted";
            case METRIC -> "Inch sizes, converted";
        };
    }

    private static List<String> all(BoxModel model) {
        List<String> others = new ArrayList<>(sheets(model));
        if (areBarsOfOtherUnits(model.plan())) {
            others.add("bars");
        }
        return others;
    }

    private static List<String> sheets(BoxModel model) {
        MaterialLibrary library = model.library();
        List<Material> offered = library.offered(model.plan().units());
        return model.find(Skins.class).stream()
                .flatMap(skins -> skins.orders().stream())
                .map(SheetOrder::material)
                .distinct()
                .map(library::get)
                .filter(material -> !offered.contains(material))
                .map(Material::name)
                .toList();
    }

    private static boolean areBarsOfOtherUnits(BoxPlan plan) {
        Stream<Double> lengths =
                Stream.concat(
                        plan.supplies().stockLengthsMm().stream(),
                        plan.supplies().tubeLengthsMm().stream());
        return switch (plan.units()) {
            case INCHES -> lengths.noneMatch(OtherUnits::isWholeFeet);
            case METRIC -> lengths.allMatch(OtherUnits::isWholeFeet);
        };
    }

    private static boolean isWholeFeet(double mm) {
        return Math.abs(Math.rint(mm / FOOT_MM) * FOOT_MM - mm) < NEAR_MM;
    }
}
