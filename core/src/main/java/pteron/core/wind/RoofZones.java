package pteron.core.wind;

import static pteron.core.wind.RoofForm.LEAST_RISE;

import java.util.ArrayList;
import java.util.List;
import pteron.core.geometry.Bounds2;

/**
 * Where the zones of one piece of roof lie in each direction of the wind (EN 1991-1-4, figures 7.6, 7.7, 7.8 and 7.11).
 * Corners are e/4 along an edge and e/10 deep, the strip between them e/10, what lies behind to e/2, then the rest; e is
 * the lesser of the box's width across the wind and twice its height.
 *
 * <p>A direction is laid out once, with wind onto the edge u = 0 or v = 0, and mirrored for the opposite one.
 */
final class RoofZones {

    /** Suction on the first quarter of a vault on walls: −1.2 at a rise of 0.05, +0.7 at 0.5; figure 7.11, low. */
    private static final double[] FIRST_ON_WALLS = {-1.2, 0.7};

    /** The same where it springs from the ground. */
    private static final double[] FIRST_ON_GROUND = {0.1, 0.8};

    /** Suction on the middle half of a vault at a rise of 0.05 and 0.5; figure 7.11, low. */
    private static final double[] MIDDLE = {-0.8, -1.2};

    /** Suction on the last quarter of a vault; figure 7.11, low. */
    private static final double LAST = -0.4;

    /** Rises over span between which figure 7.11 gives two values. */
    private static final double[] TWO_VALUES = {0.2, 0.3};

    /** Rise over span of the second value of figure 7.11. */
    private static final double HIGHEST_RISE = 0.5;

    /** Height of the springing over the span from which a vault counts as standing on walls. */
    private static final double ON_WALLS_FROM = 0.5;

    private final RoofFace face;
    private final double eLong;
    private final double eCross;

    /**
     * A piece of roof.
     *
     * @param face the piece
     * @param eLong e of wind along the box (mm)
     * @param eCross e of wind across it (mm)
     */
    RoofZones(RoofFace face, double eLong, double eCross) {
        this.face = face;
        this.eLong = eLong;
        this.eCross = eCross;
    }

    /** A zone and the rectangle that it takes up (u, v). */
    record Area(String name, Bounds2 place, Coefficient coefficient) {}

    /** {@return the zones of each direction of the wind} */
    List<List<Area>> directions() {
        return switch (face.form()) {
            case RoofForm.Flat flat -> both(flatAlong(), flatAcross());
            case RoofForm.OneSlope slope -> oneSlope(slope);
            case RoofForm.OneOfTwo slope -> oneOfTwo(slope);
            case RoofForm.Vault vault -> vault(vault);
        };
    }

    private static List<List<Area>> both(List<List<Area>> one, List<List<Area>> other) {
        List<List<Area>> all = new ArrayList<>(one);
        all.addAll(other);
        return all;
    }

    private List<List<Area>> flatAlong() {
        List<Area> front = strips(RoofRows.FLAT, eLong);
        return List.of(front, front.stream().map(this::turnedAlong).toList());
    }

    private List<List<Area>> flatAcross() {
        Coefficient[] c = RoofRows.FLAT;
        return fromBothSides(sideways(new Coefficient[] {c[0], c[0], c[1], c[2], c[3]}));
    }

    /** Wind onto the edge u = 0: two corners, the strip between them, behind it, and the rest. */
    private List<Area> strips(Coefficient[] c, double e) {
        double corner = Math.min(e / 4, face.widthMm() / 2);
        double deep = e / 10;
        double width = face.widthMm();
        return List.of(
                area("F", 0, deep, 0, corner, c[0]),
                area("F", 0, deep, width - corner, width, c[0]),
                area("G", 0, deep, corner, width - corner, c[1]),
                area("H", deep, e / 2, 0, width, c[2]),
                area("I", e / 2, face.lengthMm(), 0, width, c[3]));
    }

    /** Wind onto the edge v = 0: corner at u = 0, corner at the far end, the strip between them, behind it, and the rest. */
    private List<Area> sideways(Coefficient[] c) {
        double corner = Math.min(eCross / 4, face.lengthMm() / 2);
        double deep = eCross / 10;
        double length = face.lengthMm();
        double width = face.widthMm();
        return List.of(
                area("F", 0, corner, 0, deep, c[0]),
                area("F", length - corner, length, 0, deep, c[1]),
                area("G", corner, length - corner, 0, deep, c[2]),
                area("H", 0, length, deep, eCross / 2, c[3]),
                area("I", 0, length, eCross / 2, width, c[4]));
    }

