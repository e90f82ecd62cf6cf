package pteron.core.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import pteron.core.geometry.Lines;
import pteron.core.geometry.Point2;

class EdgeAndCornerTest {

    private static final double EXACT = 1e-9;

    private static Edge edge(double fromX, double fromZ, double toX, double toZ) {
        return new Edge(1, EdgeKind.ROOF, new Point2(fromX, fromZ), new Point2(toX, toZ));
    }

    @ParameterizedTest
    @CsvSource({
        "0,0,0,1000,90,90",
        "0,0,1000,0,0,0",
        "0,1000,0,0,-90,90",
        "0,0,1000,1000,45,45",
        "1000,0,0,1000,135,45"
    })
    void rise_andSteepness(double x1, double z1, double x2, double z2, double rise, double steep) {
        Edge edge = edge(x1, z1, x2, z2);
        assertThat(edge.riseDegrees()).isCloseTo(rise, within(EXACT));
        assertThat(edge.steepnessDegrees()).isCloseTo(steep, within(EXACT));
    }

    /** The box lies on the right of the walk: under a roof walked to the rear. */
    @Test
    void line_hasTheBoxOnItsRight() {
        Edge roof = edge(0, 2000, 4000, 2000);
        assertThat(Lines.leftDistance(roof.line(), new Point2(1000, 1000))).isNegative();
        assertThat(roof.line().movedRight(100).origin().v()).isCloseTo(1900, within(EXACT));
    }

    @Test
    void length_byPythagoras() {
        assertThat(edge(0, 0, 300, 400).lengthMm()).isCloseTo(500, within(EXACT));
    }

    @Test
    void mitre_awayFromTheBox_isHalfTheTurnToo() {
        assertThat(new Corner(new Point2(0, 0), -30).mitreDegrees()).isEqualTo(15);
        assertThat(new Corner(new Point2(0, 0), 90).mitreDegrees()).isEqualTo(45);
    }

    /** The two faces of an upright differ by its thickness times the slope. */
    @Property(seed = "20261126")
    void upright_facesFollowTheSlope(
            @ForAll @DoubleRange(min = 100, max = 3000) double front,
            @ForAll @DoubleRange(min = 12, max = 150) double thickness,
            @ForAll @DoubleRange(min = -80, max = 80) double slope) {
        Upright upright = Upright.under(front, thickness, slope);
        double angle = Math.toDegrees(Math.atan2(upright.rearFaceMm() - front, thickness));
        assertThat(angle).isCloseTo(slope, within(1e-6));
        assertThat(upright.longSideMm()).isGreaterThanOrEqualTo(front);
    }
}
