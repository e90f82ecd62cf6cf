/**
 * What glues what.
 *
 * <ol>
 *   <li>{@link pteron.core.glue.Substrate} is what a glue sees of a material.
 *   <li>{@link pteron.core.glue.Glue} knows what it holds, what it eats, coats, coverage and times; {@link
 *       pteron.core.glue.GlueTable} lists them. All of it is common practice; the tin's label governs.
 *   <li>{@link pteron.core.glue.GlueStage} gives every joint of a build-up its glue, says how much, and names
 *       joints whose glue does not hold or eats the foam.
 * </ol>
 */
package pteron.core.glue;
