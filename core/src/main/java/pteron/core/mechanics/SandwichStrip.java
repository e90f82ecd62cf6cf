package pteron.core.mechanics;

import pteron.core.quantity.Require;

/**
 * A strip of sandwich: two faces and a core. Immutable.
 *
 * @param top upper face
 * @param core foam between
 * @param bottom lower face
 * @param widthMm width of the strip b (mm), above 0
 */
public record SandwichStrip(Face top, Core core, Face bottom, double widthMm) {

    /** Least d/t for the formulas of thin faces: there their own bending is 1 % (Allen 1969). */
    public static final double THIN_FACES_FROM = 5.77;

    /** Checks the width. */
    public SandwichStrip {
        Require.positive("strip width", widthMm, "mm");
    }

    /**
     * A face.
     *
     * @param thicknessMm t (mm), above 0
     * @param modulus E along the span with which it is stretched (N/mm²), above 0
     * @param bendingModulus E along the span with which it is bent by itself (N/mm²), above 0
     */
    public record Face(double thicknessMm, double modulus, double bendingModulus) {
        /** Checks all. */
        public Face {
            Require.positive("face thickness", thicknessMm, "mm");
            Require.positive("face modulus", modulus, "N/mm²");
            Require.positive("face modulus in bending", bendingModulus, "N/mm²");
        }

        /** A face that is as stiff in bending as when it is stretched. */
        public Face(double thicknessMm, double modulus) {
            this(thicknessMm, modulus, modulus);
        }

        double stretch() {
            return modulus * thicknessMm;
        }

        double ownBending() {
            return bendingModulus * Math.pow(thicknessMm, 3) / 12;
        }
    }

    /**
     * A core.
     *
     * @param thicknessMm c (mm), above 0
     * @param shearModulus G (N/mm²), above 0
     */
    public record Core(double thicknessMm, double shearModulus) {
        /** Checks both. */
        public Core {
            Require.positive("core thickness", thicknessMm, "mm");
            Require.positive("core shear modulus", shearModulus, "N/mm²");
        }
    }

    /** {@return distance between the middles of the faces d (mm)} */
    public double leverMm() {
        return core.thicknessMm() + (top.thicknessMm() + bottom.thicknessMm()) / 2;
    }

    /** {@return lever over the thicker face; below {@link #THIN_FACES_FROM} the faces are thick} */
    public double leverToFace() {
        return leverMm() / Math.max(top.thicknessMm(), bottom.thicknessMm());
    }

    /**
     * Bending stiffness by stretch of the faces.
     *
     * <pre>  D0 = b · d² · E1 t1 · E2 t2 / (E1 t1 + E2 t2)  </pre>
     *
     * <p>Source: Allen 1969, ch. 2; equal faces give E t d² b / 2. Example: t 6, E 9000, c 30, b 300 gives
     * 1.04976e10 N·mm².
     *
     * @return stiffness (N·mm²)
     */
    public double coupleStiffness() {
        double together = top.stretch() * bottom.stretch() / (top.stretch() + bottom.stretch());
        return widthMm * leverMm() * leverMm() * together;
    }

    /**
     * Bending stiffness of the faces by themselves.
     *
     * <pre>  Df = b · (E1 t1³ + E2 t2³) / 12  </pre>
     *
     * <p>Source: Allen 1969, ch. 2. Example: t 6, E 9000, b 300 gives 9.72e7 N·mm².
     *
     * @return stiffness (N·mm²)
     */
    public double faceStiffness() {
        return widthMm * (top.ownBending() + bottom.ownBending());
    }

    /**
     * Shear stiffness of the core.
     *
     * <pre>  S = b · G · d² / c  </pre>
     *
     * <p>Source: Allen 1969; ASTM D7250 writes it U. Example: G 4.5, c 30, t 6, b 300 gives 58320 N.
     *
     * @return stiffness (N)
     */
    public double shearStiffness() {
        return widthMm * core.shearModulus() * leverMm() * leverMm() / core.thicknessMm();
    }

    /**
     * Stress at which a face wrinkles.
     *
     * <pre>  s = 0.5 · (Ef · Ec · Gc)^(1/3)  </pre>
     *
     * A design value: half of what theory gives for perfect faces.
     *
     * <p>Source: Hoff and Mautner 1945; Zenkert. Example: Ef 9000, Ec 12, Gc 4.5 gives 39.31 N/mm².
     *
     * @param faceModulus Ef (N/mm²)
     * @param coreModulus Ec (N/mm²)
     * @param coreShearModulus Gc (N/mm²)
     */
    public static double wrinklingStress(
            double faceModulus, double coreModulus, double coreShearModulus) {
        Require.positive("face modulus", faceModulus, "N/mm²");
        Require.positive("core modulus", coreModulus, "N/mm²");
        Require.positive("core shear modulus", coreShearModulus, "N/mm²");
        return 0.5 * Math.cbrt(faceModulus * coreModulus * coreShearModulus);
    }
}