    private List<List<Area>> oneSlope(RoofForm.OneSlope slope) {
        Coefficient[] low = RoofRows.ONE_LOW.at(slope.degrees());
        Coefficient[] high = RoofRows.ONE_HIGH.at(slope.degrees());
        Coefficient[] side = RoofRows.ONE_SIDE.at(slope.degrees());
        List<Area> onLow = strips(new Coefficient[] {low[0], low[1], low[2], low[2]}, eLong);
        List<Area> onHigh = strips(new Coefficient[] {high[0], high[1], high[2], high[2]}, eLong);
        List<Area> along =
                sideways(new Coefficient[] {side[1], side[0], side[2], side[3], side[4]});
        List<Area> fromHigh = onHigh.stream().map(this::turnedAlong).toList();
        return lying(slope.lowAtStart(), both(List.of(onLow, fromHigh), fromBothSides(along)));
    }

    private List<List<Area>> oneOfTwo(RoofForm.OneOfTwo slope) {
        Coefficient[] c = RoofRows.TWO_EAVE.at(slope.degrees());
        Coefficient[] side = RoofRows.TWO_SIDE.at(slope.degrees());
        List<Area> before = strips(new Coefficient[] {c[0], c[1], c[2], c[2]}, eLong);
        double ridge = face.lengthMm();
        double behind = Math.max(0, ridge - eLong / 10);
        List<Area> lee =
                List.of(
                        area("J", behind, ridge, 0, face.widthMm(), c[4]),
                        area("I", 0, behind, 0, face.widthMm(), c[3]));
        // a corner at the eave only: up to the ridge goes the strip between
        List<Area> gable =
                sideways(new Coefficient[] {side[0], side[1], side[1], side[2], side[3]});
        return lying(slope.lowAtStart(), both(List.of(before, lee), fromBothSides(gable)));
    }

    private List<List<Area>> vault(RoofForm.Vault vault) {
        double length = vault.along() ? face.lengthMm() : face.widthMm();
        double[][] parts = {
            {0, length / 4, first(vault)},
            {length / 4, 3 * length / 4, between(MIDDLE, vault.rise())},
            {3 * length / 4, length, LAST}
        };
        String[] names = {"A", "B", "C"};
        List<Area> onto = new ArrayList<>();
        for (int i = 0; i < parts.length; i++) {
            double c = parts[i][2];
            Coefficient signed = new Coefficient(Math.max(0, -c), Math.max(0, -c), Math.max(0, c));
            onto.add(
                    vault.along()
                            ? area(names[i], parts[i][0], parts[i][1], 0, face.widthMm(), signed)
                            : area(names[i], 0, face.lengthMm(), parts[i][0], parts[i][1], signed));
        }
        return vault.along()
                ? both(List.of(onto, onto.stream().map(this::turnedAlong).toList()), flatAcross())
                : both(fromBothSides(onto), flatAlong());
    }

    /**
     * First quarter: a straight line between a springing on the ground and one on walls. Where figure 7.11 gives two
     * values, for a rise from 0.2 to 0.3, the suction is that of ASCE 7, figure 27.3-3: 6 r − 2.1.
     */
    private static double first(RoofForm.Vault vault) {
        double walls = between(FIRST_ON_WALLS, vault.rise());
        if (vault.rise() >= TWO_VALUES[0] && vault.rise() <= TWO_VALUES[1]) {
            walls = Math.min(walls, 6 * vault.rise() - 2.1);
        }
        double share = Math.clamp(vault.height() / ON_WALLS_FROM, 0, 1);
        double ground = between(FIRST_ON_GROUND, vault.rise());
        return ground + share * (walls - ground);
    }

    private static double between(double[] values, double rise) {
        double share = Math.clamp((rise - LEAST_RISE) / (HIGHEST_RISE - LEAST_RISE), 0, 1);
        return values[0] + share * (values[1] - values[0]);
    }

    /** Zones laid out with the low edge at u = 0 as they lie. */
    private List<List<Area>> lying(boolean lowAtStart, List<List<Area>> directions) {
        return lowAtStart
                ? directions
                : directions.stream()
                        .map(areas -> areas.stream().map(this::turnedAlong).toList())
                        .toList();
    }

    private List<List<Area>> fromBothSides(List<Area> left) {
        return List.of(left, left.stream().map(this::turnedAcross).toList());
    }

    private Area turnedAlong(Area area) {
        Bounds2 place = area.place();
        double length = face.lengthMm();
        return new Area(
                area.name(),
                new Bounds2(
                        length - place.toU(), length - place.fromU(), place.fromV(), place.toV()),
                area.coefficient());
    }

    private Area turnedAcross(Area area) {
        Bounds2 place = area.place();
        double width = face.widthMm();
        return new Area(
                area.name(),
                new Bounds2(place.fromU(), place.toU(), width - place.toV(), width - place.fromV()),
                area.coefficient());
    }

    private static Area area(
            String name, double fromU, double toU, double fromV, double toV, Coefficient c) {
        return new Area(name, new Bounds2(fromU, toU, fromV, toV), c);
    }
}
