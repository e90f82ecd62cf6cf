/**
 * What a stage is: it says what it reads, gives one result, and is remembered by what it read.
 *
 * <ol>
 *   <li>{@link pteron.core.stage.Stage}: what it reads from a plan and from other results, and what it does.
 *   <li>{@link pteron.core.stage.Result}: figures, findings, and {@link pteron.core.stage.Part}s with mass and
 *       place.
 *   <li>{@link pteron.core.stage.Evaluation} asks for results; a stage is run when somebody needs its result, and
 *       only when what it reads has changed since the {@link pteron.core.stage.Results} before.
 *   <li>{@link pteron.core.stage.Given} is what a stage may ask.
 * </ol>
 *
 * Knows no station and no stage by name.
 */
package pteron.core.stage;
