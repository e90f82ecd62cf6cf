package pteron.exchange.plan;

import java.util.List;
import pteron.core.plan.Box;
import pteron.core.plan.BoxDetails;
import pteron.core.plan.BoxDetails.DropFloor;
import pteron.core.plan.BoxDetails.Overhang;
import pteron.core.plan.BoxDetails.WheelArch;
import pteron.core.plan.BoxDetails.Wings;
import pteron.core.plan.OutlinePoint;
import pteron.core.plan.OutlinePoint.Arc;
import pteron.core.plan.OutlinePoint.Batten;
import pteron.core.plan.OutlinePoint.Link;
import pteron.core.plan.OutlinePoint.Spot;
import pteron.core.plan.OutlinePoint.Straight;
import pteron.core.plan.PlanLimits;

/** Reads the box: outline, place, details. */
final class BoxReader {

    /** Names of the lines in the file. */
    private enum LineName {
        STRAIGHT,
        ARC,
        BATTEN
    }

    private BoxReader() {}

    static Box box(JsonCursor at) throws PlanFormatException {
        return new Box(
                at.objects("outline", BoxReader::point),
                at.number("widthMm", PlanLimits.BOX_WIDTH),
                at.number("offsetMm", PlanLimits.BOX_OFFSET),
                at.numberOr("raisedMm", PlanLimits.RAISED, 0),
                details(at));
    }

    private static OutlinePoint point(JsonCursor at) throws PlanFormatException {
        return new OutlinePoint(
                at.number("xMm", PlanLimits.OUTLINE_X),
                at.number("zMm", PlanLimits.OUTLINE_Z),
                at.numberOr("filletMm", PlanLimits.FILLET, 0),
                link(at));
    }

    private static Link link(JsonCursor at) throws PlanFormatException {
        return switch (at.choiceOr("line", LineName.values(), LineName.STRAIGHT)) {
            case STRAIGHT -> new Straight();
            case ARC -> new Arc(at.object("through", BoxReader::spot));
            case BATTEN ->
                    new Batten(
                            at.objects("spots", BoxReader::spot),
                            at.number("battenMm", PlanLimits.BATTEN),
                            at.text("timber"));
        };
    }

    private static Spot spot(JsonCursor at) throws PlanFormatException {
        return new Spot(
                at.number("xMm", PlanLimits.OUTLINE_X), at.number("zMm", PlanLimits.OUTLINE_Z));
    }

    private static WheelArch arch(JsonCursor at) throws PlanFormatException {
        return new WheelArch(
                at.number("fromMm", PlanLimits.OUTLINE_X),
                at.number("lengthMm", PlanLimits.ARCH),
                at.number("heightMm", PlanLimits.ARCH),
                at.number("depthMm", PlanLimits.ARCH),
                at.number("cornerMm", PlanLimits.OVERHANG));
    }

    private static BoxDetails details(JsonCursor at) throws PlanFormatException {
        DropFloor drop =
                at.has("dropFloor")
                        ? at.object(
                                "dropFloor",
                                d ->
                                        new DropFloor(
                                                d.number("fromMm", PlanLimits.OUTLINE_X),
                                                d.number("depthMm", PlanLimits.DROP)))
                        : DropFloor.NONE;
        List<WheelArch> arches = at.objectsOr("wheelArches", BoxReader::arch);
        Overhang overhang =
                at.has("overhang")
                        ? at.object(
                                "overhang",
                                o ->
                                        new Overhang(
                                                o.number("frontMm", PlanLimits.OVERHANG),
                                                o.number("rearMm", PlanLimits.OVERHANG),
                                                o.number("sidesMm", PlanLimits.OVERHANG),
                                                o.number("dripMm", PlanLimits.OVERHANG)))
                        : Overhang.NONE;
        return new BoxDetails(
                drop, arches, overhang, wings(at), at.numberOr("crownMm", PlanLimits.CROWN, 0));
    }

    private static Wings wings(JsonCursor at) throws PlanFormatException {
        return at.has("wings")
                ? at.object(
                        "wings",
                        w ->
                                new Wings(
                                        w.number("lowerWidthMm", PlanLimits.BOX_WIDTH),
                                        w.number("fromMm", PlanLimits.WINGS)))
                : Wings.NONE;
    }
}
