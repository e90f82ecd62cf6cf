/**
 * Findings, cures, workings and cautions in words that a builder reads; those of a station stand in the
 * {@code words.properties} of its package.
 *
 * <ol>
 *   <li>{@link pteron.exchange.words.FindingWords}: headline, place and sentence of a finding.
 *   <li>{@link pteron.exchange.words.CureWords}: what would mend it, short enough for a button.
 *   <li>{@link pteron.exchange.words.WorkingWords}: a working line by line.
 *   <li>{@link pteron.exchange.words.Cautions}: where people get hurt.
 * </ol>
 */
package pteron.exchange.words;
