/**
 * The frame: every member of every panel, cut to length and in its place.
 *
 * <p>A member is worked out in the plane of its panel, as a flat profile of a certain depth; v runs
 * along the studs, bows or bearers. From the profile follow its length on the long side and the angle
 * of every end cut.
 *
 * <ol>
 *   <li>{@link pteron.core.frame.SettingOut}: middles of the members, so that every sheet edge falls on
 *       the middle of one, and rows where sheets meet end to end.
 *   <li>Edges: bottom plate, top plates mitred where they meet, corner posts; in a roof the end bows.
 *   <li>Backing: a further member or a row of blocks wherever a skin's edge has no timber behind it.
 *   <li>Openings: trimmers beside, header above, sill below.
 *   <li>Studs at every middle; cut short over and under openings; moved beside a trimmer where they
 *       would run into one.
 *   <li>Blocks between the members under every row.
 *   <li>Check: no two members of a panel share room; an overlap is our fault.
 * </ol>
 */
package pteron.core.frame;
