package pteron.core.edit;

import pteron.core.buildup.Framed;
import pteron.core.buildup.Framed.Scheme;
import pteron.core.buildup.InchShop;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.material.Material.Kind;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.quantity.UnitSystem;

/** A wall or roof carried in another way: what goes with the way comes along, everything else stays. */
public final class SchemeEdits {

    /** Wall of a tube that nobody has chosen yet (mm); common practice. */
    private static final double WALL_MM = 2;

    /** Gauge 14 by BWG (mm). */
    private static final double INCH_WALL_MM = 0.083 * 25.4;

    private static final String TUBE = "alu-6060";
    private static final String TIMBER = "c24";
    private static final String INCH_TIMBER = "spf";

    private SchemeEdits() {}

    /**
     * {@return a wall or roof carried in another way: tubes are of metal and hollow, other members of timber; boards on a
     * frame are boards outside}
     */
    public static Framed switched(
            Framed framed, Scheme scheme, MaterialLibrary library, UnitSystem units) {
        Framed other = framed.withScheme(scheme);
        other = other.withMembers(members(framed.members(), scheme == Scheme.TUBE, library, units));
        boolean boards = library.get(framed.outerSkin().material()).has(Property.LAP);
        if (scheme == Scheme.BOARDS && !boards) {
            return other.withOuterSkin(
                    InchShop.of(
                            new Layer("larch-boards", 20, Layer.Grain.ACROSS, Layer.SCREWED),
                            units));
        }
        boolean leaves = framed.scheme() == Scheme.BOARDS && scheme != Scheme.BOARDS && boards;
        return leaves
                ? other.withOuterSkin(InchShop.of(new Layer("aluminium", 1.5), units))
                : other;
    }

    private static Members members(
            Members old, boolean tubes, MaterialLibrary library, UnitSystem units) {
        boolean metal = library.get(old.timber()).kind() == Kind.METAL;
        Section section = old.section();
        if (tubes) {
            Members hollow =
                    section.isTube()
                            ? old
                            : old.withSection(
                                    section.withWall(
                                            units == UnitSystem.METRIC ? WALL_MM : INCH_WALL_MM));
            return metal ? hollow : hollow.withTimber(TUBE);
        }
        Members solid = section.isTube() ? old.withSection(section.withWall(0)) : old;
        return metal ? solid.withTimber(units == UnitSystem.METRIC ? TIMBER : INCH_TIMBER) : solid;
    }
}
