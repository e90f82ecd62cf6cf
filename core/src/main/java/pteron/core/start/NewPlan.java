package pteron.core.start;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import pteron.core.buildup.Alternative;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Framed.Scheme;
import pteron.core.buildup.InchShop;
import pteron.core.buildup.Members;
import pteron.core.buildup.Section;
import pteron.core.carrier.CarrierStation;
import pteron.core.carrier.Regions;
import pteron.core.edit.Cures;
import pteron.core.edit.ShopSizes;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Severity;
import pteron.core.frame.FrameStation;
import pteron.core.makeup.MakeUpStation;
import pteron.core.material.MaterialLibrary;
import pteron.core.model.BoxModel;
import pteron.core.placing.OpeningEdits;
import pteron.core.placing.ShelfUnit;
import pteron.core.placing.UnitShelf;
import pteron.core.plan.Box;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.MakeUp;
import pteron.core.plan.Opening;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlineStart;
import pteron.core.plan.RoadLimits;
import pteron.core.plan.StartingPlans;
import pteron.core.plan.Supplies;
import pteron.core.plan.Wall;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.UnitSystem;
import pteron.core.school.Schools;
import pteron.core.station.Station;
import pteron.core.vehicle.Cab;
import pteron.core.vehicle.Pickup;
import pteron.core.vehicle.Vehicle;

/** The plan of a carrier and an outline, the box as large as its deck allows. Pure functions. */
public final class NewPlan {

    /** Height of a box in which most people stand (mm): 1.8 m inside, common practice. */
    private static final double HEIGHT_MM = 2100;

    /** Room between a box and the wheel wells on each side (mm); common practice. */
    private static final double BESIDE_WELLS_MM = 20;

    /** Room between a cab's roof and what reaches over it (mm), its movement among it; common practice. */
    private static final double OVER_CAB_MM = 110;

    /** Room behind a cab (mm), its movement among it; common practice. */
    private static final double BEHIND_CAB_MM = 75;

    /** Rounding of sums (steps). */
    private static final double LAST_BITS = 1e-9;

    /** Cures that a new plan may need one after the other. */
    private static final int MOST_CURES = 4;

    private NewPlan() {}

    /** {@return why an outline does not go on a kind of carrier, empty where it does} */
    public static Optional<String> refusal(CarrierStart carrier, OutlineStart outline) {
        boolean noCab = carrier == CarrierStart.TRAILER || carrier.isBought();
        return outline == OutlineStart.OVER_CAB && noCab
                ? Optional.of("needs a cab to reach over")
                : Optional.empty();
    }

    /**
     * {@return a plan without openings, its box as long and as wide as the deck or bed allows}
     *
     * @param carrier what carries it
     * @param size how large that is
     * @param outline the shape of its side
     * @param units how its lengths are shown
     * @throws IllegalArgumentException if the outline does not go on the carrier, with a sentence
     */
    public static BoxPlan of(
            CarrierStart carrier, CarrierSize size, OutlineStart outline, UnitSystem units) {
        refusal(carrier, outline)
                .ifPresent(
                        why -> {
                            throw new IllegalArgumentException(
                                    "outline %s on a %s: %s; choose another outline or carrier"
                                            .formatted(outline.title(), carrier.title(), why));
                        });
        Vehicle vehicle = carrier.vehicle(size);
        Box box = box(vehicle, outline, units);
        BoxPlan square = sold(StartingPlans.square(), units);
        BoxPlan plan =
                agreed(
                        (carrier.isBought() ? sold(FoundStart.lined(square), units) : square)
                                .withName(outline.title())
                                .withUnits(units)
                                .withSupplies(Supplies.usual(units))
                                .withLimits(limits(units))
                                .withVehicle(vehicle)
                                .withBox(box)
                                .withOpenings(List.of()));
        BoxPlan strong = strongEnough(outline == OutlineStart.OVER_CAB ? deepEnough(plan) : plan);
        return carrier.isBought() ? withItsDoor(strong) : strong;
    }

