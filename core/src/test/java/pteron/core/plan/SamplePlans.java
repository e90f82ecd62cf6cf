package pteron.core.plan;

import java.util.List;

/** Boxes that tests ask more of than the square one. */
public final class SamplePlans {

    private static final double HEIGHT = 2160;
    private static final double LENGTH = 4300;

    private SamplePlans() {}

    /** {@return a box with a raked nose} */
    public static BoxPlan rakedNose() {
        return plan(
                "Raked nose",
                new OutlinePoint(0, 0),
                new OutlinePoint(0, 950),
                new OutlinePoint(560, HEIGHT),
                new OutlinePoint(LENGTH, HEIGHT),
                new OutlinePoint(LENGTH, 0));
    }

    /** {@return a box with a raked nose and a sloped tail} */
    public static BoxPlan slopedTail() {
        return plan(
                "Sloped tail",
                new OutlinePoint(0, 0),
                new OutlinePoint(0, 950),
                new OutlinePoint(560, HEIGHT),
                new OutlinePoint(3500, HEIGHT),
                new OutlinePoint(LENGTH, 1300),
                new OutlinePoint(LENGTH, 0));
    }

    private static BoxPlan plan(String name, OutlinePoint... outline) {
        BoxPlan square = StartingPlans.square();
        return square.withName(name).withBox(square.box().withOutline(List.of(outline)));
    }
}
