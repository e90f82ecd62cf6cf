/**
 * The box taken apart into panels, flat or bent, each with the room for its frame, its skins and its filling.
 *
 * <p>Strip over sides: front, nose, roof, tail and rear lie over the edges of the two side walls, and
 * all walls stand on the floor. So the side walls' frames are the outline moved in by skin and frame
 * of the strip, and the strip's members run over the full width.
 *
 * <p>In every panel v runs along the members (studs, bows, bearers), u across them, w inward from the
 * outer face of the frame. Where two strip panels meet they are mitred or the flatter one lies over the
 * other, whichever takes the smaller bevel; for equal depths that is a mitre up to a turn of 60°. Where
 * even that would leave no timber on the short face, the edge member stays square, is set back, and the
 * wedge is packed.
 *
 * <ol>
 *   <li>Lines: every edge of the outline moved in by its layers.
 *   <li>Joints: where two bands of the strip end, outside and inside.
 *   <li>Panels: two sides, one panel for each edge of the strip, the floor with its dropped part and riser.
 *   <li>{@link pteron.core.shell.Rim}: the lower edge of a wall steps over a dropped floor, over wheels and at wings.
 *   <li>Wings with the walls below them, and boxes over the wheels.
 *   <li>Check: a wall too thick for a short or sharp piece of outline is a finding.
 * </ol>
 */
package pteron.core.shell;
