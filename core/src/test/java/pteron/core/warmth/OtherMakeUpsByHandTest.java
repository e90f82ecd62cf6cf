package pteron.core.warmth;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Framed.Fit;
import pteron.core.buildup.Framed.Scheme;
import pteron.core.buildup.Layer;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.material.Material;
import pteron.core.material.Material.Sourced;
import pteron.core.material.MaterialLibrary;
import pteron.core.material.Property;
import pteron.core.plan.Climate;
import pteron.core.warmth.WarmLayer.Path;

/** Resistances of make-ups with further layers, packing, proud foam, tubes or no frame, by hand from d/λ. */
class OtherMakeUpsByHandTest {

    private static final MaterialLibrary LIBRARY = MaterialLibrary.starting();

    private static final Framed STUDS =
            new Framed(
                    new Layer("aluminium", 1.5),
                    new Layer("xps", 63),
                    new Layer("poplar-ply", 5),
                    new Members(new Section(38, 63), 450, "c24"));

    /** Surfaces of a wall, 5 mm of 0.12 and 1.5 mm of 160. */
    private static final double ROUND_ABOUT = 0.13 + 0.005 / 0.12 + 0.0015 / 160 + 0.04;

    private static double resistance(Framed framed, Path path) {
        return WarmWalls.of("walls", framed, 0.2, LIBRARY).resistance(path);
    }

    /** 20 mm of cork on 0.06 make a finish; every layer counts. */
    @Test
    void floor_withTwoFinishes() {
        Floor floor =
                new Floor(
                                new Layer("birch-ply", 9),
                                new Layer("xps", 30),
                                new Layer("birch-ply", 6.5),
                                new Members(new Section(45, 45), 400, "c24"))
                        .withFinish(List.of(new Layer("cork-floor", 20), new Layer("vinyl", 2)));
        WarmWall wall = WarmWalls.of(floor, LIBRARY);
        double hand = 0.17 + 0.002 / 0.17 + 0.020 / 0.06 + 0.0155 / 0.17 + 0.030 / 0.034 + 0.04;
        assertThat(wall.resistance()).isCloseTo(hand, within(1e-9));
        assertThat(wall.layers())
                .extracting(WarmLayer::key)
                .containsExactly(
                        "floor.finish.1",
                        "floor.finish.0",
                        "floor.topFace",
                        "floor.core",
                        "floor.bottomFace");
    }

    /** Felt of 0.23 outside of the frame, batts of 0.037 inside of it: both count on every path, in their order. */
    @Test
    void furtherLayers_countOnEveryPath() {
        Framed framed =
                STUDS.withOutside(List.of(new Layer("bitumen-felt", 2), new Layer("breather", 0.5)))
                        .withInside(
                                List.of(new Layer("wool-batt", 10), new Layer("vapour-film", 0.2)));
        double more = 0.002 / 0.23 + 0.0005 / 0.20 + 0.010 / 0.037 + 0.0002 / 0.33;
        assertThat(resistance(framed, Path.BAY))
                .isCloseTo(ROUND_ABOUT + more + 0.063 / 0.034, within(1e-9));
        assertThat(resistance(framed, Path.MEMBER))
                .isCloseTo(ROUND_ABOUT + more + 0.063 / 0.13, within(1e-9));
        assertThat(resistance(framed, Path.GAP))
                .isCloseTo(ROUND_ABOUT + more + 0.063 / 0.036, within(1e-9));
        assertThat(WarmWalls.of("walls", framed, 0.2, LIBRARY).layers())
                .extracting(WarmLayer::key)
                .containsExactly(
                        "walls.innerSkin",
                        "walls.inside.1",
                        "walls.inside.0",
                        "walls.insulation",
                        "walls.outside.1",
                        "walls.outside.0",
                        "walls.outerSkin");
    }

    /** Foam of 80 mm in a frame of 63: 17 mm of tape (0.040) over the studs, of foam where it stands proud. */
    @Test
    void foamOverTheFrame_isPackedOrProud() {
        Framed thick = STUDS.withInsulation(new Layer("xps", 80));
        Framed packed = thick.withFit(Fit.USUAL.withOver(Fit.Over.PACKED));
        Framed proud = thick.withFit(Fit.USUAL.withOver(Fit.Over.PROUD));
        double stud = ROUND_ABOUT + 0.063 / 0.13;
        assertThat(resistance(packed, Path.MEMBER)).isCloseTo(stud + 0.017 / 0.040, within(1e-9));
        assertThat(resistance(proud, Path.MEMBER)).isCloseTo(stud + 0.017 / 0.034, within(1e-9));
        for (Framed framed : List.of(packed, proud)) {
            assertThat(resistance(framed, Path.BAY))
                    .isCloseTo(ROUND_ABOUT + 0.080 / 0.034, within(1e-9));
        }
        assertThat(resistance(thick, Path.BAY))
                .as("flush: what is too thick is pressed in")
                .isCloseTo(ROUND_ABOUT + 0.063 / 0.034, within(1e-9));
    }

