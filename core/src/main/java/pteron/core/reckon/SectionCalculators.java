package pteron.core.reckon;

import java.util.List;
import java.util.function.Function;
import pteron.core.figure.Figure;
import pteron.core.figure.Working;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.section.Angle;
import pteron.core.section.Bar;
import pteron.core.section.Channel;
import pteron.core.section.Profile;
import pteron.core.section.Tube;

/** Values of bars, tubes, angles and channels. */
final class SectionCalculators {

    private static final Input WIDTH = Input.length("width", "width, level (length)", "40");
    private static final Input DEPTH = Input.length("depth", "depth, upright (length)", "40");
    private static final Input WALL = Input.length("wall", "wall (length)", "3");
    private static final Input DENSITY =
            Input.number("density", "density (kg/m³)", "2700").from(1, 25000);

    private SectionCalculators() {}

    static Calculator tube() {
        Input wall = Input.length("wall", "wall, 0 for a solid bar (length)", "3");
        Input radius =
                Input.length("radius", "outer radius of the corners, 0 for sharp (length)", "0");
        return new Calculator(
                "tube",
                "Bar or tube: stiffness, torsion, mass",
                List.of(WIDTH, DEPTH, wall, radius, DENSITY),
                in -> {
                    double thick = in.mm(wall);
                    double outer = in.mm(radius);
                    Profile profile =
                            thick == 0
                                    ? new Bar(in.mm(WIDTH), in.mm(DEPTH))
                                    : new Tube(
                                            in.mm(WIDTH),
                                            in.mm(DEPTH),
                                            thick,
                                            outer,
                                            Math.max(0, outer - thick));
                    return answer(in, profile, thick);
                });
    }

    static Calculator angle() {
        return open(
                "angle",
                "Angle: stiffness, torsion, mass",
                in -> new Angle(in.mm(WIDTH), in.mm(DEPTH), in.mm(WALL)));
    }

    static Calculator channel() {
        return open(
                "channel",
                "Channel: stiffness, torsion, mass",
                in -> new Channel(in.mm(WIDTH), in.mm(DEPTH), in.mm(WALL)));
    }

    private static Calculator open(String key, String name, Function<Inputs, Profile> profile) {
        return new Calculator(
                key,
                name,
                List.of(WIDTH, DEPTH, WALL, DENSITY),
                in -> answer(in, profile.apply(in), in.mm(WALL)));
    }

    private static List<Figure> answer(Inputs in, Profile profile, double wall) {
        Working working =
                Working.of("m = A · density; I by the parallel axis theorem; J after Saint-Venant")
                        .plan("b", "width", Quantity.mm(in.mm(WIDTH)))
                        .plan("h", "depth", Quantity.mm(in.mm(DEPTH)))
                        .plan("t", "wall", Quantity.mm(wall))
                        .source(
                                "any beam table; EN 10219-2 annex B for the twist of tubes, which leaves their corners out: 5 % low where they are sharp and thick, 2 % high where they are round");
        return new Answers(() -> working)
                .add("area", "Area", new Quantity(profile.areaMm2(), Unit.SQUARE_MILLIMETRE))
                .add(
                        "inertia",
                        "Second moment of area, loaded from above",
                        new Quantity(profile.inertiaMm4(), Unit.QUARTIC_MILLIMETRE))
                .add(
                        "side-inertia",
                        "Second moment of area, loaded from the side",
                        new Quantity(profile.sideInertiaMm4(), Unit.QUARTIC_MILLIMETRE))
                .add(
                        "torsion",
                        "Torsion constant",
                        new Quantity(profile.torsionMm4(), Unit.QUARTIC_MILLIMETRE))
                .add(
                        "mass",
                        "Mass per length",
                        new Quantity(
                                profile.kgPerMetre(in.number(DENSITY)), Unit.KILOGRAM_PER_METRE))
                .list();
    }
}
