package pteron.app.frame;

import java.util.List;
import javafx.beans.InvalidationListener;
import javafx.beans.WeakInvalidationListener;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import pteron.app.station.Workbench;
import pteron.app.style.Palette;
import pteron.core.buildup.SectionText;
import pteron.core.frame.Member;
import pteron.core.geometry.Point2;
import pteron.core.page.Piece;
import pteron.core.page.SawSetting;
import pteron.core.quantity.LengthText;
import pteron.exchange.frame.BendWords;

/** A member as it lies on the saw: long and short side, each end's angle counted from a square cut. */
final class CutDrawing extends VBox {

    /** Width of what is drawn of a member (pixels): what the pane has beside its scroll bar. */
    static final double WIDE = 236;

    private static final double HIGH = 96;
    private static final double EDGE = 26;

    /** Height of the member in the drawing (pixels); its length is to another scale. */
    private static final double THICK = 24;

    private final Member member;
    private final Workbench bench;

    /** Paints again in other colours; held here, as the bench holds it weakly. */
    private final InvalidationListener repaint;

    CutDrawing(Member member, Workbench bench) {
        super(2);
        this.member = member;
        this.bench = bench;
        setId("cut-drawing");
        Label name = new Label(member.name());
        name.getStyleClass().add("headline");
        Label timber = new Label(timber());
        timber.getStyleClass().add("quiet");
        timber.setWrapText(true);
        Label cuts = new Label(words());
        cuts.setWrapText(true);
        cuts.setMinHeight(USE_PREF_SIZE);
        Canvas canvas = new Canvas(WIDE, HIGH);
        paint(canvas.getGraphicsContext2D());
        repaint =
                theme -> {
                    canvas.getGraphicsContext2D().clearRect(0, 0, WIDE, HIGH);
                    paint(canvas.getGraphicsContext2D());
                };
        bench.themeProperty().addListener(new WeakInvalidationListener(repaint));
        getChildren().addAll(name, timber, canvas, cuts);
    }

    private String timber() {
        return "%s, %s"
                .formatted(
                        SectionText.of(member.section(), bench.units()),
                        bench.document().model().library().get(member.timber()).name());
    }

    private String length(double mm) {
        return LengthText.format(mm, bench.units());
    }

    private String words() {
        String start = SawSetting.words(member.startCut());
        String end = SawSetting.words(member.endCut());
        String bevel = Piece.bevel(member);
        String rip = bevel.isEmpty() ? "" : ", edge bevel " + bevel;
        String block =
                start.contains("block") || end.contains("block")
                        ? "; “block”: past 60°, the piece along a block square to the fence"
                        : "";
        return "saw at left end %s, right end %s%s (0° is square)%s%s"
                .formatted(start, end, rip, block, BendWords.of(member, bench.units()));
    }

    private void paint(GraphicsContext g) {
        Palette palette = Palette.of(bench.themeProperty().get());
        List<Point2> corners = member.profile().corners();
        Point2 axis = member.axis();
        Point2 side = axis.leftNormal().times(-1);
        double low = corners.stream().mapToDouble(axis::dot).min().orElse(0);
        double least = corners.stream().mapToDouble(side::dot).min().orElse(0);
        double most = corners.stream().mapToDouble(side::dot).max().orElse(1);
        double along = (WIDE - 2 * EDGE) / member.lengthMm();
        double across = THICK / Math.max(1, most - least);
        double top = (HIGH - THICK) / 2;
        double[] x = new double[corners.size()];
        double[] y = new double[corners.size()];
        for (int i = 0; i < corners.size(); i++) {
            x[i] = EDGE + (axis.dot(corners.get(i)) - low) * along;
            y[i] = top + (side.dot(corners.get(i)) - least) * across;
        }
        g.setFill(palette.timber());
        g.fillPolygon(x, y, x.length);
        g.setStroke(palette.ink());
        g.setLineWidth(1.3);
        g.strokePolygon(x, y, x.length);
        squares(g, palette, top);
        figures(g, palette, top);
    }

    /** Where a square cut would run: the angles are counted from there. */
    private static void squares(GraphicsContext g, Palette palette, double top) {
        g.setLineDashes(3, 3);
        g.setStroke(palette.quiet());
        g.strokeLine(EDGE, top - 8, EDGE, top + THICK + 8);
        g.strokeLine(WIDE - EDGE, top - 8, WIDE - EDGE, top + THICK + 8);
        g.setLineDashes();
    }

    private void figures(GraphicsContext g, Palette palette, double top) {
        g.setFont(Font.font("Overpass Mono", 12));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.setFill(palette.ink());
        g.fillText("long point " + length(member.lengthMm()), WIDE / 2, top - 20);
        boolean bevelled = member.lengthMm() - member.shortSideMm() > 0.5;
        g.fillText(
                bevelled ? "short point " + length(member.shortSideMm()) : "both edges equal",
                WIDE / 2,
                top + THICK + 20);
    }
}
