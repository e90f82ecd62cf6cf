package pteron.app.sealing;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.Node;
import pteron.app.station.ListAside;
import pteron.app.station.ListAside.Row;
import pteron.app.station.Workbench;
import pteron.core.model.BoxModel;
import pteron.core.quantity.NumberText;
import pteron.core.quantity.Quantity;
import pteron.core.quantity.Unit;
import pteron.core.sealing.JointKind;
import pteron.core.sealing.SealedJoint;
import pteron.core.sealing.Sealing;

/** The joints by kind, with their metres; what they take. */
final class JointsAside implements ListAside.Content {

    private final Workbench bench;

    private JointsAside(Workbench bench) {
        this.bench = bench;
    }

    static Node of(Workbench bench) {
        return new ListAside(bench, "joints", new JointsAside(bench));
    }

    private BoxModel model() {
        return bench.document().model();
    }

    static String metres(double mm, Workbench bench) {
        return new Quantity(mm / 1000, Unit.METRE).text(bench.units());
    }

    @Override
    public List<Row> rows() {
        List<Row> rows = new ArrayList<>();
        Sealing sealing = model().find(Sealing.class).orElse(null);
        if (sealing == null) {
            return rows;
        }
        for (JointKind kind : JointKind.values()) {
            rows.add(
                    new Row(
                            "",
                            kind.label(),
                            metres(sealing.lengthMm(kind), bench),
                            kind.taped() ? "butyl tape" : "sealant"));
            rows.addAll(equal(sealing, kind));
        }
        return rows;
    }

    /** Joints of one place and length are told once: 3 × 2.1 m. */
    private List<Row> equal(Sealing sealing, JointKind kind) {
        Map<String, Integer> counts = new LinkedHashMap<>();
        for (SealedJoint joint : sealing.joints()) {
            if (joint.kind() == kind) {
                String words = joint.where() + "|" + metres(joint.lengthMm(), bench);
                counts.merge(words, 1, Integer::sum);
            }
        }
        List<Row> rows = new ArrayList<>();
        counts.forEach(
                (words, count) -> {
                    String[] parts = words.split("\\|");
                    String times = count > 1 ? count + " × " : "";
                    rows.add(new Row("", "   " + parts[0], times + parts[1], ""));
                });
        return rows;
    }

    @Override
    public Node chosen(String part) {
        return null;
    }

    @Override
    public String sum() {
        return model().find(Sealing.class)
                .map(
                        sealing ->
                                NumberText.counted(sealing.cartridges(), "cartridge", "cartridges")
                                        + " and "
                                        + NumberText.counted(
                                                sealing.tapeRolls(),
                                                "roll of tape",
                                                "rolls of tape"))
                .orElse("No joints yet. See Findings.");
    }
}
