package pteron.app.frame;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import pteron.app.station.Cells;
import pteron.app.station.ListAside;
import pteron.app.station.ListAside.Row;
import pteron.app.station.Workbench;
import pteron.core.buildup.SectionText;
import pteron.core.frame.Member;
import pteron.core.model.BoxModel;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.strength.Strength;
import pteron.exchange.frame.WhyWords;

/** The members, hardest worked first, and the cut drawing of the chosen one. */
final class MembersAside implements ListAside.Content {

    private final Workbench bench;

    private MembersAside(Workbench bench) {
        this.bench = bench;
    }

    static Node of(Workbench bench) {
        return new ListAside(bench, "members", new MembersAside(bench));
    }

    private BoxModel model() {
        return bench.document().model();
    }

    @Override
    public List<Row> rows() {
        Map<String, Double> uses =
                model().find(Strength.class).map(Strength::byMember).orElse(Map.of());
        List<Member> members = new ArrayList<>(model().members());
        members.sort(
                Comparator.comparingDouble(
                        (Member member) -> -uses.getOrDefault(member.name(), 0.0)));
        return members.stream().map(member -> row(member, uses)).toList();
    }

    private Row row(Member member, Map<String, Double> uses) {
        Double use = uses.get(member.name());
        String section = SectionText.of(member.section(), bench.units());
        String works = use == null ? "" : ", utilisation " + NumberText.percent(use);
        return new Row(
                member.name(),
                member.name(),
                Quantity.mm(member.lengthMm()).text(bench.units()),
                section + works);
    }

    @Override
    public Node chosen(String part) {
        return model().members().stream()
                .filter(member -> member.name().equals(part))
                .findFirst()
                .map(this::told)
                .orElse(null);
    }

    private Node told(Member member) {
        Node why =
                model().find(Strength.class)
                        .map(strength -> strength.governing().get(member.name()))
                        .<Node>map(governing -> new WhyPane(member, governing, bench))
                        .orElseGet(MembersAside::notChecked);
        return new VBox(8, new CutDrawing(member, bench), why);
    }

    private static Node notChecked() {
        Label words = Cells.quiet(WhyWords.NOT_CHECKED);
        words.setWrapText(true);
        words.setMinHeight(Region.USE_PREF_SIZE);
        return words;
    }

    @Override
    public String sum() {
        if (model().members().isEmpty()) {
            return "No members yet. See Findings.";
        }
        Map<String, Long> counts =
                model().members().stream()
                        .collect(
                                Collectors.groupingBy(
                                        member -> member.role().label(), Collectors.counting()));
        double metres = model().members().stream().mapToDouble(Member::lengthMm).sum() / 1000;
        return "%s, %s in all; %s among them"
                .formatted(
                        NumberText.counted(model().members().size(), "member", "members"),
                        new Quantity(metres, Unit.METRE).text(bench.units()),
                        NumberText.counted(counts.getOrDefault("stud", 0L), "stud", "studs"));
    }
}
