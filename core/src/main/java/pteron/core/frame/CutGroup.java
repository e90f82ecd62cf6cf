package pteron.core.frame;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pteron.core.quantity.LengthText;
import pteron.core.quantity.UnitSystem;

/**
 * Members that are cut alike: one setting of the saw makes them all. Immutable.
 *
 * @param members the members, at least one, in the order of the frame
 */
public record CutGroup(List<Member> members) {

    /** Copies the list. */
    public CutGroup {
        members = List.copyOf(members);
    }

    /** What makes two pieces alike on the saw; lengths as a tape tells them, angles to a tenth of a degree. */
    private record Setting(
            String timber,
            double thickness,
            double depth,
            String length,
            List<Long> start,
            List<Long> end,
            long rip,
            String radius) {
        static Setting of(Member member, UnitSystem units) {
            return new Setting(
                    member.timber(),
                    member.section().thicknessMm(),
                    member.section().depthMm(),
                    LengthText.format(member.lengthMm(), units),
                    member.startCut().degrees().stream().map(Setting::tenths).toList(),
                    member.endCut().degrees().stream().map(Setting::tenths).toList(),
                    tenths(member.ripDegrees()),
                    member.bend()
                            .map(bend -> LengthText.format(bend.leastRadiusMm(), units))
                            .orElse(""));
        }

        private static long tenths(double value) {
            return Math.round(value * 10);
        }
    }

    /**
     * {@return the members grouped by section and saw setting, thick ones first, the longest first}
     *
     * @param members the members
     * @param units how lengths are told: what is told alike is cut alike
     */
    public static List<CutGroup> of(List<Member> members, UnitSystem units) {
        Map<Setting, List<Member>> groups = new LinkedHashMap<>();
        for (Member member : members) {
            groups.computeIfAbsent(Setting.of(member, units), setting -> new ArrayList<>())
                    .add(member);
        }
        return groups.values().stream()
                .map(CutGroup::new)
                .sorted(
                        Comparator.comparingDouble(
                                        (CutGroup group) -> -group.first().section().depthMm())
                                .thenComparingDouble(
                                        group -> -group.first().section().thicknessMm())
                                .thenComparingDouble(group -> -group.first().lengthMm()))
                .toList();
    }

    /** {@return one of them} */
    public Member first() {
        return members.getFirst();
    }

    /** {@return how many there are} */
    public int count() {
        return members.size();
    }

    /** {@return where they go: their names, equal beginnings told once} */
    public String names() {
        Map<String, List<String>> byKind = new LinkedHashMap<>();
        for (Member member : members) {
            String name = member.name();
            int last = name.lastIndexOf(' ');
            boolean numbered = last > 0 && name.substring(last + 1).matches("\\d+");
            byKind.computeIfAbsent(
                            numbered ? name.substring(0, last) : name, k -> new ArrayList<>())
                    .add(numbered ? name.substring(last + 1) : "");
        }
        List<String> words = new ArrayList<>();
        byKind.forEach((kind, numbers) -> words.add((kind + " " + runs(numbers)).strip()));
        return String.join("; ", words);
    }

    /** Three numbers and more that follow each other are told by the first and the last: "1 to 4, 7". */
    private static String runs(List<String> numbers) {
        List<String> words = new ArrayList<>();
        int from = 0;
        for (int at = 1; at <= numbers.size(); at++) {
            if (at < numbers.size() && follows(numbers.get(at - 1), numbers.get(at))) {
                continue;
            }
            if (at - from > 2) {
                words.add(numbers.get(from) + " to " + numbers.get(at - 1));
            } else {
                words.addAll(numbers.subList(from, at));
            }
            from = at;
        }
        return String.join(", ", words);
    }

    private static boolean follows(String before, String after) {
        return !before.isEmpty()
                && !after.isEmpty()
                && Integer.parseInt(after) == Integer.parseInt(before) + 1;
    }
}
