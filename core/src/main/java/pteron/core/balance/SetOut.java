package pteron.core.balance;

import java.util.Optional;
import pteron.core.found.Found;
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
 * @param found what goes into a shell that is there, empty where one is built
 */
public record SetOut(
        Frame frame, Openings openings, Skins skins, Sealing sealing, Optional<Found> found) {}
