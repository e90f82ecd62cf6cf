package pteron.core.found;

import java.util.List;
import pteron.core.bought.FoundShell;
import pteron.core.material.MaterialLibrary;
import pteron.core.opening.Openings;
import pteron.core.plan.MakeUp;
import pteron.core.shell.Panel;

/**
 * What follows from a bought shell reads this. Immutable.
 *
 * @param found the shell as measured
 * @param makeUp the layers
 * @param widthMm outside width of the box (mm)
 * @param lengthMm its length (mm)
 * @param crossMembersMm middles of the carrier's cross-members (mm)
 * @param library the materials
 * @param panels left, right and roof
 * @param openings what is cut out of them
 */
public record FoundInput(
        FoundShell found,
        MakeUp makeUp,
        double widthMm,
        double lengthMm,
        List<Double> crossMembersMm,
        MaterialLibrary library,
        List<Panel> panels,
        Openings openings) {

    /** Copies the lists. */
    public FoundInput {
        crossMembersMm = List.copyOf(crossMembersMm);
        panels = List.copyOf(panels);
    }
}
