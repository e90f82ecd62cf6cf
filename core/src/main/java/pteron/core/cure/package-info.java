/**
 * Cures tried before they are offered: none leaves a worse finding than it mends.
 *
 * <ol>
 *   <li>{@link pteron.core.cure.CureTrial}: the cure of a finding tried on the model, and others in its place.
 *   <li>{@link pteron.core.cure.Candidates}: what may be tried for a finding, the nearest first.
 *   <li>{@link pteron.core.cure.Worse}: whether a plan is worse than another, by their findings.
 *   <li>{@link pteron.core.cure.NextSections}: what a member one size down or up would give.
 *   <li>{@link pteron.core.cure.Advice}: what is said where nothing can be pressed.
 * </ol>
 */
package pteron.core.cure;
