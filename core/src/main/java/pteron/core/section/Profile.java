package pteron.core.section;

/** A cross-section with its values; the depth stands upright, the width lies level. */
public sealed interface Profile permits Bar, Tube, Angle, Channel {

    /** {@return area of the material (mm²)} */
    double areaMm2();

    /** {@return second moment of area about the level axis through the centre of area (mm⁴): bent by a load from above} */
    double inertiaMm4();

    /** {@return second moment of area about the upright axis through the centre of area (mm⁴)} */
    double sideInertiaMm4();

    /** {@return torsion constant (mm⁴), ends free to warp} */
    double torsionMm4();

    /**
     * Mass per metre.
     *
     * <pre>  m = A · density / 10⁶  </pre>
     *
     * <p>Source: geometry. Example: 541 mm² of steel at 7850 kg/m³ gives 4.247 kg/m.
     *
     * @param density in kg/m³
     * @return mass (kg/m)
     */
    default double kgPerMetre(double density) {
        return areaMm2() * density / 1e6;
    }
}
