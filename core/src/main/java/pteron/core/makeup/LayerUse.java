package pteron.core.makeup;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import pteron.core.material.Material.Kind;
import pteron.core.material.Property;
import pteron.core.plan.MakeUp;
import pteron.core.plan.MakeUp.Floor;
import pteron.core.plan.MakeUp.Framed;

/**
 * A place where the plan names a material, with what the material must know to be used there. Immutable.
 *
 * @param place path in the make-up: {@code walls.outerSkin}
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

    /**
     * {@return the properties that the sums of a place ask for}
     *
     * @param place path in the make-up: {@code walls.outerSkin}
     */
    public static List<Property> needs(String place) {
        return switch (place.substring(place.indexOf('.') + 1)) {
            case "topFace", "bottomFace" -> FACE;
            case "core" -> CORE;
            case "insulation" -> FILLING;
            case "outerSkin", "innerSkin" -> SHEET;
            default -> TIMBER;
        };
    }

    /** {@return the kinds of material that a builder would look for at a place} */
    public static Set<Kind> kinds(String place) {
        return switch (place.substring(place.indexOf('.') + 1)) {
            case "core", "insulation" -> Set.of(Kind.FOAM);
            case "topFace", "bottomFace", "outerSkin", "innerSkin" ->
                    Set.of(Kind.BOARD, Kind.SHEET);
            default -> Set.of(Kind.TIMBER);
        };
    }

    /** {@return every place of a make-up, floor, walls, roof} */
    public static List<LayerUse> of(MakeUp makeUp) {
        Floor floor = makeUp.floor();
        List<LayerUse> uses = new ArrayList<>();
        uses.add(use("floor.topFace", floor.topFace().material()));
        uses.add(use("floor.core", floor.core().material()));
        uses.add(use("floor.bottomFace", floor.bottomFace().material()));
        uses.add(use("floor.bearers", floor.bearers().timber()));
        addFramed("walls", makeUp.walls(), uses);
        addFramed("roof", makeUp.roof(), uses);
        return List.copyOf(uses);
    }

    private static void addFramed(String part, Framed framed, List<LayerUse> uses) {
        uses.add(use(part + ".outerSkin", framed.outerSkin().material()));
        uses.add(use(part + ".insulation", framed.insulation().material()));
        uses.add(use(part + ".innerSkin", framed.innerSkin().material()));
        uses.add(use(part + ".members", framed.members().timber()));
    }

    private static LayerUse use(String place, String material) {
        return new LayerUse(place, material, needs(place));
    }
}
