package pteron.core.warmth;

import java.util.List;

/**
 * A bay between members with half a member on each side. Immutable.
 *
 * @param layers from inside to outside
 * @param memberShare share of the members in the area
 * @param gapShare share of the gaps beside the insulation
 * @param surfaces resistances of the air at both surfaces
 */
record WarmBay(List<WarmLayer> layers, double memberShare, double gapShare, Surfaces surfaces) {

    /** Copies the layers. */
    WarmBay {
        layers = List.copyOf(layers);
    }
}