    /**
     * {@return a new plan with walls and roof built another way, as strong as a cure makes it; what is found stays as it is}
     *
     * @param plan a plan begun by {@link #of}
     * @param scheme how walls and roof are built
     */
    public static BoxPlan built(BoxPlan plan, Scheme scheme) {
        if (scheme == Scheme.STUDS || plan.found().isPresent()) {
            return plan;
        }
        MakeUp makeUp = plan.makeUp();
        BoxPlan other =
                plan.withMakeUp(
                        makeUp.withWalls(ready(Alternative.Part.WALLS, scheme, plan.units()))
                                .withRoof(ready(Alternative.Part.ROOF, scheme, plan.units())));
        return strongEnough(scheme == Scheme.FRAMELESS ? BondedStart.deepEnough(other) : other);
    }

    private static Framed ready(Alternative.Part part, Scheme scheme, UnitSystem units) {
        return Schools.of(part, units).stream()
                .map(Alternative::buildUp)
                .map(Framed.class::cast)
                .filter(framed -> framed.scheme() == scheme)
                .findFirst()
                .orElseThrow();
    }

    /** A bought box has a door, whatever else is to be measured. */
    private static BoxPlan withItsDoor(BoxPlan plan) {
        ShelfUnit door = UnitShelf.unit("door").orElseThrow();
        BoxPlan with = OpeningEdits.added(plan, door, Wall.RIGHT);
        return with.withOpenings(
                with.openings().stream()
                        .map(opening -> opening.withSource(Opening.Source.THERE_ALREADY))
                        .toList());
    }

    /** Where lengths are told in inches the roads are those of the United States, and shop doors ten feet high. */
    private static RoadLimits limits(UnitSystem units) {
        return units == UnitSystem.METRIC
                ? RoadLimits.USUAL
                : Regions.named("United States")
                        .in(RoadLimits.USUAL.withShopDoor(LengthText.fromInches(120)));
    }

    /** The build-up as the shop of a unit system sells it. */
    private static BoxPlan sold(BoxPlan plan, UnitSystem units) {
        MakeUp makeUp = plan.makeUp();
        return plan.withMakeUp(
                makeUp.withFloor(InchShop.of(makeUp.floor(), units))
                        .withWalls(InchShop.of(makeUp.walls(), units))
                        .withRoof(InchShop.of(makeUp.roof(), units))
                        .withBlocking(InchShop.of(makeUp.blocking(), units)));
    }

    /** A bed over the cab wants deeper walls where its bearers would break or sag under who lies on it. */
    private static BoxPlan deepEnough(BoxPlan plan) {
        List<Deeper> deeper = deeper(plan.units());
        return Stream.concat(Stream.of(plan), deeper.stream().map(one -> one.in(plan)))
                .filter(NewPlan::carriesTheBed)
                .findFirst()
                .orElseGet(() -> deeper.getLast().in(plan));
    }

    /** Lumber by its usual grade is weaker than a strength class: the next size where one does not carry. */
    private static BoxPlan strongEnough(BoxPlan plan) {
        return cured(cured(plan, FrameStation.FRAME), MakeUpStation.MAKE_UP);
    }

    private static boolean carriesTheBed(BoxPlan plan) {
        return BoxModel.of(plan, MaterialLibrary.starting()).findings(FrameStation.FRAME).stream()
                .noneMatch(finding -> finding.severity() == Severity.STOPS);
    }

    /**
     * A wall of deeper members.
     *
     * @param memberMm depth of the members (mm)
     * @param foamMm thickness of the foam between them (mm)
     */
    private record Deeper(double memberMm, double foamMm) {
        BoxPlan in(BoxPlan plan) {
            Framed walls = plan.makeUp().walls();
            Members members = walls.members();
            Section section = members.section().withDepth(memberMm);
            Framed deeper =
                    walls.withMembers(members.withSection(section))
                            .withInsulation(walls.insulation().withThickness(foamMm));
            return plan.withMakeUp(plan.makeUp().withWalls(deeper));
        }
    }

