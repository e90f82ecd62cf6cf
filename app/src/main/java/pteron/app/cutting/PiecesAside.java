package pteron.app.cutting;

import java.util.List;
import javafx.scene.Node;
import pteron.app.station.ListAside;
import pteron.app.station.ListAside.Row;
import pteron.app.station.Workbench;
import pteron.core.buildup.SectionText;
import pteron.core.frame.CutGroup;
import pteron.core.frame.Member;
import pteron.core.page.SawSetting;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Quantity;

/** The cut list: pieces that are cut alike together, counted, with their angles and where they go. */
final class PiecesAside implements ListAside.Content {

    private final Workbench bench;

    private PiecesAside(Workbench bench) {
        this.bench = bench;
    }

    static Node of(Workbench bench) {
        return new ListAside(bench, "cut-list", new PiecesAside(bench));
    }

    private List<CutGroup> groups() {
        return CutGroup.of(bench.document().model().members(), bench.units());
    }

    @Override
    public List<Row> rows() {
        return groups().stream().map(this::row).toList();
    }

    private Row row(CutGroup group) {
        Member member = group.first();
        String length = Quantity.mm(member.lengthMm()).text(bench.units());
        String section = SectionText.of(member.section(), bench.units());
        return new Row(
                "", section, group.count() + " × " + length, ends(member) + "; " + group.names());
    }

    private static String ends(Member member) {
        String start = SawSetting.words(member.startCut());
        String end = SawSetting.words(member.endCut());
        return start.equals(end) ? "saw " + start + " both ends" : "saw " + start + ", " + end;
    }

    @Override
    public Node chosen(String part) {
        return null;
    }

    @Override
    public String sum() {
        List<CutGroup> groups = groups();
        int pieces = groups.stream().mapToInt(CutGroup::count).sum();
        return pieces == 0
                ? "No members yet. See Findings."
                : NumberText.counted(pieces, "part", "parts")
                        + ", "
                        + NumberText.counted(groups.size(), "saw set-up", "saw set-ups");
    }
}
