package pteron.core.warmth;

import pteron.core.quantity.Require;

/**
 * A layer of a wall as heat and vapour see it. Immutable.
 *
 * @param key path of the layer in the make-up, {@code walls.outerSkin}; empty for what is not typed
 * @param name what a builder calls it
 * @param thicknessMm thickness (mm), above 0
 * @param bay what stands between the members
 * @param member what stands in the line of a member
 * @param gap what stands in the gap round a piece of foam
 */
public record WarmLayer(
        String key, String name, double thicknessMm, Stuff bay, Stuff member, Stuff gap) {

    /** Paths that heat takes through a wall. */
    public enum Path {
        /** Between the members. */
        BAY,
        /** Through a member. */
        MEMBER,
        /** Through the gap round the foam. */
        GAP
    }

    /**
     * A material as heat and vapour see it.
     *
     * @param conductivity W/(m·K), above 0
     * @param vapourFactor vapour resistance factor, 0 or above
     */
    public record Stuff(double conductivity, double vapourFactor) {
        /** Checks both. */
        public Stuff {
            Require.positive("conductivity", conductivity, "W/(m·K)");
            Require.notNegative("vapour resistance factor", vapourFactor, "");
        }
    }

    /** A layer that is the same all over. */
    public static WarmLayer even(String key, String name, double thicknessMm, Stuff stuff) {
        return new WarmLayer(key, name, thicknessMm, stuff, stuff, stuff);
    }

    /** {@return what stands on a path} */
    public Stuff on(Path path) {
        return switch (path) {
            case BAY -> bay;
            case MEMBER -> member;
            case GAP -> gap;
        };
    }

    /** {@return thermal resistance on a path (m²·K/W)} */
    public double resistance(Path path) {
        return thicknessMm / 1000 / on(path).conductivity();
    }

    /** {@return thickness of still air that would hold back as much vapour, in the bay (m)} */
    public double stillAirMetres() {
        return thicknessMm / 1000 * bay.vapourFactor();
    }
}
