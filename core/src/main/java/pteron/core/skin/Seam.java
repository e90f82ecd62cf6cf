package pteron.core.skin;

import pteron.core.geometry.Segment2;
import pteron.core.shell.Panel;
import pteron.core.shell.Skin;

/**
 * Where two pieces of a skin meet. Immutable.
 *
 * @param panel where it lies
 * @param skin the face it lies in
 * @param line the seam (u, v of the panel)
 * @param backed whether there is timber behind all of it
 */
public record Seam(Panel panel, Skin skin, Segment2 line, boolean backed) {}
