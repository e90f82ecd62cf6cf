/**
 * The model: everything that follows from a plan, worked out in the order of the work.
 *
 * <p>Cutting takes longer than a moment and is worked out beside; see {@link pteron.core.cutting}.
 *
 * <p>{@link pteron.core.model.Route} lists the stations with their stages and layers.
 *
 * <ol>
 *   <li>Outline and make-up are checked; the carrier is laid under the box.
 *   <li>Where they are usable: shell, openings, frame, strength, sheets, sealing.
 *   <li>Weight and balance.
 *   <li>All figures and findings in one list each.
 * </ol>
 *
 * A stage whose inputs did not change is taken over from the model before.
 */
package pteron.core.model;
