package pteron.core.page;

import java.util.Comparator;
import java.util.List;
import pteron.core.drawing.Shape.Lettering;
import pteron.core.drawing.Shape.Lettering.Stand;
import pteron.core.frame.Member;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Polygon2;

/** The plates laid side by side under a panel, the upper first: the line of each upright, and the X where it stands. */
final class PlateBars {

    private final PageSheet sheet;

    PlateBars(PageSheet sheet) {
        this.sheet = sheet;
    }

    void draw() {
        List<PlateMarks> plates = sheet.page().plates();
        plates.stream()
                .sorted(Comparator.comparingDouble(one -> -one.plate().member().bounds().fromV()))
                .forEach(this::plate);
        if (!plates.isEmpty()) {
            Lettering caption =
                    sheet.words(
                            sheet.room().fromU(),
                            sheet.lowest() - 1.2 * sheet.letters(),
                            "figures reach to the nearer face of a stud; it stands on the X",
                            Stand.BEGINS);
            sheet.write(caption);
            sheet.reachDown(caption.room().fromV());
        }
    }

    private void plate(PlateMarks plates) {
        Member plate = plates.plate().member();
        double top = sheet.lowest() - 1.5 * sheet.letters();
        double low = top - 1.6 * sheet.letters();
        double from = plate.bounds().fromU();
        Bounds2 bar = new Bounds2(from, from + plate.lengthMm(), low, top);
        sheet.timber(plate, Polygon2.rectangle(bar).corners());
        sheet.placer().take(bar);
        marks(plates.marks(), bar);
        sheet.write(
                sheet.words(
                        Math.min(from, sheet.room().fromU()) - sheet.letters(),
                        (top + low) / 2,
                        plates.plate().number() + ": " + plates.plate().title(),
                        Stand.ENDS));
        sheet.reachDown(low);
    }

    private void marks(List<PlateMarks.Mark> marks, Bounds2 bar) {
        double free = bar.fromU();
        for (int i = 0; i < marks.size(); i++) {
            boolean last = i + 1 == marks.size();
            double next = last ? bar.toU() : bar.fromU() + marks.get(i + 1).alongMm();
            free = mark(marks.get(i), bar, free, next);
        }
    }

    /** Draws the line and the X of an upright, its number behind it, else before it, else over it. */
    private double mark(PlateMarks.Mark mark, Bounds2 bar, double free, double next) {
        double near = bar.fromU() + mark.alongMm();
        double far = near + mark.widthMm();
        cross(near, far, bar);
        double middle = (bar.fromV() + bar.toV()) / 2;
        double gap = sheet.letters() / 5;
        String text = String.valueOf(mark.number());
        Lettering behind = sheet.words(far + gap, middle, text, Stand.BEGINS);
        if (behind.room().toU() <= next) {
            sheet.shapes().add(behind);
            return behind.room().toU();
        }
        Lettering before = sheet.words(near - gap, middle, text, Stand.ENDS);
        if (before.room().fromU() >= free) {
            sheet.shapes().add(before);
        } else {
            double over = bar.toV() + 0.6 * sheet.letters();
            sheet.writeIfFree(sheet.words((near + far) / 2, over, text, Stand.CENTRED));
        }
        return far;
    }

    private void cross(double near, double far, Bounds2 bar) {
        sheet.line(near, bar.fromV(), near, bar.toV());
        sheet.line(near, bar.fromV(), far, bar.toV());
        sheet.line(near, bar.toV(), far, bar.fromV());
        sheet.line(far, bar.fromV(), far, bar.toV());
    }
}
