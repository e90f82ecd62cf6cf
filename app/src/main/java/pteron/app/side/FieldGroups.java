package pteron.app.side;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import pteron.core.field.ChoiceField;
import pteron.core.field.Field;
import pteron.core.field.NumberField;
import pteron.core.field.PlanFields;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.Opening;
import pteron.core.station.Station;

/** Puts the inputs of a station under headings, in the order in which a builder measures and decides. */
final class FieldGroups {

    /** Which keys come under a heading; a # in it stands for the number of the part, counted from 1. */
    private record Heading(Pattern keys, String words) {}

    private static final List<Heading> HEADINGS =
            List.of(
                    heading("(deck|bed|wells|tailgate)\\..*", "Deck or bed"),
                    heading(
                            "(drawbar|coupler)\\..*|(empty|rating)\\.coupler",
                            "Drawbar and coupler"),
                    heading("cab.*", "Cab"),
                    heading("rating\\..*|weighed\\..*", "Ratings"),
                    heading("found\\.damage\\.(\\d+)\\..*", "Damage #"),
                    heading("found\\.left\\..*", "Left posts as found"),
                    heading("found\\.right\\..*", "Right posts as found"),
                    heading("found\\.roof\\..*", "Roof bows as found"),
                    heading("found\\.low\\..*", "Heights of the cross-members"),
                    heading("found\\..*", "The shell as found"),
                    heading("axle\\.(\\d+).*", "Axle #"),
                    heading("wheel\\..*", "Wheels"),
                    heading("(rails|rail|cross-section)\\..*", "Steel under the deck"),
                    heading("cross-member\\..*", "Cross-members, behind front of deck"),
                    heading("(outrigger|outrigger-section)\\..*", "Outriggers"),
                    heading("solid\\.(\\d+).*", "Obstruction #"),
                    heading("(road|shop|roof\\.load).*", "Road and shop"),
                    heading("box\\..*", "The whole box"),
                    heading("outline\\.(\\d+)\\..*", "Corner #"),
                    heading("arch\\.(\\d+)\\..*", "Wheel arch #"),
                    heading("drop-floor\\..*", "Dropped floor"),
                    heading("overhang\\..*", "Roof edges"),
                    heading("floor\\.bearers.*", "Floor bearers"),
                    heading("walls\\.members.*", "Studs"),
                    heading("roof\\.members.*", "Roof bows"),
                    heading("blocking\\..*", "Blocking behind sheet edges"),
                    heading("bends|assembly\\..*", "Assembly"),
                    heading("joining\\..*", "Tubes and bonded panels"),
                    heading("partition\\.(\\d+)\\..*", "Partition #"),
                    heading("wind\\..*|floor\\.(person|load)|wood\\..*", "Design loads"),
                    heading("floor\\..*", "Floor"),
                    heading("walls\\..*", "Walls"),
                    heading("roof\\..*", "Roof"),
                    heading("(inside|outside|air)\\..*|people|hours", "Design night"),
                    heading("bead\\..*|cartridge|tape\\..*", "Sealant bead"),
                    heading("bars\\..*", "Stock lengths"),
                    heading("saw\\..*", "Saw"));

    private FieldGroups() {}

    private static Heading heading(String keys, String words) {
        return new Heading(Pattern.compile(keys), words);
    }

    /** {@return the fields of a station under their headings, in order} */
    static Map<String, List<Field>> of(Station station, PlanFields fields, BoxPlan plan) {
        Map<String, List<Field>> groups = new LinkedHashMap<>();
        List<Field> all = all(station, fields);
        for (Heading heading : HEADINGS) {
            groups.putAll(under(heading, all));
        }
        for (Field field : all) {
            if (first(field.key()) == null) {
                groups.computeIfAbsent(opening(field, plan), words -> new ArrayList<>()).add(field);
            }
        }
        return groups;
    }

    /** The fields under a heading; numbered parts in the order of their numbers. */
    private static Map<String, List<Field>> under(Heading heading, List<Field> all) {
        Map<Integer, List<Field>> byNumber = new TreeMap<>();
        for (Field field : all) {
            Matcher key = heading.keys().matcher(field.key());
            if (first(field.key()) == heading && key.matches()) {
                byNumber.computeIfAbsent(number(key), number -> new ArrayList<>()).add(field);
            }
        }
        Map<String, List<Field>> groups = new LinkedHashMap<>();
        byNumber.forEach(
                (number, fields) ->
                        groups.put(
                                heading.words()
                                        .replace("#", number == 0 ? "" : number.toString())
                                        .strip(),
                                fields));
        return groups;
    }

    /** {@return the number of a part, counted from 1; 0 where a heading counts none} */
    private static int number(Matcher key) {
        return key.groupCount() > 0 && key.group(1) != null && key.group(1).matches("\\d+")
                ? Integer.parseInt(key.group(1)) + 1
                : 0;
    }

    private static Heading first(String key) {
        return HEADINGS.stream()
                .filter(heading -> heading.keys().matcher(key).matches())
                .findFirst()
                .orElse(null);
    }

    private static String opening(Field field, BoxPlan plan) {
        return plan.openings().stream()
                .filter(one -> field.name().startsWith(one.name() + ", "))
                .map(Opening::name)
                .findFirst()
                .orElse("");
    }

    /** {@return choices, each followed by the numbers that go with it, then all other numbers} */
    private static List<Field> all(Station station, PlanFields fields) {
        List<Field> shown = new ArrayList<>();
        List<NumberField> numbers =
                new ArrayList<>(
                        fields.numbers().stream()
                                .filter(number -> number.station().equals(station))
                                .toList());
        for (ChoiceField choice : fields.choices()) {
            if (choice.station().equals(station)) {
                shown.add(choice);
                List<NumberField> own =
                        numbers.stream()
                                .filter(n -> n.key().startsWith(choice.key() + "."))
                                .toList();
                shown.addAll(own);
                numbers.removeAll(own);
            }
        }
        fields.lengths().stream()
                .filter(lengths -> lengths.station().equals(station))
                .forEach(shown::add);
        shown.addAll(numbers);
        return shown;
    }
}
