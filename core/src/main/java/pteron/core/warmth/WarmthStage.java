package pteron.core.warmth;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import pteron.core.extent.Areas;
import pteron.core.extent.FrameShare;
import pteron.core.figure.Cure;
import pteron.core.figure.Figure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.inside.Inside;
import pteron.core.makeup.MakeUpStation;
import pteron.core.material.MaterialLibrary;
import pteron.core.plan.Climate;
import pteron.core.plan.MakeUp;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.stage.Stage;

/** Works out how warm and dry floor, walls, roof and the whole box are. */
public final class WarmthStage {

    /** Water in a month from which layers suffer (g/m²): ISO 13788 and DIN 4108-3, from memory. */
    static final double MOST_GRAMS = 200;

    private WarmthStage() {}

    /**
     * What warmth reads.
     *
     * @param makeUp the layers
     * @param climate the night
     * @param library the materials
     * @param share share of the members
     * @param areas areas of the parts
     * @param roomM3 room inside (m³), 0 where the layers fill the box
     */
    public record Input(
            MakeUp makeUp,
            Climate climate,
            MaterialLibrary library,
            FrameShare share,
            Areas areas,
            double roomM3) {}

    /** The stage. */
    public static final Stage<Input, Warmth> STAGE =
            new Stage<>(
                    Warmth.class,
                    given ->
                            given.find(Areas.class)
                                    .map(
                                            areas ->
                                                    new Input(
                                                            given.plan().makeUp(),
                                                            given.plan().climate(),
                                                            given.library(),
                                                            given.get(FrameShare.class),
                                                            areas,
                                                            given.get(Inside.class).volumeM3())),
                    WarmthStage::of);

    /** {@return warmth and dryness; parts of unknown materials are left out} */
    public static Warmth of(Input plan) {
        FrameShare share = plan.share;
        double roomM3 = plan.roomM3;
        List<WarmWall> walls = walls(plan.makeUp(), share, plan.library);
        Climate climate = plan.climate();
        List<Vapour> vapours = walls.stream().map(wall -> Vapour.of(wall, climate)).toList();
        List<Figure> figures = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        for (int i = 0; i < walls.size(); i++) {
            figures.addAll(WallFigures.of(walls.get(i), vapours.get(i), climate, share.counted()));
            wet(walls.get(i), vapours.get(i), findings);
        }
        if (roomM3 > 0 && walls.size() == 3) {
            HeatLoss loss = HeatLoss.of(walls, plan.areas, climate, roomM3);
            figures.addAll(loss.figures(walls, plan.areas));
            NightAir night = NightAir.of(climate, roomM3);
            figures.addAll(NightFigures.of(night, climate, roomM3));
            walls.forEach(wall -> cold(wall, climate, night, findings));
        }
        return new Warmth(walls, vapours, figures, findings);
    }

    private static List<WarmWall> walls(MakeUp makeUp, FrameShare share, MaterialLibrary library) {
        List<WarmWall> walls = new ArrayList<>();
        if (WarmWalls.isKnown(makeUp.floor(), library)) {
            walls.add(WarmWalls.of(makeUp.floor(), library));
        }
        if (WarmWalls.isKnown(makeUp.walls(), library)) {
            walls.add(WarmWalls.of("walls", makeUp.walls(), share.walls(), library));
        }
        if (WarmWalls.isKnown(makeUp.roof(), library)) {
            walls.add(WarmWalls.of("roof", makeUp.roof(), share.roof(), library));
        }
        return walls;
    }

    private static void wet(WarmWall wall, Vapour vapour, List<Finding> findings) {
        if (vapour.gramsPerMonth() > MOST_GRAMS) {
            Vapour.Place worst =
                    vapour.places().stream()
                            .max(Comparator.comparing(Vapour.Place::gramsPerMonth))
                            .orElseThrow();
            String layer = wall.layers().get(worst.interfaceIndex() - 1).name();
            findings.add(
                    new Finding(
                            "WATER_BETWEEN_LAYERS",
                            Severity.WATCH,
                            Place.of(MakeUpStation.MAKE_UP, wall.part() + ", behind " + layer),
                            new Quantity(vapour.gramsPerMonth(), Unit.GRAM_PER_SQUARE_METRE),
                            Limit.atMost(new Quantity(MOST_GRAMS, Unit.GRAM_PER_SQUARE_METRE)),
                            Cure.advice(
                                    "VAPOUR_BARRIER_INSIDE",
                                    new Quantity(
                                            vapour.gramsPerMonth(), Unit.GRAM_PER_SQUARE_METRE))));
        }
    }

    private static void cold(
            WarmWall wall, Climate climate, NightAir night, List<Finding> findings) {
        double coldest = wall.coldest(climate);
        if (coldest < night.dewPoint()) {
            findings.add(
                    new Finding(
                            "SURFACE_UNDER_DEW_POINT",
                            Severity.WATCH,
                            Place.of(MakeUpStation.MAKE_UP, wall.part()),
                            new Quantity(coldest, Unit.CELSIUS),
                            Limit.atLeast(new Quantity(night.dewPoint(), Unit.CELSIUS)),
                            Cure.advice(
                                    wall.metalFrame() ? "PACK_OVER_METAL" : "MORE_AIR_OR_FOAM",
                                    new Quantity(night.dewPoint() - coldest, Unit.KELVIN))));
        }
    }
}
