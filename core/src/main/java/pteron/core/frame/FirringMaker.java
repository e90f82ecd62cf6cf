package pteron.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import pteron.core.buildup.BuildUpLimits;
import pteron.core.buildup.Section;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.material.MaterialLibrary;
import pteron.core.shell.Panel;
import pteron.core.shell.Skin;
import pteron.core.surface.Crown;
import pteron.core.surface.FlatSurface;

/**
 * Puts firrings on the bows of a roof that rises across the width: strips of the bow's thickness, sawn to the arc, over
 * which the skin is bent.
 */
final class FirringMaker {

    /** Thinnest end of a firring (mm); common practice: a feather edge breaks and is left off. */
    private static final double THINNEST_MM = 3;

    private static final int LINES = 24;

    private static final Set<Role> BOWS =
            Set.of(Role.BOW, Role.END_BOW, Role.SHORT_BOW, Role.TRIMMER);

    private FirringMaker() {}

    /** {@return the firrings of a roof, none where it is flat} */
    static List<Member> of(Panel roof, List<Member> members, MaterialLibrary library) {
        Optional<Crown> crown =
                roof.skins().stream()
                        .filter(Skin::isOutside)
                        .flatMap(skin -> skin.crown().stream())
                        .findFirst();
        if (crown.isEmpty()) {
            return List.of();
        }
        Panel upright = across(roof, (FlatSurface) roof.surface());
        double density = library.get(roof.members().timber()).density();
        List<Member> firrings = new ArrayList<>();
        for (Member bow : members) {
            if (BOWS.contains(bow.role())) {
                Optional<Polygon2> shape =
                        shape(crown.get(), bow.bounds().fromV(), bow.bounds().toV());
                shape.ifPresent(
                        one ->
                                firrings.add(
                                        firring(
                                                upright,
                                                bow,
                                                one,
                                                crown.get().radiusMm(),
                                                density,
                                                firrings.size() + 1)));
            }
        }
        return firrings;
    }

    /** {@return a plane across the roof: u to the right, v up from the bows, w along the roof} */
    private static Panel across(Panel roof, FlatSurface flat) {
        FlatSurface upright =
                new FlatSurface(
                        flat.origin(), flat.alongV(), flat.inward().times(-1), flat.alongU());
        return new Panel(
                roof.id(),
                roof.kind(),
                upright,
                roof.rim(),
                List.of(),
                roof.zero(),
                Panel.Rips.NONE,
                roof.core(),
                roof.skins());
    }

    /** {@return the piece of the arc over a bow, empty where that is too thin} */
    private static Optional<Polygon2> shape(Crown crown, double from, double to) {
        double reach = crown.reachMm(THINNEST_MM);
        double left = Math.max(from, -reach);
        double right = Math.min(to, reach);
        if (right - left < MemberMaker.SHORTEST_MM) {
            return Optional.empty();
        }
        List<Point2> round = new ArrayList<>();
        round.add(new Point2(left, 0));
        round.add(new Point2(right, 0));
        for (int i = LINES; i >= 0; i--) {
            double at = left + (right - left) * i / LINES;
            round.add(new Point2(at, crown.heightMm(at)));
        }
        return Optional.of(Polygon2.of(round));
    }

    private static Member firring(
            Panel upright, Member bow, Polygon2 shape, double radius, double density, int number) {
        double thickness = bow.section().thicknessMm();
        double high = Math.max(BuildUpLimits.SECTION_THICKNESS.least(), shape.bounds().height());
        double length = shape.bounds().width();
        return new Member(
                "%s firring %d".formatted(upright.id(), number),
                Role.FIRRING,
                upright,
                new Section(high, thickness),
                upright.members().timber(),
                shape,
                new Point2(1, 0),
                Optional.of(new Bend(length, radius, 0, 0, Optional.empty())),
                bow.bounds().fromU(),
                0,
                shape.area() * thickness * density / 1e9);
    }
}
