package pteron.core.page;

import java.util.ArrayList;
import java.util.List;
import pteron.core.drawing.Shape.Lettering;
import pteron.core.drawing.Shape.Lettering.Stand;

/** A row of figures under a panel: from the zero to the nearer face of each upright, those that would touch in further rows. */
final class RunningRow {

    /** Places that differ by less are one figure (mm). */
    private static final double SAME_MM = 0.01;

    private final PageSheet sheet;
    private final double line;
    private final double start;
    private final List<Double> taken = new ArrayList<>();

    RunningRow(PageSheet sheet) {
        this.sheet = sheet;
        this.line = sheet.room().fromV() - 1.2 * sheet.letters();
        this.start = Math.min(sheet.page().zero().u(), sheet.room().fromU());
    }

    void draw() {
        sheet.keptLine(start, line, sheet.room().toU(), line);
        faces().forEach(this::face);
        sheet.write(
                sheet.words(start - sheet.letters(), line, "hook the tape here: 0", Stand.ENDS));
    }

    private List<Double> faces() {
        return sheet.flat()
                .filter(piece -> piece.member().isUpright())
                .map(piece -> Math.rint(piece.fromZeroMm() / SAME_MM) * SAME_MM)
                .distinct()
                .sorted()
                .toList();
    }

    private void face(double face) {
        double u = sheet.page().zero().u() + face;
        Lettering figure = figure(u, sheet.text(face));
        sheet.keptLine(u, sheet.room().fromV(), u, figure.room().toV());
        sheet.write(figure);
        sheet.reachDown(figure.room().fromV());
    }

    /** {@return a figure under the line in the first row with room for it} */
    private Lettering figure(double u, String text) {
        int row = 0;
        while (true) {
            double down = (1.1 + 1.3 * row) * sheet.letters();
            Lettering figure = sheet.words(u, line - down, text, Stand.CENTRED);
            if (row == taken.size()) {
                taken.add(Double.NEGATIVE_INFINITY);
            }
            if (taken.get(row) < figure.room().fromU()) {
                taken.set(row, figure.room().toU());
                return figure;
            }
            row++;
        }
    }
}
