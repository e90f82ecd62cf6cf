package pteron.core.found;

import java.util.ArrayList;
import java.util.List;
import pteron.core.bought.Damage;
import pteron.core.bought.FoundShell.Coating;
import pteron.core.buildup.Framed;
import pteron.core.buildup.Layer;
import pteron.core.figure.Cure;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.figure.Severity;
import pteron.core.frame.FrameStation;
import pteron.core.makeup.MakeUpStation;
import pteron.core.quantity.Quantity;

/** What has to be seen to before a bought shell is lined. */
final class FoundCheck {

    /** Room between skirting and the first stud (mm); common practice: a quarter inch. */
    private static final double CLEAR_MM = 6;

    private FoundCheck() {}

    static List<Finding> findings(FoundInput input) {
        List<Finding> findings = new ArrayList<>();
        skirting(input, findings);
        ribFoam(input, findings);
        coating(input, findings);
        input.found().damages().forEach(damage -> findings.add(damage(damage)));
        return findings;
    }

    private static void skirting(FoundInput input, List<Finding> findings) {
        Framed walls = input.makeUp().walls();
        double room = walls.toFrameMm() - walls.outerSkin().thicknessMm();
        double needed = input.found().skirtingMm() + CLEAR_MM;
        if (input.found().skirtingMm() > 0 && room < needed) {
            findings.add(
                    new Finding(
                            "SKIRTING_IN_THE_WAY",
                            Severity.WATCH,
                            Place.of(FrameStation.FRAME, "walls"),
                            Quantity.mm(room),
                            Limit.atLeast(Quantity.mm(needed)),
                            Cure.advice("WIDER_SLOT", Quantity.mm(needed - room))));
        }
    }

    /** A layer between ribs that is thicker than they are deep lies over them; a thinner one leaves air. */
    private static void ribFoam(FoundInput input, List<Finding> findings) {
        double deep = input.found().rib().depthMm();
        List<Layer> outside = input.makeUp().walls().outside();
        double thick = outside.isEmpty() ? 0 : outside.getFirst().thicknessMm();
        if (Math.abs(thick - deep) > 1) {
            findings.add(
                    new Finding(
                            "RIBS_NOT_FILLED",
                            Severity.NOTE,
                            Place.of(MakeUpStation.MAKE_UP, "walls"),
                            Quantity.mm(thick),
                            Limit.atLeast(Quantity.mm(deep)),
                            Cure.advice("LAYER_AS_DEEP_AS_RIBS", Quantity.mm(deep))));
        }
    }

    private static void coating(FoundInput input, List<Finding> findings) {
        if (input.found().coating() != Coating.BARE) {
            findings.add(
                    new Finding(
                            "SKIN_IS_" + input.found().coating().name(),
                            Severity.NOTE,
                            Place.of(FrameStation.FRAME, "walls"),
                            Quantity.count(1),
                            Limit.atMost(Quantity.count(0)),
                            Cure.advice(
                                    "PREPARE_" + input.found().coating().name(),
                                    Quantity.count(1))));
        }
    }

    private static Finding damage(Damage damage) {
        double longer = Math.max(damage.lengthMm(), damage.heightMm());
        return new Finding(
                "DAMAGE_" + damage.kind().name(),
                Severity.WATCH,
                Place.of(
                                FrameStation.FRAME,
                                damage.face().name().toLowerCase(java.util.Locale.ROOT))
                        .at(damage.alongMm(), damage.upMm()),
                Quantity.mm(longer),
                Limit.atMost(Quantity.mm(0)),
                Cure.advice("MEND_" + damage.kind().name(), Quantity.mm(longer)));
    }
}
