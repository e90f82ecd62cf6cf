package pteron.core.makeup;

import java.util.List;
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

    /** {@return every place of a make-up, floor, walls, roof} */
    public static List<LayerUse> of(MakeUp makeUp) {
        Floor floor = makeUp.floor();
        Framed walls = makeUp.walls();
        Framed roof = makeUp.roof();
        return List.of(
                new LayerUse("floor.topFace", floor.topFace().material(), FACE),
                new LayerUse("floor.core", floor.core().material(), CORE),
                new LayerUse("floor.bottomFace", floor.bottomFace().material(), FACE),
                new LayerUse("floor.bearers", floor.bearers().timber(), TIMBER),
                new LayerUse("walls.outerSkin", walls.outerSkin().material(), SHEET),
                new LayerUse("walls.insulation", walls.insulation().material(), FILLING),
                new LayerUse("walls.innerSkin", walls.innerSkin().material(), SHEET),
                new LayerUse("walls.members", walls.members().timber(), TIMBER),
                new LayerUse("roof.outerSkin", roof.outerSkin().material(), SHEET),
                new LayerUse("roof.insulation", roof.insulation().material(), FILLING),
                new LayerUse("roof.innerSkin", roof.innerSkin().material(), SHEET),
                new LayerUse("roof.members", roof.members().timber(), TIMBER));
    }
}
