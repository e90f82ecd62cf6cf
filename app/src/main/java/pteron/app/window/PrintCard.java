package pteron.app.window;

import java.util.List;
import javafx.geometry.Pos;
import javafx.print.PageLayout;
import javafx.print.PageOrientation;
import javafx.print.PrinterJob;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** What would be printed, page by page, before it is. */
final class PrintCard extends VBox {

    private static final double WIDE = 620;
    private static final double HIGH = 470;

    private final List<Image> pages;
    private final ImageView page = new ImageView();
    private final Label number = new Label();
    private int shown;

    /**
     * What is done from here.
     *
     * @param print prints all pages
     * @param save saves them as a PDF
     * @param away takes the card away
     */
    record Ways(Runnable print, Runnable save, Runnable away) {}

    PrintCard(List<Image> pages, Ways ways) {
        super(10);
        this.pages = pages;
        setId("print-card");
        getStyleClass().add("help-card");
        page.setPreserveRatio(true);
        page.setFitWidth(WIDE);
        page.setFitHeight(HIGH);
        StackPane paper = new StackPane(page);
        paper.setPrefSize(WIDE, HIGH);
        paper.getStyleClass().add("print-page");
        VBox.setVgrow(paper, Priority.ALWAYS);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Button print = button("print-now", "Print …", ways.print());
        print.getStyleClass().add("primary");
        HBox row =
                new HBox(
                        8,
                        button("print-before", "‹  Previous page", () -> show(shown - 1)),
                        number,
                        button("print-after", "Next page  ›", () -> show(shown + 1)),
                        gap,
                        button("print-save", "Save as PDF …", ways.save()),
                        print,
                        button("print-close", "Close   Esc", ways.away()));
        row.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(paper, row);
        show(0);
    }

    private static Button button(String id, String words, Runnable action) {
        Button button = new Button(words);
        button.setId(id);
        button.setOnAction(event -> action.run());
        return button;
    }

    private void show(int which) {
        shown = Math.clamp(which, 0, pages.size() - 1);
        page.setImage(pages.get(shown));
        number.setText("page %d of %d".formatted(shown + 1, pages.size()));
    }

    /** Puts pages on a printer's paper, each lying or upright as it is. */
    static boolean print(PrinterJob job, List<Image> pages) {
        for (Image image : pages) {
            boolean lying = image.getWidth() > image.getHeight();
            PageLayout layout =
                    job.getPrinter()
                            .createPageLayout(
                                    job.getJobSettings().getPageLayout().getPaper(),
                                    lying ? PageOrientation.LANDSCAPE : PageOrientation.PORTRAIT,
                                    0,
                                    0,
                                    0,
                                    0);
            ImageView view = new ImageView(image);
            view.setPreserveRatio(true);
            view.setFitWidth(layout.getPrintableWidth());
            view.setFitHeight(layout.getPrintableHeight());
            if (!job.printPage(layout, view)) {
                return false;
            }
        }
        return job.endJob();
    }
}
