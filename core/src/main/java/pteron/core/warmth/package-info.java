/**
 * Warmth and dryness of floor, walls and roof, and of the whole box in a winter's night.
 *
 * <p>Temperatures in °C, differences in K, resistances in m²·K/W, transmittances in W/(m²·K), vapour
 * pressures in Pa. Layers are listed from the inside to the outside.
 *
 * <ol>
 *   <li>{@link pteron.core.warmth.WarmWalls} turns a build-up into layers, each with what stands in the bay, in
 *       the member and in the gap round the foam.
 *   <li>{@link pteron.core.warmth.WarmWall} answers R and U by ISO 6946, or by the two-dimensional section where the frame
 *       is of metal, and the temperatures between the layers.
 *   <li>{@link pteron.core.warmth.Vapour} answers by ISO 13788 whether and where water condenses.
 *   <li>{@link pteron.core.warmth.NightAir} answers how damp people make the air.
 *   <li>{@link pteron.core.warmth.WarmthStage} puts figures and findings together, and the heat that the box
 *       loses.
 * </ol>
 */
package pteron.core.warmth;
