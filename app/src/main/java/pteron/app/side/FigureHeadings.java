package pteron.app.side;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import pteron.core.figure.Figure;
import pteron.core.quantity.Unit;

/** Puts figures under headings by what they are about. */
final class FigureHeadings {

    /** Which keys, after that of the station, come under a heading. */
    private record Heading(Pattern keys, String words) {}

    private static final List<Heading> HEADINGS =
            List.of(
                    heading("payload|empty.*", "Mass"),
                    heading(
                            "overall.*|box-height|door-margin|floor-height|rear-overhang|departure.*",
                            "On the road and in the shop"),
                    heading("step.*", "Steps"),
                    heading("floor-needed|clearance.*|cab.*", "Clearance to the carrier"),
                    heading(
                            "length|height|width|side-area|volume|frontal-area|strip-area|centroid.*",
                            "The whole box"),
                    heading("strip.*|radius.*|batten.*", "Wrap over nose, roof and tail"),
                    heading("mitre.*|bend.*", "Corners"),
                    heading("inside.*|standing.*|bed.*", "Inside"),
                    heading("sill.*|upright.*", "Uprights"),
                    heading("floor-.*", "Floor"),
                    heading("walls-.*", "Walls"),
                    heading("roof-.*", "Roof"),
                    heading("heat.*|night.*", "Design night"),
                    heading("panel\\.floor-heel.*", "Panel under a heel"),
                    heading("panel\\.floor-ladder.*", "Panel under a ladder's foot"),
                    heading("panel\\.floor-edge.*", "Panel at its edge"),
                    heading("panel\\..*|pull.*", "Panels and screws"),
                    heading("glue.*", "Glue"),
                    heading("members|mass|wind.*", "Totals"),
                    heading("stud.*", "Studs"),
                    heading("bow.*", "Roof bows"),
                    heading("bearer.*", "Floor bearers"),
                    heading("floor\\..*", "Floor under a heel"),
                    heading("net-area.*", "Net wall areas"),
                    heading("area\\..*", "Area by face"),
                    heading("centre.*", "Centre of gravity"),
                    heading("margin.*", "Margins to the ratings"),
                    heading(".*-load|.*-share|axle.*", "Axle and coupler loads"));

    private FigureHeadings() {}

    private static Heading heading(String keys, String words) {
        return new Heading(Pattern.compile(keys), words);
    }

    /** {@return the figures under their headings, in the order in which the headings come up} */
    static Map<String, List<Figure>> of(List<Figure> figures) {
        Map<String, List<Figure>> groups = new LinkedHashMap<>();
        for (Figure figure : figures) {
            String key = figure.key().substring(figure.key().indexOf('.') + 1);
            // metres are of many pieces, not of the box
            boolean many = figure.quantity().unit() == Unit.METRE && key.equals("length");
            String words =
                    HEADINGS.stream()
                            .filter(heading -> !many)
                            .filter(heading -> heading.keys().matcher(key).matches())
                            .map(Heading::words)
                            .findFirst()
                            .orElse("Totals");
            groups.computeIfAbsent(words, heading -> new ArrayList<>()).add(figure);
        }
        return groups;
    }
}