    /** A bonded panel has no gaps and its edge bars are of timber. */
    @Test
    void frameless_hasNoGaps() {
        Framed panel = STUDS.withScheme(Scheme.FRAMELESS).withInsulation(new Layer("xps", 40));
        WarmWall wall = WarmWalls.of("roof", panel, 0.05, LIBRARY);
        assertThat(wall.gapShare()).isZero();
        assertThat(wall.metalFrame()).isFalse();
        assertThat(wall.resistance(Path.BAY))
                .isCloseTo(ROUND_ABOUT - 0.13 + 0.10 + 0.040 / 0.034, within(1e-9));
    }

    /** Two gaps of 6 mm beside a bay of 412 mm, over what the members leave; a bay of nothing has none. */
    @Test
    void gaps_byHand() {
        assertThat(WarmWalls.of("walls", STUDS, 0.2, LIBRARY).gapShare())
                .isCloseTo(12.0 / 412 * 0.8, within(1e-9));
        Framed close = STUDS.withMembers(new Members(new Section(100, 63), 100, "c24"));
        assertThat(WarmWalls.of("walls", close, 1, LIBRARY).gapShare()).isZero();
        Framed wide = STUDS.withMembers(new Members(new Section(90, 63), 100, "c24"));
        assertThat(WarmWalls.of("walls", wide, 0.9, LIBRARY).gapShare())
                .as("gaps of twelve in a bay of ten take all of it")
                .isCloseTo(0.1, within(1e-9));
    }

    private static final Members TUBE = new Members(new Section(40, 63, 3), 450, "alu-6061");

    /**
     * The warm face of a tube, lining and 17 mm of packing before it, by hand: webs 6 of 40 mm, the rest two walls
     * of 3 mm at 167 and 57 mm of still air at 0.18.
     */
    @Test
    void metal_warmFaceByHand() {
        double webs = 6.0 / 40;
        double tube = 1 / (webs / (0.063 / 167) + (1 - webs) / (0.006 / 167 + 0.18));
        Framed framed =
                STUDS.withMembers(TUBE)
                        .withScheme(Scheme.TUBE)
                        .withInsulation(new Layer("xps", 80))
                        .withFit(Fit.USUAL.withOver(Fit.Over.PACKED));
        WarmWall wall = WarmWalls.of("walls", framed, 0.1, LIBRARY);
        double packing = 0.017 / 0.040;
        double all = ROUND_ABOUT + packing + tube;
        assertThat(wall.resistance(Path.MEMBER)).isCloseTo(all, within(1e-9));
        double hand = 20 - 25 * (0.13 + 0.005 / 0.12 + packing) / all;
        Climate climate = Climate.USUAL;
        double told =
                WallFigures.of(wall, Vapour.of(wall, climate), climate, false).stream()
                        .filter(f -> f.key().equals("make-up.walls-metal"))
                        .findFirst()
                        .orElseThrow()
                        .value();
        assertThat(told).isCloseTo(hand, within(1e-6));
        MetalBar bar = wall.metal().orElseThrow();
        assertThat(bar.wallMm()).isEqualTo(3);
        assertThat(wall.layers().stream().filter(bar::standsIn))
                .extracting(WarmLayer::thicknessMm)
                .containsExactly(63.0);
    }

    /** Solid metal leads by its own conductivity; timber with a tube's section and without that scheme too. */
    @Test
    void solidMetal_andTubeOfTimber() {
        Framed solid =
                STUDS.withMembers(TUBE.withSection(new Section(40, 63))).withScheme(Scheme.TUBE);
        WarmWall wall = WarmWalls.of("walls", solid, 0.1, LIBRARY);
        assertThat(wall.metal().orElseThrow().wallMm()).isZero();
        assertThat(wall.resistance(Path.MEMBER)).isCloseTo(ROUND_ABOUT + 0.063 / 167, within(1e-9));
        Framed studs = STUDS.withMembers(TUBE);
        assertThat(WarmWalls.of("walls", studs, 0.1, LIBRARY).metalFrame()).isFalse();
        assertThat(resistance(studs, Path.MEMBER))
                .isCloseTo(ROUND_ABOUT + 0.063 / 167, within(1e-9));
    }

