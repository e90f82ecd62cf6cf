package pteron.core.carrier;

import java.util.List;
import pteron.core.plan.RoadLimits;

/** Sizes that the road allows, by region. All from memory: local rules decide. */
public final class Regions {

    /**
     * A region's limits.
     *
     * @param name what it is called
     * @param widthMm greatest width (mm)
     * @param heightMm greatest height (mm)
     * @param lengthMm greatest length of one vehicle (mm)
     * @param source where the numbers come from
     */
    public record Region(
            String name, double widthMm, double heightMm, double lengthMm, String source) {

        /** {@return these limits in place of others; door and roof load stay} */
        public RoadLimits in(RoadLimits other) {
            return new RoadLimits(
                    name, widthMm, heightMm, lengthMm, other.shopDoorMm(), other.onRoofMm());
        }
    }

    private static final List<Region> ALL =
            List.of(
                    new Region(
                            "European Union",
                            2550,
                            4000,
                            12000,
                            "Directive 96/53/EC, annex I; value not yet checked"),
                    new Region(
                            "United Kingdom, towed by a car",
                            2550,
                            4000,
                            7000,
                            "Road Vehicles (Construction and Use) Regulations 1986; no legal height, 4.0 m is common practice; value not yet checked"),
                    new Region(
                            "United States",
                            2591,
                            4115,
                            12192,
                            "23 CFR 658.15, 102 in; 13 ft 6 in and 40 ft in most states; value not yet checked"),
                    new Region(
                            "Canada",
                            2600,
                            4150,
                            12500,
                            "Memorandum of Understanding on vehicle weights and dimensions; value not yet checked"),
                    new Region(
                            "Australia",
                            2500,
                            4300,
                            12500,
                            "Heavy Vehicle National Law, general dimensions; value not yet checked"),
                    new Region(
                            "New Zealand",
                            2550,
                            4300,
                            12600,
                            "Vehicle Dimensions and Mass Rule 2016; value not yet checked"));

    private Regions() {}

    /** {@return all regions} */
    public static List<Region> all() {
        return ALL;
    }

    /**
     * {@return the region of that name}
     *
     * @throws IllegalArgumentException if there is none
     */
    public static Region named(String name) {
        return ALL.stream()
                .filter(region -> region.name().equals(name))
                .findFirst()
                .orElseThrow(
                        () ->
                                new IllegalArgumentException(
                                        "there is no region [%s]; there are %s"
                                                .formatted(
                                                        name,
                                                        ALL.stream().map(Region::name).toList())));
    }
}
