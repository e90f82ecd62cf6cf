package pteron.core.panel;

import pteron.core.buildup.Layer;
import pteron.core.material.BirchPlywood;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.mechanics.SandwichStrip;
import pteron.core.plan.ServiceClass;

/**
 * A panel of face, core and face. Immutable.
 *
 * @param part {@code floor}, {@code walls} or {@code roof}
 * @param loaded face that is loaded
 * @param core core
 * @param other face on the other side
 * @param service how damp its wood becomes
 */
public record SandwichPanel(
        String part, Sheet loaded, Sheet core, Sheet other, ServiceClass service) {

    /**
     * A layer with its material.
     *
     * @param material material
     * @param thicknessMm thickness (mm)
     * @param modulus along the span (N/mm²)
     */
    public record Sheet(Material material, double thicknessMm, double modulus) {}

    /** {@return a panel of three layers; a face whose grain runs across the span has its lesser modulus} */
    public static SandwichPanel of(
            String part, Layer loaded, Layer core, Layer other, MaterialLibrary library) {
        return new SandwichPanel(
                part,
                sheet(loaded, library),
                sheet(core, library),
                sheet(other, library),
                ServiceClass.COVERED);
    }

    /** {@return this panel where its wood becomes so damp} */
    public SandwichPanel in(ServiceClass other) {
        return new SandwichPanel(part, loaded, core, this.other, other);
    }

    private static Sheet sheet(Layer layer, MaterialLibrary library) {
        Material material = library.get(layer.material());
        double modulus =
                layer.grain() == Layer.Grain.ACROSS
                        ? BirchPlywood.modulusAcross(material, layer.thicknessMm())
                        : BirchPlywood.modulusAlong(material, layer.thicknessMm());
        return new Sheet(material, layer.thicknessMm(), modulus);
    }

    /** {@return whether the library knows what the sums ask for} */
    public static boolean isKnown(Layer face, Layer core, Layer other, MaterialLibrary library) {
        return isFace(library.get(face.material()))
                && isFace(library.get(other.material()))
                && library.get(core.material()).has(Property.MODULUS)
                && library.get(core.material()).has(Property.SHEAR_MODULUS)
                && library.get(core.material()).has(Property.SHEAR)
                && library.get(core.material()).has(Property.COMPRESSION);
    }

    private static boolean isFace(Material face) {
        return face.has(Property.MODULUS)
                && face.has(Property.BENDING)
                && face.has(Property.COMPRESSION);
    }

    /** {@return a strip of the panel so wide (mm)} */
    public SandwichStrip strip(double widthMm) {
        return new SandwichStrip(
                face(loaded),
                new SandwichStrip.Core(
                        core.thicknessMm(), core.material().value(Property.SHEAR_MODULUS)),
                face(other),
                widthMm);
    }

    private static SandwichStrip.Face face(Sheet sheet) {
        return new SandwichStrip.Face(sheet.thicknessMm(), sheet.modulus());
    }
}
