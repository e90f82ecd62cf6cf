/**
 * What a box may stand on, as measured: a trailer, a pickup's bed, a flatbed or cab-chassis.
 *
 * <p>Places along are measured as a builder measures them: back from the front edge of the deck or bed
 * (mm), so a front axle under a cab lies at a negative place. Across, right of the middle is above 0; up
 * is measured from the top of the deck, the bed's floor or the rails.
 *
 * <ol>
 *   <li>{@link pteron.core.vehicle.Vehicle} is what all kinds have: deck, running gear, steel, solids.
 *   <li>Each kind adds its own: {@link pteron.core.vehicle.Trailer} a drawbar, {@link
 *       pteron.core.vehicle.Pickup} a bed and a cab, {@link pteron.core.vehicle.Flatbed} a cab.
 *   <li>{@link pteron.core.vehicle.Solid} is whatever the box may hit; a pickup's wells, walls, tailgate
 *       and cab become solids by themselves.
 * </ol>
 */
package pteron.core.vehicle;
