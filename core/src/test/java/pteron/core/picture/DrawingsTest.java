package pteron.core.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pteron.core.balance.BalanceStation;
import pteron.core.drawing.Dimension;
import pteron.core.drawing.Drawing;
import pteron.core.drawing.Grip;
import pteron.core.drawing.LineKind;
import pteron.core.drawing.Shape;
import pteron.core.drawing.View;
import pteron.core.frame.FrameStation;
import pteron.core.geometry.Point2;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.model.Route;
import pteron.core.opening.OpeningStation;
import pteron.core.outline.OutlineStation;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.SamplePlans;
import pteron.core.plan.StartingPlans;
import pteron.core.plan.Wall;
import pteron.core.sealing.SealingStation;
import pteron.core.skin.SkinStation;
import pteron.core.station.Station;

class DrawingsTest {

    private static final BoxModel MODEL =
            BoxModel.of(SamplePlans.rakedNose(), MaterialLibrary.starting());

    @ParameterizedTest
    @EnumSource(View.class)
    void everyView_atEveryStation(View view) {
        for (Station station : Route.stations()) {
            Drawing drawing = Drawings.of(MODEL, view, station, "");
            assertThat(drawing.shapes()).as(station.key()).isNotEmpty();
            // sizes are read off flat views
            assertThat(drawing.dimensions().isEmpty())
                    .as(station.key())
                    .isEqualTo(view == View.SOLID || view == View.INSIDE);
            assertThat(drawing.bounds().width()).isPositive();
        }
    }

    private static Dimension dimension(Drawing drawing, String key) {
        return drawing.dimensions().stream()
                .filter(d -> d.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void dimensions_measureWhatTheySay() {
        for (View view : List.of(View.LEFT, View.RIGHT)) {
            Drawing drawing = Drawings.of(MODEL, view, OpeningStation.OPENINGS, "");
            for (Dimension d : drawing.dimensions()) {
                double drawn =
                        d.side().isAcross()
                                ? Math.abs(d.to().u() - d.from().u())
                                : Math.abs(d.to().v() - d.from().v());
                assertThat(drawn).as(view + " " + d.key()).isCloseTo(d.valueMm(), within(1e-6));
            }
        }
        assertThat(
                        dimension(
                                        Drawings.of(MODEL, View.LEFT, OpeningStation.OPENINGS, ""),
                                        "opening.window-b.along")
                                .valueMm())
                .isEqualTo(1480);
    }

    @Test
    void right_isMirrored_gripsGoTheOtherWay() {
        var plan = StartingPlans.square().withOpening("window-b", o -> o.withWall(Wall.RIGHT));
        BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
        Grip grip = Drawings.of(model, View.RIGHT, OpeningStation.OPENINGS, "").grips().getFirst();
        assertThat(grip.axes().moved(new Point2(10, 3))).isEqualTo(new Point2(-10, 3));
        assertThat(grip.area().toU()).isCloseTo(-1480, within(1e-6));
    }

    @Test
    void frameStation_saysHowHardMembersWork() {
        Drawing frame = Drawings.of(MODEL, View.LEFT, FrameStation.FRAME, "");
        assertThat(frame.shapes()).anyMatch(s -> s instanceof Shape.Area area && area.use() > 0.2);
        Drawing skins = Drawings.of(MODEL, View.LEFT, SkinStation.SKINS, "");
        assertThat(skins.shapes())
                .anyMatch(s -> s instanceof Shape.Line line && line.kind() == LineKind.SEAM);
        Drawing sealing = Drawings.of(MODEL, View.LEFT, SealingStation.SEALING, "");
        assertThat(sealing.shapes())
                .anyMatch(s -> s instanceof Shape.Line line && line.kind() == LineKind.JOINT);
        assertThat(sealing.shapes())
                .anyMatch(s -> s instanceof Shape.Line line && line.kind() == LineKind.TAPE);
        Drawing balance = Drawings.of(MODEL, View.LEFT, BalanceStation.BALANCE, "");
        assertThat(balance.shapes()).anyMatch(s -> s instanceof Shape.Mark);
    }

    @Test
    void brokenOutline_isStillDrawn() {
        var plan = StartingPlans.square();
        var open =
                plan.withBox(
                        plan.box()
                                .withOutline(
                                        List.of(
                                                new OutlinePoint(0, 0),
                                                new OutlinePoint(0, 2000),
                                                new OutlinePoint(4300, 2000),
                                                new OutlinePoint(4300, 500))));
        BoxModel model = BoxModel.of(open, MaterialLibrary.starting());
        for (View view : View.values()) {
            assertThat(Drawings.of(model, view, OutlineStation.OUTLINE, "").shapes()).isNotEmpty();
        }
    }
}