    /** Where no metal stands in the wall, or nothing but metal, ISO 6946 holds and nothing is solved. */
    @Test
    void withoutTwoDimensions_theLimitsHold() {
        WarmWall wall =
                WarmWalls.of(
                        "walls", STUDS.withMembers(TUBE).withScheme(Scheme.TUBE), 0.1, LIBRARY);
        for (double share : new double[] {0, 1}) {
            WarmWall even =
                    new WarmWall("walls", wall.layers(), share, 0, wall.surfaces(), wall.metal());
            Path only = share == 0 ? Path.BAY : Path.MEMBER;
            assertThat(even.resistance()).isCloseTo(even.resistance(only), within(1e-9));
        }
        WarmWall elsewhere =
                new WarmWall(
                        "walls",
                        wall.layers(),
                        0.1,
                        0,
                        wall.surfaces(),
                        Optional.of(new MetalBar(40, 0, 20, new WarmLayer.Stuff(20, 1))));
        assertThat(elsewhere.resistance())
                .isCloseTo((elsewhere.upperLimit() + elsewhere.lowerLimit()) / 2, within(1e-9));
        double mean = (wall.upperLimit() + wall.lowerLimit()) / 2;
        assertThat(Math.abs(wall.resistance() / mean - 1)).isGreaterThan(0.01);
    }

    private static MaterialLibrary without(String id, Property property) {
        Material whole = LIBRARY.get(id);
        Map<Property, Sourced> values = new EnumMap<>(whole.values());
        values.remove(property);
        return LIBRARY.with(List.of(new Material(id, whole.name(), whole.kind(), values)));
    }

    private static Framed rich() {
        return STUDS.withInsulation(new Layer("xps", 80))
                .withFit(Fit.USUAL.withOver(Fit.Over.PACKED))
                .withOutside(List.of(new Layer("bitumen-felt", 2)))
                .withInside(List.of(new Layer("vapour-film", 0.2)));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "aluminium",
                "xps",
                "poplar-ply",
                "c24",
                "bitumen-felt",
                "vapour-film",
                "closed-cell-tape"
            })
    void wall_isKnown_onlyByAllOfItsLayers(String id) {
        assertThat(WarmWalls.isKnown(rich(), LIBRARY)).isTrue();
        for (Property property : List.of(Property.CONDUCTIVITY, Property.VAPOUR)) {
            assertThat(WarmWalls.isKnown(rich(), without(id, property))).as(id).isFalse();
        }
        assertThat(WarmWalls.isKnown(rich(), without(id, Property.DENSITY))).isTrue();
    }

    /** What is not built in is not asked for: the packing of a flush frame. */
    @ParameterizedTest
    @EnumSource(Fit.Over.class)
    void packing_isAskedForWhereThereIsSome(Fit.Over over) {
        Framed thin = STUDS.withFit(Fit.USUAL.withOver(over));
        MaterialLibrary noTape = without("closed-cell-tape", Property.CONDUCTIVITY);
        assertThat(WarmWalls.isKnown(thin, noTape)).isTrue();
        assertThat(WarmWalls.isKnown(rich().withFit(thin.fit()), noTape))
                .isEqualTo(over == Fit.Over.FLUSH);
    }

    @ParameterizedTest
    @ValueSource(strings = {"birch-ply", "xps", "poplar-ply", "vinyl"})
    void floor_isKnown_onlyByAllOfItsLayers(String id) {
        Floor floor =
                new Floor(
                                new Layer("birch-ply", 9),
                                new Layer("xps", 30),
                                new Layer("poplar-ply", 6),
                                new Members(new Section(45, 45), 400, "c24"))
                        .withFinish(List.of(new Layer("vinyl", 2)));
        assertThat(WarmWalls.isKnown(floor, LIBRARY)).isTrue();
        assertThat(WarmWalls.isKnown(floor, without(id, Property.CONDUCTIVITY))).isFalse();
        assertThat(WarmWalls.isKnown(floor.withCore(new Layer("no-such", 30)), LIBRARY)).isFalse();
    }
}
