/**
 * The Reckoner: every single sum of the trade as a small calculator by itself, with the functions that the
 * plan uses.
 *
 * <ol>
 *   <li>{@link pteron.core.reckon.Reckoner} lists the {@link pteron.core.reckon.Calculator}s by name.
 *   <li>{@link pteron.core.reckon.Inputs} takes what was typed, lengths metric or as on a tape.
 *   <li>The answer is a list of figures, each with its working.
 * </ol>
 */
package pteron.core.reckon;
