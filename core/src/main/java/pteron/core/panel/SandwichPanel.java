package pteron.core.panel;

import pteron.core.buildup.Layer;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.material.SheetGrain;
import pteron.core.mechanics.SandwichStrip;
import pteron.core.plan.ServiceClass;

/**
 * A panel of face, core and face. Immutable.
 *
 * @param part the part of the box
 * @param loaded face that is loaded
 * @param core core
 * @param other face on the other side
 * @param service how damp its wood becomes
 */
public record SandwichPanel(
        PanelPart part, Sheet loaded, Sheet core, Sheet other, ServiceClass service) {

    /**
     * A layer with its material, seen along the span.
     *
     * @param grain material and thickness
     * @param across whether its grain runs across the span
     */
    public record Sheet(SheetGrain grain, boolean across) {

        /** {@return its material} */
        public Material material() {
            return grain.material();
        }

        /** {@return its thickness (mm)} */
        public double thicknessMm() {
            return grain.thicknessMm();
        }

        /** {@return modulus along the span when stretched (N/mm²)} */
        public double modulus() {
            return grain.stretchModulus(across);
        }

        /** {@return modulus along the span when bent (N/mm²)} */
        public double bendingModulus() {
            return grain.bendingModulus(across);
        }

        /**
         * {@return modulus with which it spreads a load on a patch, which bends it both ways (N/mm²): the mean of both
         * ways as a plate of wood on a bed, and never more than along the span}
         */
        public double patchModulus() {
            double both = Math.sqrt(grain.bendingModulus(false) * grain.bendingModulus(true));
            return Math.min(bendingModulus(), both);
        }

        /** {@return characteristic strength along the span (N/mm²)} */
        public double strength(Property property) {
            return grain.strength(property, across);
        }
    }

    /**
     * {@return a panel of three layers; a face whose grain runs across the span has its lesser moduli and strengths}
     *
     * @param span which grain runs along the span
     */
    public static SandwichPanel of(
            PanelPart part,
            Layer loaded,
            Layer core,
            Layer other,
            Layer.Grain span,
            MaterialLibrary library) {
        return new SandwichPanel(
                part,
                sheet(loaded, span, library),
                sheet(core, span, library),
                sheet(other, span, library),
                ServiceClass.COVERED);
    }

    /** {@return this panel where its wood becomes so damp} */
    public SandwichPanel in(ServiceClass damp) {
        return new SandwichPanel(part, loaded, core, other, damp);
    }

    /** {@return this panel with its other face loaded} */
    SandwichPanel turnedOver() {
        return new SandwichPanel(part, other, core, loaded, service);
    }

    /** {@return this panel with the sheets of both faces along the span, or across it} */
    SandwichPanel laid(boolean across) {
        return new SandwichPanel(
                part,
                new Sheet(loaded.grain(), across),
                core,
                new Sheet(other.grain(), across),
                service);
    }

    private static Sheet sheet(Layer layer, Layer.Grain span, MaterialLibrary library) {
        Material material = library.get(layer.material());
        return new Sheet(new SheetGrain(material, layer.thicknessMm()), layer.grain() != span);
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
        return new SandwichStrip.Face(sheet.thicknessMm(), sheet.modulus(), sheet.bendingModulus());
    }
}
