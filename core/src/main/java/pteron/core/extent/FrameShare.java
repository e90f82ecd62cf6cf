package pteron.core.extent;

import java.util.Optional;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Framed.Scheme;
import pteron.core.frame.Frame;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.quantity.Require;
import pteron.core.shell.PanelKind;
import pteron.core.stage.Result;
import pteron.core.stage.Stage;

/**
 * Share of the area that members take. Immutable.
 *
 * @param walls of the walls, 0 to 1
 * @param roof of the roof, 0 to 1
 * @param counted whether it comes from the members of the frame, not from their spacing
 */
public record FrameShare(double walls, double roof, boolean counted) implements Result {

    /** Share of plates, blocks and posts beside the studs; common practice, counted on framed boxes. */
    private static final double BESIDE_STUDS = 0.06;

    /**
     * What the share reads.
     *
     * @param walls the walls
     * @param roof the roof
     * @param frame the frame, empty where none is set out
     */
    public record Input(Framed walls, Framed roof, Optional<Frame> frame) {}

    /** The stage; empty while outline or layers are unusable. */
    public static final Stage<Input, FrameShare> STAGE =
            new Stage<>(
                    FrameShare.class,
                    given ->
                            given.find(Areas.class)
                                    .map(
                                            areas ->
                                                    new Input(
                                                            given.plan().makeUp().walls(),
                                                            given.plan().makeUp().roof(),
                                                            given.find(Frame.class))),
                    input -> of(input.walls, input.roof, input.frame));

    /** {@return the share from the members of a frame, or from their spacing where there is none} */
    public static FrameShare of(Framed walls, Framed roof, Optional<Frame> frame) {
        return frame.map(built -> new FrameShare(counted(built, false), counted(built, true), true))
                .orElseGet(() -> new FrameShare(fromSpacing(walls), fromSpacing(roof), false));
    }

    /** Members as deep as the panel; blocks that reach only part of the way count in part. */
    private static double counted(Frame frame, boolean roofs) {
        double members = 0;
        double area = 0;
        for (PanelFrame panel : frame.panels()) {
            PanelKind kind = panel.panel().kind();
            boolean inside = kind == PanelKind.FLOOR || kind == PanelKind.PARTITION;
            boolean counts = !inside && kind.isRoof() == roofs;
            if (counts) {
                double depth = panel.panel().depthMm();
                area += panel.panel().frame().area();
                for (Member member : panel.members()) {
                    double part = Math.min(1, member.section().depthMm() / depth);
                    members += member.profile().area() * part;
                }
            }
        }
        return area == 0 ? 0 : Math.min(1, members / area);
    }

    /**
     * Share of members set out at a spacing.
     *
     * <pre>  f = t / s + 0.06  </pre>
     *
     * t thickness, s spacing (mm); 0.06 stands for plates, posts and blocks.
     *
     * <p>Source: geometry; 0.06 is common practice. Example: t 38, s 500 gives 0.136.
     */
    public static double fromSpacing(double thicknessMm, double spacingMm) {
        Require.positive("thickness", thicknessMm, "mm");
        Require.positive("spacing", spacingMm, "mm");
        return Math.min(1, thicknessMm / spacingMm + BESIDE_STUDS);
    }

    /** {@return the share of a build-up with no frame set out yet} */
    public static double fromSpacing(Framed framed) {
        return framed.scheme() == Scheme.FRAMELESS
                ? BESIDE_STUDS
                : fromSpacing(
                        framed.members().section().thicknessMm(), framed.members().spacingMm());
    }
}
