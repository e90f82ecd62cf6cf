/**
 * A shell that is there: a bought cargo trailer or box truck as it was found.
 *
 * <ol>
 *   <li>{@link pteron.core.bought.RibRow} tells where posts and bows stand, bay by bay.
 *   <li>{@link pteron.core.bought.Damage} is a place that has to be mended.
 *   <li>{@link pteron.core.bought.FoundShell} is all of it: what was measured, never what is built.
 * </ol>
 */
package pteron.core.bought;
