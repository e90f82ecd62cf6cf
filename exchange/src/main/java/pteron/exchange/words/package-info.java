/**
 * The one catalogue of sentences: findings, cures, workings and names in words that a builder reads.
 *
 * <ol>
 *   <li>{@link pteron.exchange.words.FindingWords}: headline, place and sentence of a finding.
 *   <li>{@link pteron.exchange.words.CureWords}: what would mend it, short enough for a button.
 *   <li>{@link pteron.exchange.words.WorkingWords}: a working line by line.
 *   <li>{@link pteron.exchange.words.Cautions}: where people get hurt.
 * </ol>
 */
package pteron.exchange.words;
