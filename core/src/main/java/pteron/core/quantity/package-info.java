/**
 * Quantities and how a builder reads and writes them.
 *
 * <p>Inside Pteron there is one system: mm, N, N/mm², kg, °C, degrees for angles. The units a
 * builder sees are made here and nowhere else, when a quantity is written, and are taken apart here
 * when one is typed.
 *
 * <p>Axes, used everywhere: x from the box's front face to the rear, y to the right from the middle
 * line, z up from the deck; right-handed.
 *
 * <ol>
 *   <li>{@link pteron.core.quantity.LengthText} reads and writes a length, metric or as on a tape.
 *   <li>{@link pteron.core.quantity.Quantity} is a value with its {@link
 *       pteron.core.quantity.Unit}; it writes itself in either system.
 *   <li>{@link pteron.core.quantity.Require} refuses a wrong call, {@link
 *       pteron.core.quantity.Tolerance} says how near is equal.
 * </ol>
 */
package pteron.core.quantity;
