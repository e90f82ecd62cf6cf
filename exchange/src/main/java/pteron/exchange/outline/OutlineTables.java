package pteron.exchange.outline;

import java.io.IOException;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.DoubleFunction;
import java.util.stream.Stream;
import pteron.core.outline.OutlineStation;
import pteron.core.outline.StripPiece;
import pteron.core.outline.Upright;
import pteron.core.outline.UprightSetting;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.Named;
import pteron.exchange.pdf.Pages;
import pteron.exchange.pdf.PaperText;
import pteron.exchange.station.Job;

/** Uprights and the strip as tables on paper. */
final class OutlineTables {

    private OutlineTables() {}

    /** {@return whether a figure is told here and not in the list of figures} */
    static boolean tells(String key) {
        return Stream.of("upright.", "strip.", "bend.")
                .anyMatch(one -> key.startsWith(OutlineStation.OUTLINE.figure(one)));
    }

    static void uprights(Job job, Pages pages) throws IOException {
        if (!job.model().outline().usable()) {
            return;
        }
        pages.page(false);
        UprightSetting setting = UprightSetting.of(job.model().plan().makeUp());
        pages.heading("Uprights, every " + length(job, setting.spacingMm()));
        float[] shares = {0.08f, 0.18f, 0.16f, 0.16f, 0.16f, 0.15f, 0.11f};
        pages.row(
                true,
                shares,
                List.of(
                        "",
                        "front edge at",
                        "stands at",
                        "front side",
                        "rear side",
                        "cut to",
                        "bevel"));
        int number = 1;
        for (Upright upright : setting.under(job.model().outline())) {
            pages.row(
                    false,
                    shares,
                    List.of(
                            String.valueOf(number++),
                            length(job, upright.placeMm()),
                            length(job, upright.footMm()),
                            length(job, upright.frontSideMm()),
                            length(job, upright.rearSideMm()),
                            length(job, upright.longSideMm()),
                            PaperText.angle(upright.bevelDegrees())));
        }
    }

    static void strip(Job job, Pages pages) throws IOException {
        if (!job.model().outline().usable()) {
            return;
        }
        pages.heading("Wrap over front, roof and rear");
        float[] shares = {0.08f, 0.14f, 0.16f, 0.16f, 0.16f, 0.16f, 0.14f};
        pages.row(
                true,
                shares,
                List.of("", "piece", "from", "length", "width", "tightest radius", "turn after"));
        for (StripPiece piece : job.model().outline().strip()) {
            pages.row(
                    false,
                    shares,
                    List.of(
                            String.valueOf(piece.element().index() + 1),
                            Named.small(piece.element().kind()),
                            length(job, piece.fromMm()),
                            length(job, piece.element().lengthMm()),
                            length(job, piece.element().acrossMm(job.model().plan().box())),
                            told(
                                    piece.leastRadiusMm(),
                                    "straight",
                                    mm -> LengthText.format(mm, job.units())),
                            told(piece.turnAfterDegrees(), "", PaperText::turn)));
        }
    }

    private static String told(OptionalDouble value, String none, DoubleFunction<String> words) {
        return value.isEmpty() ? none : words.apply(value.getAsDouble());
    }

    private static String length(Job job, double mm) {
        return LengthText.format(mm, job.units());
    }
}
