/**
 * Schools of building side by side: what a build-up comes to for a square metre.
 *
 * <ol>
 *   <li>{@link pteron.core.school.BuildUpSums} adds up mass, price, U and stiffness of one build-up.
 *   <li>{@link pteron.core.school.Schools} has ready-made build-ups to hold against one's own.
 *   <li>{@link pteron.core.school.SchoolStage} lists the planned build-ups and the kept alternatives.
 * </ol>
 */
package pteron.core.school;
