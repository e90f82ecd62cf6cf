package pteron.core.balance;

import pteron.core.frame.Frame;
import pteron.core.opening.Openings;
import pteron.core.sealing.Sealing;
import pteron.core.skin.Skins;

/**
 * What is set out and weighed part by part. Immutable.
 *
 * @param frame members
 * @param openings doors and windows
 * @param skins sheets
 * @param sealing joints
 */
public record SetOut(Frame frame, Openings openings, Skins skins, Sealing sealing) {}
