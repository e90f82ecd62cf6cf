package pteron.core.strength;

import java.util.List;
import pteron.core.buildup.Floor;
import pteron.core.buildup.Layer;
import pteron.core.carrier.Carrier;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.frame.Role;
import pteron.core.geometry.Bounds2;
import pteron.core.material.Material;
import pteron.core.material.MaterialLibrary;
import pteron.core.mechanics.Constants;
import pteron.core.mechanics.Duration;
import pteron.core.mechanics.LoadCase;

/** Bearers of the floor over the carrier's cross-members. */
final class FloorCheck {

    private FloorCheck() {}

    /** {@return a check of every bearer, the longest stretch between or beyond cross-members} */
    static List<MemberCheck> of(
            StrengthInput plan, Carrier carrier, PanelFrame floor, MaterialLibrary library) {
        if (floor.panel().isBonded()) {
            // bars in the sandwich carry with it: that is the check of the panel
            return List.of();
        }
        Bounds2 area = floor.panel().frame().bounds();
        double span = longestSpan(carrier, area.fromV(), area.toV());
        double carried = floor.widestBayMm();
        double weight =
                massPerArea(plan.makeUp().floor(), library) * Constants.GRAVITY / 1e6 * carried;
        double person = plan.loads().floorPersonKg() * Constants.GRAVITY;
        double spread = plan.loads().floorLoad() / 1e6 * carried;
        LoadCase loads = harder(span, weight, spread, person);
        Carried load =
                new Carried(
                        "widest gap between cross-members; a free end counts four times",
                        carried,
                        massPerArea(plan.makeUp().floor(), library),
                        plan.loads().floorLoad());
        return floor.members().stream()
                .filter(FloorCheck::isBearer)
                .map(one -> bearer(plan, one, library.get(one.timber()), span, loads, load))
                .toList();
    }

    static boolean isBearer(Member member) {
        return member.role() == Role.BEARER || member.role() == Role.EDGE_BEARER;
    }

    /** {@return the check of one bearer that carries people} */
    static MemberCheck bearer(
            StrengthInput plan,
            Member member,
            Material timber,
            double span,
            LoadCase loads,
            Carried carried) {
        return new MemberCheck(
                "bearer",
                member.name(),
                member.section(),
                timber,
                span,
                loads,
                new MemberCheck.Setting(
                        Duration.MEDIUM,
                        plan.loads().serviceClass(),
                        null,
                        carried,
                        Welded.anywhere(plan, member, span)));
    }

    /** A person and the spread load are not put on together: EN 1991-1-1 6.3.1.2. */
    static LoadCase harder(double span, double weight, double spread, double person) {
        boolean personGoverns = person * span / 4 > spread * span * span / 8;
        return new LoadCase(weight, personGoverns ? 0 : spread, personGoverns ? person : 0);
    }

    /**
     * {@return longest span between cross-members; a free end counts four times its length (mm)}
     *
     * <p>A load at the tip of a free end a has the moment P a, that in the middle of a span L has P L / 4:
     * they are equal at L = 4 a. Under a spread load w a² / 2 is as w L² / 8 at L = 2 a, so four times errs
     * on the safe side.
     */
    static double longestSpan(Carrier carrier, double fromMm, double toMm) {
        List<Double> under =
                carrier.crossMembersMm().stream().filter(x -> fromMm <= x && x <= toMm).toList();
        if (under.isEmpty()) {
            return toMm - fromMm;
        }
        double longest = 4 * Math.max(under.getFirst() - fromMm, toMm - under.getLast());
        for (int i = 1; i < under.size(); i++) {
            longest = Math.max(longest, under.get(i) - under.get(i - 1));
        }
        return longest;
    }

    private static double massPerArea(Floor floor, MaterialLibrary library) {
        return massPerArea(floor.topFace(), library)
                + massPerArea(floor.core(), library)
                + massPerArea(floor.bottomFace(), library);
    }

    static double massPerArea(Layer layer, MaterialLibrary library) {
        return library.get(layer.material()).density() * layer.thicknessMm() / 1000;
    }
}
