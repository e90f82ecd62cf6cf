package pteron.core.skin;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import pteron.core.frame.Boarding;
import pteron.core.frame.Member;
import pteron.core.frame.PanelFrame;
import pteron.core.frame.SettingOut;
import pteron.core.frame.SheetColumns;
import pteron.core.geometry.Bounds2;
import pteron.core.geometry.Point2;
import pteron.core.geometry.Polygon2;
import pteron.core.geometry.Segment2;
import pteron.core.material.MaterialLibrary;
import pteron.core.shell.Skin;

/** Lays the sheets of one face. */
final class SkinLayout {

    /** Seam without timber behind it that still holds (mm); common practice: a hand's width. */
    static final double UNBACKED_MAY_BE_MM = 80;

    private final PanelFrame frame;
    private final Skin skin;
    private final List<Polygon2> openings;
    private final SheetColumns columns;
    private final List<Double> rows;
    private final Optional<BoardLayout> boards;

    SkinLayout(PanelFrame frame, Skin skin, List<Polygon2> openings, MaterialLibrary library) {
        this.frame = frame;
        this.skin = skin;
        this.openings = openings;
        double sheet = SettingOut.sheetWidth(skin, library);
        this.columns = new SheetColumns(skin, sheet, frame.settingOut().middles());
        boolean first = frame.panel().skins().getFirst() == skin;
        this.rows = first ? frame.settingOut().outerRows() : frame.settingOut().innerRows();
        this.boards =
                Boarding.of(skin, library)
                        .map(
                                boarding ->
                                        new BoardLayout(
                                                boarding, frame, skin.area().bounds(), rows));
    }

    /** {@return width of the widest piece that the face is made of, sheets in it not counted (mm)} */
    double widestPieceMm() {
        return columns.widestPieceMm();
    }

    /** {@return length of the pieces that the face is made of (mm)} */
    double longestPieceMm() {
        return skin.area().bounds().height() / skin.laying().up();
    }

    /** {@return the shapes of the pieces, column by column from the lowest u, row by row} */
    List<Polygon2> pieces() {
        return cells().stream()
                .flatMap(cell -> skin.area().shared(Polygon2.rectangle(cell)).stream())
                .flatMap(piece -> piece.without(openings).stream())
                .toList();
    }

    private List<Bounds2> cells() {
        if (boards.isPresent()) {
            return boards.get().pieces();
        }
        Bounds2 area = skin.area().bounds();
        List<Double> us = cuts(area.fromU(), columns.seams(), area.toU());
        List<Double> vs = cuts(area.fromV(), rows, area.toV());
        List<Bounds2> cells = new ArrayList<>();
        for (int i = 1; i < us.size(); i++) {
            for (int j = 1; j < vs.size(); j++) {
                cells.add(new Bounds2(us.get(i - 1), us.get(i), vs.get(j - 1), vs.get(j)));
            }
        }
        return cells;
    }

    private static List<Double> cuts(double from, List<Double> between, double to) {
        List<Double> cuts = new ArrayList<>();
        cuts.add(from);
        cuts.addAll(between);
        cuts.add(to);
        return cuts;
    }

    private List<Segment2> lines() {
        if (boards.isPresent()) {
            return boards.get().butts();
        }
        Bounds2 area = skin.area().bounds();
        List<Segment2> lines = new ArrayList<>();
        for (double u : columns.seams()) {
            lines.add(new Segment2(new Point2(u, area.fromV()), new Point2(u, area.toV())));
        }
        for (double v : rows) {
            lines.add(new Segment2(new Point2(area.fromU(), v), new Point2(area.toU(), v)));
        }
        return lines;
    }

    /** {@return the seams: between columns from the lowest u, then between rows; of boards only where they butt} */
    List<Seam> seams() {
        List<Polygon2> timber =
                frame.members().stream().filter(this::touches).map(Member::profile).toList();
        return lines().stream()
                .flatMap(line -> skin.area().cut(line).stream())
                .flatMap(line -> Polygon2.uncovered(line, openings).stream())
                .map(line -> new Seam(frame.panel(), skin, line, isBacked(line, timber)))
                .toList();
    }

    private boolean isBacked(Segment2 line, List<Polygon2> timber) {
        if (skin.face() == Skin.Face.FLOOR_TOP) {
            return true;
        }
        return frame.panel().frame().cut(line).stream()
                .flatMap(inside -> Polygon2.uncovered(inside, timber).stream())
                .noneMatch(gap -> gap.lengthMm() > UNBACKED_MAY_BE_MM);
    }

    private boolean touches(Member member) {
        return skin.fromInwardMm() < 0 ? member.reachesOuterFace() : member.reachesInnerFace();
    }
}
