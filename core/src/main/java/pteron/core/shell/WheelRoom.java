package pteron.core.shell;

import pteron.core.buildup.Layer;
import pteron.core.buildup.Section;
import pteron.core.geometry.Bounds2;
import pteron.core.plan.BoxDetails.WheelArch;
import pteron.core.plan.MakeUp;

/**
 * The room of a wheel in the box, and what its box takes beyond it. Immutable.
 *
 * @param arch the cut-out as planned
 * @param board what closes it towards the wheel
 * @param frameMm depth of the frame behind the board (mm)
 */
record WheelRoom(WheelArch arch, Layer board, double frameMm) {

    static WheelRoom of(WheelArch arch, MakeUp makeUp) {
        return new WheelRoom(arch, makeUp.floor().bottomFace(), section(makeUp).depthMm());
    }

    /** {@return section of what the box over a wheel is framed with: the blocks', or the walls' tube} */
    static Section section(MakeUp makeUp) {
        Section walls = makeUp.walls().framing().section();
        return walls.isTube() ? walls : makeUp.blocking();
    }

    double fromMm() {
        return arch.fromMm();
    }

    double toMm() {
        return arch.fromMm() + arch.lengthMm();
    }

    double boardMm() {
        return board.thicknessMm();
    }

    /** {@return what floor and side walls leave free (x, z over the underside), the boards counted} */
    Bounds2 notch() {
        return new Bounds2(
                fromMm() - boardMm(), toMm() + boardMm(), 0, arch.heightMm() + boardMm());
    }

    /** {@return what the lining of the side wall leaves free (x, z), the frame of the box counted} */
    Bounds2 boxed() {
        Bounds2 notch = notch();
        return new Bounds2(
                notch.fromU() - frameMm, notch.toU() + frameMm, 0, notch.toV() + frameMm);
    }
}
