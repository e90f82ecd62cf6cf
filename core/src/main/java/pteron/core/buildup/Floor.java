package pteron.core.buildup;

import java.util.List;

/**
 * A sandwich floor. Immutable.
 *
 * @param topFace upper face of the sandwich
 * @param core foam between the faces
 * @param bottomFace lower face
 * @param bearers run along the box over the carrier's cross-members
 * @param finish what lies on the top face, lowest first; may be nothing
 * @param onBearers whether the sandwich lies on bearers, not on the cross-members themselves
 */
public record Floor(
        Layer topFace,
        Layer core,
        Layer bottomFace,
        Members bearers,
        List<Layer> finish,
        boolean onBearers)
        implements BuildUp {

    /** Copies the layers. */
    public Floor {
        finish = Layer.few("finish of the floor", finish);
    }

    /** A bare floor on bearers. */
    public Floor(Layer topFace, Layer core, Layer bottomFace, Members bearers) {
        this(topFace, core, bottomFace, bearers, List.of(), true);
    }

    /** {@return this floor with another top face} */
    public Floor withTopFace(Layer other) {
        return new Floor(other, core, bottomFace, bearers, finish, onBearers);
    }

    /** {@return this floor with another core} */
    public Floor withCore(Layer other) {
        return new Floor(topFace, other, bottomFace, bearers, finish, onBearers);
    }

    /** {@return this floor with another bottom face} */
    public Floor withBottomFace(Layer other) {
        return new Floor(topFace, core, other, bearers, finish, onBearers);
    }

    /** {@return this floor on other bearers} */
    public Floor withBearers(Members other) {
        return new Floor(topFace, core, bottomFace, other, finish, onBearers);
    }

    /** {@return this floor with other layers on it} */
    public Floor withFinish(List<Layer> other) {
        return new Floor(topFace, core, bottomFace, bearers, other, onBearers);
    }

    /** {@return this floor with or without bearers} */
    public Floor withOnBearers(boolean other) {
        return new Floor(topFace, core, bottomFace, bearers, finish, other);
    }

    /** {@return thickness of the sandwich (mm)} */
    public double sandwichMm() {
        return topFace.thicknessMm() + core.thicknessMm() + bottomFace.thicknessMm();
    }

    /** {@return depth of the bearers, 0 without any (mm)} */
    public double bearersMm() {
        return onBearers ? bearers.section().depthMm() : 0;
    }

    /** {@return height of the sandwich's top above the deck (mm)} */
    public double structureMm() {
        return sandwichMm() + bearersMm();
    }

    /** {@return height of the floor's top above the deck, finish counted (mm)} */
    public double heightMm() {
        return structureMm() + Layer.thicknessMm(finish);
    }
}
