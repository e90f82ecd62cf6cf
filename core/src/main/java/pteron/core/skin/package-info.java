/**
 * Sheets laid out on the faces of the panels, with every seam on a member.
 *
 * <p>Sheets stand with their length along the members. The first starts at the edge of the face; each
 * next one at the farthest middle of a member that it still reaches, so that no sliver is left at the end. Where a face is longer than a
 * sheet, rows meet on a row of blocks.
 *
 * <ol>
 *   <li>Columns: seams on middles of members. Rows: seams on rows of blocks.
 *   <li>Pieces: every cell of columns and rows, cut to the face, the openings cut out.
 *   <li>Sheets to buy: pieces laid side by side on whole sheets, the widest first.
 *   <li>Check: a stretch of seam without timber behind it is a finding, past the frame of its own panel too.
 * </ol>
 */
package pteron.core.skin;