    /** Sections that are sold, and the foam that goes with them: common practice. */
    private static List<Deeper> deeper(UnitSystem units) {
        return switch (units) {
            case METRIC -> List.of(new Deeper(89, 80), new Deeper(114, 100));
            case INCHES -> List.of(new Deeper(88.9, 76.2), new Deeper(139.7, 127));
        };
    }

    /** What still runs into the carrier, such as wheels above a low chassis, is cured as a builder would. */
    private static BoxPlan agreed(BoxPlan plan) {
        return cured(plan, CarrierStation.CARRIER);
    }

    private static BoxPlan cured(BoxPlan plan, Station station) {
        BoxPlan cured = plan;
        for (int i = 0; i < MOST_CURES; i++) {
            Optional<Cure> cure =
                    BoxModel.of(cured, MaterialLibrary.starting()).findings(station).stream()
                            .filter(finding -> finding.severity() == Severity.STOPS)
                            .map(Finding::cure)
                            .filter(Cure::canBeApplied)
                            .findFirst();
            if (cure.isEmpty()) {
                return cured;
            }
            cured = Cures.apply(cured, ShopSizes.sold(cure.get(), plan.units()));
        }
        return cured;
    }

    private static Box box(Vehicle vehicle, OutlineStart outline, UnitSystem units) {
        double step = step(units);
        double offset =
                vehicle.cab().map(cab -> Math.max(0, behind(cab) - cab.gapMm())).orElse(0.0);
        offset = rounded(Math.max(0, Math.ceil(offset / step - LAST_BITS) * step));
        double length = vehicle.deck().lengthMm() - offset;
        double width =
                vehicle instanceof Pickup pickup
                        ? pickup.bed().wells().betweenMm() - 2 * BESIDE_WELLS_MM
                        : vehicle.deck().widthMm();
        List<OutlinePoint> points =
                outline == OutlineStart.OVER_CAB
                        ? overCab(vehicle.cab().orElseThrow(), length)
                        : outline.points(length, heightMm(units));
        List<OutlinePoint> onTape = units == UnitSystem.METRIC ? points : InchOutline.of(points);
        return new Box(onTape, rounded(Math.floor(width / step + LAST_BITS) * step), offset);
    }

    private static double rounded(double mm) {
        return Math.rint(mm * 1e9) / 1e9;
    }

    /** Lumber is deeper than timber of a strength class, so the same room inside takes 85 inches. */
    private static double heightMm(UnitSystem units) {
        return units == UnitSystem.METRIC ? HEIGHT_MM : 2159;
    }

    /** Whole millimetres, or half inches. */
    private static double step(UnitSystem units) {
        return units == UnitSystem.METRIC ? 1 : 12.7;
    }

    private static double behind(Cab cab) {
        double moves = cab.roofMm() * Math.tan(Math.toRadians(cab.frameMovesDegrees()));
        return Math.ceil((moves + BEHIND_CAB_MM) / 5) * 5;
    }

    /** The step over a cab begins clear of its roof and ends before its windscreen. */
    private static List<OutlinePoint> overCab(Cab cab, double lengthMm) {
        double reach = Math.min(cab.roofLengthMm() - 100, 0.45 * lengthMm + 200);
        double moves = (reach + 1000) * Math.tan(Math.toRadians(cab.frameMovesDegrees()));
        double step = Math.ceil((cab.roofMm() + OVER_CAB_MM + moves) / 10) * 10;
        double high = Math.max(HEIGHT_MM, step + 900);
        return OutlineStart.overCab(lengthMm, high, step, Math.rint(reach));
    }

    /** {@return the sizes of a plan's box in a line, for its telling} */
    public static String words(BoxPlan plan) {
        BoxModel model = BoxModel.of(plan, MaterialLibrary.starting());
        double length = model.outline().rearmostMm() - model.outline().foremostMm();
        return "%s long, %s wide, %s high"
                .formatted(
                        Quantity.mm(length).text(plan.units()),
                        Quantity.mm(plan.box().widthMm()).text(plan.units()),
                        Quantity.mm(model.outline().heightMm()).text(plan.units()));
    }
}
