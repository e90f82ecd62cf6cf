/**
 * Bars cut from stock lengths at the least total length bought, with the proven bound beside it.
 *
 * <p>The cutting-stock problem after Gilmore and Gomory (1961), with several stock lengths and a saw that
 * takes its kerf. Lengths in mm; sums are done in whole tenths of a millimetre, parts rounded up and
 * stock down.
 *
 * <ol>
 *   <li>Parts of one section and timber make a job; equal lengths are counted together.
 *   <li>A first answer: longest part first into the fullest bar that holds it.
 *   <li>Patterns: all of them where they are few; otherwise those that a linear program asks for, found
 *       by a knapsack on its prices. Its value is a bound from below that no cutting can beat.
 *   <li>A whole-number program picks patterns; the better of the two answers stands.
 *   <li>The bound is lifted to the next sum of stock lengths; where it meets the answer, that is proven
 *       best.
 * </ol>
 */
package pteron.core.cutting;
