/**
 * Sandwich panels that carry by themselves: any face, core and face, over their real spans.
 *
 * <p>Lengths in mm, loads in N, stresses in N/mm². A panel is taken as a strip over its shorter span;
 * two-way action is left out, which errs on the safe side.
 *
 * <ol>
 *   <li>{@link pteron.core.panel.PanelStage} finds the panels of a plan and their spans: the floor over bearers or
 *       cross-members, walls and roof without a frame.
 *   <li>{@link pteron.core.panel.PanelLoad} lists what may stand or press on them: a heel, the foot of a ladder,
 *       the edge, people all over, the wind; {@link pteron.core.panel.BedPanel} those on a bed over the cab.
 *   <li>{@link pteron.core.panel.PanelCheck} holds sag, faces, wrinkling, core in shear, core under a foot, and
 *       faces over the supports against their limits.
 *   <li>{@link pteron.core.mechanics.ScrewPull} says what a screw holds in an edge bar and in a bare face.
 * </ol>
 */
package pteron.core.panel;
