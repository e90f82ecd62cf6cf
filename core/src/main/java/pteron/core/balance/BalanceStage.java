package pteron.core.balance;

import java.util.ArrayList;
import java.util.List;
import pteron.core.carrier.Carrier;
import pteron.core.carrier.Support;
import pteron.core.geometry.Point3;
import pteron.core.stage.Part;
import pteron.core.stage.Stage;

/** Weighs everything and finds the loads. */
public final class BalanceStage {

    /**
     * What the balance reads.
     *
     * @param carrier the carrier
     * @param box parts of the box
     */
    public record Input(Carrier carrier, List<Part> box) {}

    /** The stage. */
    public static final Stage<Input, Balance> STAGE =
            Stage.of(
                    Balance.class,
                    given ->
                            new Input(given.get(Carrier.class), given.get(BoxWeight.class).parts()),
                    input -> of(input.carrier, input.box));

    private BalanceStage() {}

    /**
     * {@return weight and balance}
     *
     * @param carrier the carrier
     * @param box parts of the box, empty while there is none
     */
    public static Balance of(Carrier carrier, List<Part> box) {
        List<Part> parts = new ArrayList<>();
        parts.add(PartList.carrier(carrier));
        parts.addAll(box);
        double mass = parts.stream().mapToDouble(Part::massKg).sum();
        Point3 centre = centre(parts, mass);
        Support front = carrier.front();
        Support rear = carrier.rear();
        TwoSupports load =
                new TwoSupports(
                        mass, centre.x() - front.placeMm(), rear.placeMm() - front.placeMm());
        Balance bare = new Balance(parts, mass, centre, load, rear.count(), List.of(), List.of());
        return new Balance(
                parts,
                mass,
                centre,
                load,
                rear.count(),
                BalanceFigures.of(bare, carrier),
                BalanceCheck.findings(bare, carrier));
    }

    private static Point3 centre(List<Part> parts, double mass) {
        Point3 moment = new Point3(0, 0, 0);
        for (Part part : parts) {
            moment = moment.plus(part.place().times(part.massKg()));
        }
        return moment.times(1 / mass);
    }
}
