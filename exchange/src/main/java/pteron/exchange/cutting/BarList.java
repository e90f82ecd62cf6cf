package pteron.exchange.cutting;

import java.util.Map;
import pteron.core.cutting.Bar;
import pteron.core.cutting.BarCutting;
import pteron.core.cutting.CuttingPlan;
import pteron.core.material.MaterialLibrary;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.UnitSystem;
import pteron.exchange.csv.Csv;

/** Writes the bars and what is cut from each. */
final class BarList {

    private static final String[] HEADER = {
        "bar", "material", "thickness mm", "depth mm", "stock mm", "kerf mm", "offcut mm", "pieces"
    };

    private BarList() {}

    /** {@return one row for each bar: what it is and what is cut from it} */
    static String text(BarCutting cutting, MaterialLibrary library, UnitSystem units) {
        return Csv.text(
                HEADER,
                rows -> {
                    int number = 0;
                    for (Map.Entry<BarCutting.Kind, CuttingPlan> kind :
                            cutting.kinds().entrySet()) {
                        for (Bar bar : kind.getValue().bars()) {
                            number++;
                            rows.print(
                                    number,
                                    library.get(kind.getKey().timber()).name(),
                                    Csv.number(kind.getKey().section().thicknessMm(), 1),
                                    Csv.number(kind.getKey().section().depthMm(), 1),
                                    Csv.number(bar.stockMm(), 1),
                                    Csv.number(bar.kerfMm(), 1),
                                    Csv.number(bar.restMm(), 1),
                                    pieces(bar, units));
                        }
                    }
                });
    }

    /** {@return the pieces of a bar in one line, longest first} */
    static String pieces(Bar bar, UnitSystem units) {
        return String.join(
                "; ",
                bar.pieces().stream()
                        .map(piece -> piece.name() + " " + length(piece.lengthMm(), units))
                        .toList());
    }

    private static String length(double mm, UnitSystem units) {
        return units == UnitSystem.METRIC
                ? Csv.number(mm, 1)
                : LengthText.format(mm, UnitSystem.INCHES);
    }
}
