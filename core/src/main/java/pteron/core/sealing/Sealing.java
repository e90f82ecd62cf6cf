package pteron.core.sealing;

import java.util.List;
import pteron.core.figure.Figure;
import pteron.core.stage.Result;

/**
 * What is sealed with what. Immutable.
 *
 * @param joints all joints
 * @param bead bead of sealant
 * @param cartridges cartridges to buy
 * @param tapeRolls rolls of butyl tape to buy
 * @param figures metres by kind, cartridges, rolls
 */
public record Sealing(
        List<SealedJoint> joints, Bead bead, int cartridges, int tapeRolls, List<Figure> figures)
        implements Result {

    /** Copies the lists. */
    public Sealing {
        joints = List.copyOf(joints);
        figures = List.copyOf(figures);
    }

    /** {@return length of all joints of a kind (mm)} */
    public double lengthMm(JointKind kind) {
        return joints.stream()
                .filter(joint -> joint.kind() == kind)
                .mapToDouble(SealedJoint::lengthMm)
                .sum();
    }
}
