package pteron.core.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

/** Rows of dimensions that follow one another. */
class DimensionRowsTest {

    private static final double FIGURE = 100;

    @Test
    void longOnes_shareTheFirstRow() {
        DimensionRows rows = new DimensionRows(FIGURE);
        assertThat(rows.row(0, 200)).isZero();
        assertThat(rows.row(200, 500)).isZero();
        assertThat(rows.count()).isEqualTo(1);
    }

    /** A short one stands before its line, and so does the next: one row each. */
    @Test
    void shortOnes_goFartherOut() {
        DimensionRows rows = new DimensionRows(FIGURE);
        assertThat(rows.row(0, 300)).isZero();
        assertThat(rows.row(300, 320)).isEqualTo(1);
        assertThat(rows.row(320, 340)).isEqualTo(2);
        assertThat(rows.row(340, 700)).isZero();
    }

    /** At the left edge there is no room before it: the figure stands behind. */
    @Test
    void shortOneAtTheEdge_keepsRoomBehindIt() {
        DimensionRows rows = new DimensionRows(FIGURE);
        assertThat(rows.row(0, 50)).isZero();
        assertThat(rows.row(50, 250)).isEqualTo(1);
        assertThat(rows.row(250, 400)).isZero();
    }

    private record Span(double from, double to, int row) {}

    /** What a figure or its line takes is never taken twice in a row. */
    @Property(tries = 200, seed = "20261126")
    void nothingLiesOnAnother(
            @ForAll @Size(min = 1, max = 15)
                    List<@DoubleRange(min = 1, max = 600) Double> lengths) {
        DimensionRows rows = new DimensionRows(FIGURE);
        List<Span> taken = new ArrayList<>();
        double at = 0;
        for (double length : lengths) {
            int row = rows.row(at, at + length);
            boolean tooShort = length < FIGURE;
            double from = tooShort && at >= FIGURE ? at - FIGURE : at;
            double to = tooShort && at < FIGURE ? at + length + FIGURE : at + length;
            assertThat(taken)
                    .noneMatch(span -> span.row() == row && span.from() < to && from < span.to());
            taken.add(new Span(from, to, row));
            at += length;
        }
        assertThat(rows.count())
                .isEqualTo(taken.stream().mapToInt(Span::row).max().orElseThrow() + 1);
    }
}
