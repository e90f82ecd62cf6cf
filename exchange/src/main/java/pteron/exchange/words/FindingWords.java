package pteron.exchange.words;

import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import pteron.core.balance.BalanceStation;
import pteron.core.carrier.CarrierStation;
import pteron.core.figure.Finding;
import pteron.core.figure.Limit;
import pteron.core.figure.Place;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.quantity.UnitSystem;
import pteron.core.shell.Panel;
import pteron.exchange.station.StationWords;

/** Findings in words. */
public final class FindingWords {

    private static final Map<String, String> HEADLINES = Catalogue.of(StationWords::findings);

    private static final String PANEL_KEYS = "(nose|tail|roof|under|floor|riser|wing)(-\\d+)?";

    private static final String WALL_KEYS = "left|right|front|rear";

    private static final Pattern CORNER_KEY = Pattern.compile("corner-(\\d+)");

    /** What is told by a word of its own. */
    private static final Map<String, String> OTHER_KEYS =
            Map.of(
                    "drop-floor", "dropped floor",
                    "walls.outerSkin", "walls, outer skin",
                    "roof.outerSkin", "roof, outer skin");

    private FindingWords() {}

    /** {@return all codes that have words} */
    public static Set<String> codes() {
        return HEADLINES.keySet();
    }

    /**
     * {@return what is wrong, in a few words}
     *
     * @throws IllegalArgumentException if the code has no words, which is our fault
     */
    public static String headline(Finding finding) {
        String words = HEADLINES.get(finding.code());
        if (words == null) {
            throw new IllegalArgumentException(
                    "finding [%s] has no words in the catalogue".formatted(finding.code()));
        }
        return words;
    }

    /** {@return where it is: the part, and how far from the front where that is known} */
    public static String place(Finding finding, BoxPlan plan) {
        Place place = finding.place();
        String part =
                plan.openings().stream()
                        .filter(opening -> opening.id().equals(place.part()))
                        .map(Opening::name)
                        .findFirst()
                        .orElse(place.part().isEmpty() ? whole(place) : words(place.part()));
        boolean told = place.xMm() != 0 || place.zMm() != 0;
        return told ? part + ", " + from(place.xMm(), plan.units()) : part;
    }

    /** A panel of several pieces is told by its number, a corner by the number that its inputs have, never by its key. */
    private static String words(String part) {
        Matcher corner = CORNER_KEY.matcher(part);
        if (corner.matches()) {
            return "corner " + (Integer.parseInt(corner.group(1)) + 1);
        }
        if (OTHER_KEYS.containsKey(part)) {
            return OTHER_KEYS.get(part);
        }
        return part.matches(PANEL_KEYS)
                ? Panel.words(part)
                : part.matches(WALL_KEYS) ? part + " wall" : part;
    }

    /** What speaks of no part speaks of all of it. */
    private static String whole(Place place) {
        boolean carried =
                place.station() == CarrierStation.CARRIER
                        || place.station() == BalanceStation.BALANCE;
        return carried ? "box on its carrier" : "whole box";
    }

    /**
     * What hangs over a cab lies ahead of the front face, not a negative way behind it. It is told to be found, to the
     * millimetre or the step of the tape.
     */
    private static String from(double xMm, UnitSystem units) {
        double apart = Math.abs(xMm);
        double told = units == UnitSystem.METRIC ? Math.rint(apart) : apart;
        String way = Quantity.mm(told).text(units);
        return xMm < 0 ? way + " ahead of front of box" : way + " behind front of box";
    }

    /** {@return demand against limit with their units; of what is found, and of a gap, its size only} */
    public static String measure(Finding finding, UnitSystem units) {
        if (finding.code().startsWith("DAMAGE_")) {
            return finding.demand().text(units) + " long";
        }
        if (finding.code().startsWith("SKIN_IS_")) {
            return "as found";
        }
        if (finding.code().equals("CORNER_WANTS_PACKING")) {
            return finding.demand().text(units) + " wide";
        }
        Limit limit = finding.limit();
        boolean ratio = finding.demand().unit() == Unit.RATIO;
        String value =
                ratio ? NumberText.percent(finding.demand().value()) : finding.demand().text(units);
        if (limit.side() == Limit.Side.AT_MOST && limit.quantity().value() == 0) {
            return finding.demand().unit() == Unit.COUNT ? "" : value + " over";
        }
        String bound = ratio ? NumberText.percent(limit.quantity().value()) : limit.text(units);
        String joint = limit.side() == Limit.Side.AT_MOST ? ", limit " : ", minimum ";
        String same = value.equals(bound) ? " (" + margin(finding) + ")" : "";
        return value + joint + bound + same;
    }

    /** {@return demand over capacity: 112 %; empty where a ratio means nothing} */
    public static String margin(Finding finding) {
        return finding.margin() == 0 ? "" : NumberText.percent(finding.margin());
    }

    /** {@return the whole finding in a line: headline, place, measure, what now} */
    public static String sentence(Finding finding, BoxPlan plan) {
        return Stream.of(
                        headline(finding),
                        place(finding, plan),
                        measure(finding, plan.units()),
                        CureWords.of(finding.cure(), plan))
                .filter(words -> !words.isEmpty())
                .collect(Collectors.joining(" · "));
    }
}
