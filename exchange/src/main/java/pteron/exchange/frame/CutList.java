package pteron.exchange.frame;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import pteron.core.frame.Bend;
import pteron.core.frame.EndCut;
import pteron.core.frame.Member;
import pteron.core.material.MaterialLibrary;
import pteron.core.mechanics.LaminatedBend;
import pteron.core.model.BoxModel;
import pteron.core.page.FramePage;
import pteron.core.page.FramePages;
import pteron.core.page.Piece;
import pteron.core.page.SawSetting;
import pteron.core.tube.TubeEnd;
import pteron.core.tube.Tubes;
import pteron.exchange.csv.Csv;

/** Writes the cut list. */
final class CutList {

    private static final String[] HEADER = {
        "name",
        "role",
        "panel",
        "material",
        "thickness mm",
        "depth mm",
        "length mm",
        "start cut °",
        "end cut °",
        "edge bevel °",
        "mass kg",
        "tightest radius mm",
        "strips",
        "wall mm",
        "start meets",
        "end meets",
        "weld mm",
        "page",
        "number",
        "from 0 mm",
        "centre mm",
        "short point mm",
        "saw at start",
        "saw at end",
        "length from the work",
        "frames"
    };

    private CutList() {}

    /** {@return one row for each member: what to cut, how long, at which angles} */
    static String text(BoxModel model) {
        return Csv.text(
                HEADER,
                rows -> {
                    Map<Member, List<TubeEnd>> ends = ends(model);
                    Map<Member, Placed> places = places(model);
                    for (Member member : model.members()) {
                        List<TubeEnd> own = ends.getOrDefault(member, List.of());
                        row(rows, model.library(), member, own, places.get(member));
                    }
                });
    }

    /** A piece and the page it stands on. */
    private record Placed(String page, Piece piece) {}

    /** Two members may be equal in all but their name, so each is told by itself. */
    private static Map<Member, Placed> places(BoxModel model) {
        Map<Member, Placed> places = new IdentityHashMap<>();
        for (FramePage page : FramePages.of(model)) {
            for (Piece piece : page.pieces()) {
                places.put(piece.member(), new Placed(page.title(), piece));
            }
        }
        return places;
    }

    private static void row(
            Csv.Rows rows,
            MaterialLibrary library,
            Member member,
            List<TubeEnd> own,
            Placed placed) {
        List<String> cells = new ArrayList<>(cut(library, member, own));
        cells.addAll(place(placed));
        rows.print(cells.toArray());
    }

    private static List<String> cut(MaterialLibrary library, Member member, List<TubeEnd> own) {
        return List.of(
                member.name(),
                member.role().label(member.panel().kind()),
                member.panel().words(),
                library.get(member.timber()).name(),
                Csv.number(member.section().thicknessMm(), 1),
                Csv.number(member.section().depthMm(), 1),
                Csv.number(member.lengthMm(), 1),
                angles(member.startCut()),
                angles(member.endCut()),
                Csv.number(member.ripDegrees(), 1),
                Csv.number(member.massKg(), 3),
                member.bend().map(bend -> Csv.number(bend.leastRadiusMm(), 1)).orElse(""),
                member.bend()
                        .flatMap(Bend::way)
                        .filter(LaminatedBend.class::isInstance)
                        .map(LaminatedBend.class::cast)
                        .map(glued -> String.valueOf(glued.strips()))
                        .orElse(""),
                Csv.number(member.section().wallMm(), 2),
                meets(own, false),
                meets(own, true),
                Csv.number(own.stream().mapToDouble(TubeEnd::weldMm).sum(), 0));
    }

    private static List<String> place(Placed placed) {
        Piece piece = placed.piece();
        return List.of(
                placed.page(),
                String.valueOf(piece.number()),
                Csv.number(piece.fromZeroMm(), 1),
                Csv.number(piece.middleMm(), 1),
                Csv.number(piece.shortPointMm(), 1),
                SawSetting.words(piece.member().startCut()),
                SawSetting.words(piece.member().endCut()),
                piece.isTakenFromWork() ? "yes" : "",
                piece.frames().orElse(""));
    }

    private static Map<Member, List<TubeEnd>> ends(BoxModel model) {
        return model.find(Tubes.class).stream()
                .flatMap(tubes -> tubes.ends().stream())
                .collect(Collectors.groupingBy(TubeEnd::member));
    }

    private static String meets(List<TubeEnd> ends, boolean atEnd) {
        return ends.stream()
                .filter(end -> end.atEnd() == atEnd)
                .map(end -> end.kind().label())
                .findFirst()
                .orElse("");
    }

    private static String angles(EndCut cut) {
        return String.join(
                " / ", cut.degrees().stream().map(angle -> Csv.number(angle, 1)).toList());
    }
}
