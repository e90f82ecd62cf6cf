/**
 * Bars cut from stock lengths at the least total length bought, with the proven bound beside it.
 *
 * <p>The cutting-stock problem after Gilmore and Gomory (1961), with several stock lengths, a saw that takes
 * its kerf, trimmed ends and parts with a tolerance. Lengths in mm; sums are done in whole steps of 1/8000
 * mm, parts rounded up, stock down, bounds up by whole-number division.
 *
 * <ol>
 *   <li>Parts of one section and timber make a job; equal lengths are counted together.
 *   <li>A first answer: longest part first into the fullest bar that holds it.
 *   <li>Patterns: all of them where they are few; otherwise those that a linear program asks for, found
 *       by a knapsack on its prices. Prices are rounded to whole numbers before they prove a bound.
 *   <li>All patterns without more waste than the bound leaves are listed, turning back where no sum of
 *       parts fills what is left, and searched for a cutting that uses each part once.
 *   <li>The linear program is taken apart bar by bar; a whole-number program picks among all patterns. The
 *       best stands.
 *   <li>The bound is lifted to the next sum of stock lengths; where it meets the answer, that is proven
 *       best.
 * </ol>
 */
package pteron.core.cutting;
