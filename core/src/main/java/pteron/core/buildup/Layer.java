package pteron.core.buildup;

import java.util.List;
import pteron.core.quantity.Require;

/**
 * A layer. Immutable.
 *
 * @param material id in the library
 * @param thicknessMm thickness (mm)
 * @param grain which way its grain or its stiff way runs
 * @param fixing id of the glue that holds it to the next layer inwards, {@link #SCREWED}, {@link
 *     #LOOSE} or {@link #FOUND}; empty where the first glue of the table that suits both is meant
 */
public record Layer(String material, double thicknessMm, Grain grain, String fixing) {

    /** Held by screws, staples or rivets, not glued. */
    public static final String SCREWED = "screwed";

    /** There already: not bought, not cut, weighed with the carrier. */
    public static final String FOUND = "found";

    /** Laid loose. */
    public static final String LOOSE = "loose";

    /** Which way the grain or the stiff way of a sheet runs. */
    public enum Grain {
        /** Along the length of a sheet: up on a wall, across the box on a roof, along the box on a floor. */
        ALONG,
        /** Across that: level on a wall, along the strip on a roof. */
        ACROSS
    }

    /** Checks the range. */
    public Layer {
        Require.within("layer thickness", thicknessMm, BuildUpLimits.LAYER);
    }

    /** A layer along, held by the first glue that suits. */
    public Layer(String material, double thicknessMm) {
        this(material, thicknessMm, Grain.ALONG, "");
    }

    /** {@return whether it is there already} */
    public boolean isFound() {
        return fixing.equals(FOUND);
    }

    /** {@return this layer of another material} */
    public Layer withMaterial(String other) {
        return new Layer(other, thicknessMm, grain, fixing);
    }

    /** {@return this layer thicker or thinner} */
    public Layer withThickness(double otherMm) {
        return new Layer(material, otherMm, grain, fixing);
    }

    /** {@return this layer the other way round} */
    public Layer withGrain(Grain other) {
        return new Layer(material, thicknessMm, other, fixing);
    }

    /** {@return this layer held in another way} */
    public Layer withFixing(String other) {
        return new Layer(material, thicknessMm, grain, other);
    }

    /** {@return the thickness of layers together (mm)} */
    static double thicknessMm(List<Layer> layers) {
        return layers.stream().mapToDouble(Layer::thicknessMm).sum();
    }

    /** {@return the layers, copied; refused when there are too many} */
    static List<Layer> few(String name, List<Layer> layers) {
        if (layers.size() > BuildUpLimits.MOST_LAYERS) {
            throw new IllegalArgumentException(
                    "%s: there are [%d] layers and may be %d; put thin ones together"
                            .formatted(name, layers.size(), BuildUpLimits.MOST_LAYERS));
        }
        return List.copyOf(layers);
    }
}
