/**
 * The plan on paper.
 *
 * <ol>
 *   <li>Views, each with the matter of the station that registered it laid over it.
 *   <li>Findings.
 *   <li>Figures of all stations, then their tables, both in the order of the work.
 * </ol>
 */
package pteron.exchange.report;
