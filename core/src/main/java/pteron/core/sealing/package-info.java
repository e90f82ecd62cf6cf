/**
 * Joints that must be sealed, found from the geometry, and what goes into them.
 *
 * <p>Sealant is gunned into corners, panel seams and the lower edge of the skins; butyl tape goes under
 * the flanges of doors and windows. <em>Common practice.</em>
 *
 * <ol>
 *   <li>Joints: corners of the strip, edges between strip and sides, lower edge, outer seams, flanges.
 *   <li>Metres by kind.
 *   <li>Bead: metres that a cartridge gives; cartridges and rolls, with a tenth for waste.
 * </ol>
 */
package pteron.core.sealing;
