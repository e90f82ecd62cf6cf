package pteron.core.model;

import pteron.core.frame.Frame;
import pteron.core.opening.Openings;
import pteron.core.sealing.Sealing;
import pteron.core.shell.Shell;
import pteron.core.skin.Skins;
import pteron.core.strength.Strength;

/**
 * What there is once outline and make-up are usable. Immutable.
 *
 * @param shell panels
 * @param openings doors and windows in their walls
 * @param frame members
 * @param strength how hard they work
 * @param skins sheets
 * @param sealing joints
 */
public record Built(
        Shell shell,
        Openings openings,
        Frame frame,
        Strength strength,
        Skins skins,
        Sealing sealing) {}
