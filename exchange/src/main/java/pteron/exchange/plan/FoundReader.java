package pteron.exchange.plan;

import java.util.List;
import pteron.core.bought.Damage;
import pteron.core.bought.FoundShell;
import pteron.core.bought.RibRow;

/** Reads a shell that is there. */
final class FoundReader {

    private FoundReader() {}

    static FoundShell found(JsonCursor at) throws PlanFormatException {
        return new FoundShell(
                at.object("rib", MakeUpReader::section),
                at.object("left", FoundReader::row),
                at.object("right", FoundReader::row),
                at.object("roof", FoundReader::row),
                at.number("skirtingMm", FoundShell.SKIRTING),
                at.choice("coating", FoundShell.Coating.values()),
                at.objectsOr("damages", FoundReader::damage),
                at.has("lowMm") ? at.numbers("lowMm", FoundShell.LOW) : List.of());
    }

    private static RibRow row(JsonCursor at) throws PlanFormatException {
        return new RibRow(
                at.number("firstMm", RibRow.PLACE),
                at.number("spacingMm", RibRow.SPACING),
                at.has("offsetsMm") ? at.numbers("offsetsMm", RibRow.OFFSET) : List.of());
    }

    private static Damage damage(JsonCursor at) throws PlanFormatException {
        return new Damage(
                at.choice("kind", Damage.Kind.values()),
                at.choice("face", Damage.Face.values()),
                at.number("alongMm", Damage.PLACE),
                at.number("upMm", Damage.PLACE),
                at.number("lengthMm", Damage.SIZE),
                at.number("heightMm", Damage.SIZE));
    }
}
