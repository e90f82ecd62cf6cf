package pteron.core.makeup;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import pteron.core.buildup.Alternative;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Framed.Scheme;
import pteron.core.buildup.Layer;
import pteron.core.material.Material.Kind;
import pteron.core.material.Property;
import pteron.core.plan.MakeUp;
import pteron.core.plan.Partition;
import pteron.core.plan.Wall;

/**
 * A place where the plan names a material, with what the material must know to be used there. Immutable.
 *
 * @param place path in the make-up: {@code walls.outerSkin}, {@code floor.finish.0}
 * @param material id that the plan names
 * @param needs properties that the sums of that place ask for
 */
public record LayerUse(String place, String material, List<Property> needs) {

    private static final List<Property> SHEET =
            List.of(Property.DENSITY, Property.SHEET_WIDTH, Property.SHEET_LENGTH);
    private static final List<Property> FACE =
            List.of(
                    Property.DENSITY,
                    Property.MODULUS,
                    Property.BENDING,
                    Property.COMPRESSION,
                    Property.SHEET_WIDTH,
                    Property.SHEET_LENGTH);
    private static final List<Property> CORE =
            List.of(Property.DENSITY, Property.MODULUS, Property.SHEAR_MODULUS, Property.SHEAR);
    private static final List<Property> TIMBER =
            List.of(Property.DENSITY, Property.MODULUS, Property.BENDING, Property.SHEAR);
    private static final List<Property> FILLING = List.of(Property.DENSITY, Property.CONDUCTIVITY);

    /** Copies the list. */
    public LayerUse {
        needs = List.copyOf(needs);
    }

    /** {@return the name of a place without its part and number: {@code finish}} */
    private static String slot(String place) {
        String[] words = place.split("\\.");
        return words.length > 1 ? words[1] : place;
    }

    /**
     * {@return the properties that the sums of a place ask for}
     *
     * @param place path in the make-up: {@code walls.outerSkin}
     */
    public static List<Property> needs(String place) {
        return switch (slot(place)) {
            case "topFace", "bottomFace" -> FACE;
            case "core" -> CORE;
            case "insulation", "finish", "inside", "outside", "packing" -> FILLING;
            case "outerSkin", "innerSkin" -> SHEET;
            default -> TIMBER;
        };
    }

    /** {@return the kinds of material that a builder would look for at a place} */
    public static Set<Kind> kinds(String place) {
        return switch (slot(place)) {
            case "core", "insulation" -> Set.of(Kind.FOAM);
            case "topFace", "bottomFace", "outerSkin", "innerSkin" ->
                    Set.of(Kind.BOARD, Kind.SHEET);
            case "packing" -> Set.of(Kind.TAPE, Kind.FOAM, Kind.BOARD);
            case "finish", "inside", "outside" ->
                    EnumSet.of(
                            Kind.FLOORING,
                            Kind.MEMBRANE,
                            Kind.BOARD,
                            Kind.SHEET,
                            Kind.FOAM,
                            Kind.TAPE);
            default -> Set.of(Kind.TIMBER, Kind.METAL);
        };
    }

    /** {@return every place of a make-up, floor, walls, roof} */
    public static List<LayerUse> of(MakeUp makeUp) {
        List<LayerUse> uses = new ArrayList<>();
        addFloor(makeUp.floor(), uses);
        addFramed("walls", makeUp.walls(), uses);
        addFramed("roof", makeUp.roof(), uses);
        return List.copyOf(uses);
    }

    /** {@return every place of the walls inside} */
    public static List<LayerUse> of(List<Partition> partitions) {
        List<LayerUse> uses = new ArrayList<>();
        for (int i = 0; i < partitions.size(); i++) {
            String part = new Wall(Wall.Part.PARTITION, i + 1).id();
            addFramed(part, partitions.get(i).build(), uses);
        }
        return List.copyOf(uses);
    }

    /** {@return every place of an alternative} */
    public static List<LayerUse> of(Alternative alternative) {
        List<LayerUse> uses = new ArrayList<>();
        switch (alternative.buildUp()) {
            case Floor floor -> addFloor(floor, uses);
            case Framed framed -> addFramed("walls", framed, uses);
        }
        return List.copyOf(uses);
    }

    private static void addFloor(Floor floor, List<LayerUse> uses) {
        uses.add(use("floor.topFace", floor.topFace().material()));
        uses.add(use("floor.core", floor.core().material()));
        uses.add(use("floor.bottomFace", floor.bottomFace().material()));
        uses.add(use("floor.bearers", floor.bearers().timber()));
        addAll("floor.finish", floor.finish(), uses);
    }

    private static void addFramed(String part, Framed framed, List<LayerUse> uses) {
        uses.add(use(part + ".outerSkin", framed.outerSkin().material()));
        addAll(part + ".outside", framed.outside(), uses);
        uses.add(use(part + ".insulation", framed.insulation().material()));
        addAll(part + ".inside", framed.inside(), uses);
        uses.add(use(part + ".innerSkin", framed.innerSkin().material()));
        uses.add(use(part + ".members", framed.members().timber()));
        if (framed.overFrameMm() > 0 && framed.scheme() != Scheme.FRAMELESS) {
            uses.add(use(part + ".packing", framed.fit().packing()));
        }
    }

    private static void addAll(String place, List<Layer> layers, List<LayerUse> uses) {
        for (int i = 0; i < layers.size(); i++) {
            uses.add(use(place + "." + i, layers.get(i).material()));
        }
    }

    private static LayerUse use(String place, String material) {
        return new LayerUse(place, material, needs(place));
    }
}
