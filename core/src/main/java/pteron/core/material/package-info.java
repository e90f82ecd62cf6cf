/**
 * Materials and the starting library.
 *
 * <p>A {@link pteron.core.material.Material} has values, each with its source. Densities in kg/m³,
 * moduli and strengths in N/mm², conductivity in W/(m·K), sheet sizes in mm.
 *
 * <ol>
 *   <li>A plan names a material by its id.
 *   <li>{@link pteron.core.material.MaterialLibrary} finds it, or says which ids there are.
 *   <li>Sheets sold in feet are materials of their own, made from those sold by the metre; a shop offers the ones of its
 *       units.
 *   <li>A stage asks for a {@link pteron.core.material.Property}; a missing one names the material.
 * </ol>
 */
package pteron.core.material;
