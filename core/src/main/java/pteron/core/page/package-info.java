/**
 * The page of a panel's frame: all that is marked, cut and placed, so that a wall can be built from it alone. Units are mm
 * and degrees. Places are measured along the panel (u) from its zero, the end at which the tape is hooked; heights (v) from
 * the top of the bottom plate.
 *
 * <ol>
 *   <li>{@link pteron.core.page.FramePage} numbers the members of a panel: plates first, then by place;
 *   <li>{@link pteron.core.page.Piece} tells place, long and short point, and {@link pteron.core.page.SawSetting} of each;
 *   <li>{@link pteron.core.page.PlateMarks} are the lines that are squared over both plates, side by side;
 *   <li>{@link pteron.core.page.OpeningHeights} are sills and heads;
 *   <li>{@link pteron.core.page.PageShapes} draws it, numbers placed by {@link pteron.core.drawing.LabelPlacer}.
 * </ol>
 */
package pteron.core.page;
