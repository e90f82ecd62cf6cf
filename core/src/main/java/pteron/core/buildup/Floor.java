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
 * @param school how its timber and its sandwich lie to each other
 */
public record Floor(
        Layer topFace,
        Layer core,
        Layer bottomFace,
        Members bearers,
        List<Layer> finish,
        School school)
        implements BuildUp {

    /** How timber and sandwich lie to each other. */
    public enum School {
        /** The sandwich lies on bearers that run over the cross-members. */
        ON_BEARERS,
        /** Joists lie between the faces, foam between the joists. */
        BETWEEN_JOISTS,
        /** The sandwich lies straight on the cross-members, bars only at its edges and under its seams. */
        ON_CROSS_MEMBERS
    }

    /** Copies the layers. */
    public Floor {
        finish = Layer.few("finish of the floor", finish);
    }

    /** A bare floor on bearers. */
    public Floor(Layer topFace, Layer core, Layer bottomFace, Members bearers) {
        this(topFace, core, bottomFace, bearers, List.of(), School.ON_BEARERS);
    }

    /** {@return this floor with another top face} */
    public Floor withTopFace(Layer other) {
        return new Floor(other, core, bottomFace, bearers, finish, school);
    }

    /** {@return this floor with another core} */
    public Floor withCore(Layer other) {
        return new Floor(topFace, other, bottomFace, bearers, finish, school);
    }

    /** {@return this floor with another bottom face} */
    public Floor withBottomFace(Layer other) {
        return new Floor(topFace, core, other, bearers, finish, school);
    }

    /** {@return this floor on other bearers} */
    public Floor withBearers(Members other) {
        return new Floor(topFace, core, bottomFace, other, finish, school);
    }

    /** {@return this floor with other layers on it} */
    public Floor withFinish(List<Layer> other) {
        return new Floor(topFace, core, bottomFace, bearers, other, school);
    }

    /** {@return this floor of another school} */
    public Floor withSchool(School other) {
        return new Floor(topFace, core, bottomFace, bearers, finish, other);
    }

    /** {@return whether the sandwich lies on bearers} */
    public boolean onBearers() {
        return school == School.ON_BEARERS;
    }

    /** {@return thickness of the sandwich, joists counted where they lie in it (mm)} */
    public double sandwichMm() {
        return topFace.thicknessMm() + betweenFacesMm() + bottomFace.thicknessMm();
    }

    /** {@return how far apart its faces lie (mm): its core's thickness, or the depth of joists between them, which are
     * packed up where the core is thicker} */
    public double betweenFacesMm() {
        return school == School.BETWEEN_JOISTS
                ? Math.max(bearers.section().depthMm(), core.thicknessMm())
                : core.thicknessMm();
    }

    /** {@return members of its frame: bearers, joists, or bars as deep as the core} */
    public Members members() {
        return school == School.ON_CROSS_MEMBERS ? bearers.inCore(core.thicknessMm()) : bearers;
    }

    /** {@return how its frame carries: a bonded panel, or members of timber or tube} */
    public Framed.Scheme scheme() {
        if (school == School.ON_CROSS_MEMBERS) {
            return Framed.Scheme.FRAMELESS;
        }
        return bearers.section().isTube() ? Framed.Scheme.TUBE : Framed.Scheme.STUDS;
    }

    /**
     * {@return which grain of its faces runs along their span: across the box between bearers and joists, which run along
     * it; along the box from cross-member to cross-member}
     */
    public Layer.Grain spanGrain() {
        return school == School.ON_CROSS_MEMBERS ? Layer.Grain.ALONG : Layer.Grain.ACROSS;
    }

    /** {@return underside of its frame above the deck (mm)} */
    public double frameFromMm() {
        return onBearers() ? 0 : bottomFace.thicknessMm();
    }

    /** {@return depth of bearers under the sandwich, 0 without any (mm)} */
    public double bearersMm() {
        return onBearers() ? bearers.section().depthMm() : 0;
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
