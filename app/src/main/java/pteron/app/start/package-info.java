/**
 * The start screen: a plan of one's own on one page, from left to right.
 *
 * <ol>
 *   <li>{@link pteron.app.start.Beginning}: what is chosen so far, and the plan that follows.
 *   <li>{@link pteron.app.start.CarrierCard} and {@link pteron.app.start.OutlineCard}: what carries it, its shape.
 *   <li>{@link pteron.app.start.AtOnce}: the figures that come out at once.
 *   <li>{@link pteron.app.start.FinishedRow}: plans to go on with, demos to look round.
 *   <li>{@link pteron.app.start.StartScreen} puts them together.
 * </ol>
 */
package pteron.app.start;
