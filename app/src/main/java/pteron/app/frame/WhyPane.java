package pteron.app.frame;

import java.util.List;
import java.util.concurrent.CompletableFuture;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import pteron.app.keep.Faults;
import pteron.app.station.Cells;
import pteron.app.station.Workbench;
import pteron.core.cure.NextSections;
import pteron.core.cure.NextSections.Other;
import pteron.core.edit.Cures;
import pteron.core.frame.Member;
import pteron.core.model.BoxModel;
import pteron.core.quantity.UnitSystem;
import pteron.core.strength.Governing;
import pteron.exchange.frame.WhyWords;
import pteron.exchange.words.CureWords;

/** Why a member is as thick as it is: what governs, its load, moment and deflection, and what the next sizes would give. */
final class WhyPane extends VBox {

    /** Time without an edit after which the next sizes are worked out. */
    private static final Duration STILL = Duration.millis(300);

    private final Member member;
    private final Workbench bench;
    private final VBox others = new VBox(4);

    WhyPane(Member member, Governing governing, Workbench bench) {
        super(4);
        this.member = member;
        this.bench = bench;
        setId("why");
        UnitSystem units = bench.units();
        getChildren().add(Cells.headline("Why this size"));
        getChildren().add(wrapped(WhyWords.governs(governing, units)));
        getChildren().add(quiet(WhyWords.load(governing, units)));
        getChildren().add(new BeamDiagram(governing, bench));
        getChildren().add(others);
        getChildren().add(quiet(WhyWords.span(governing, units)));
        governing.checks().stream()
                .filter(check -> check != governing.check())
                .forEach(check -> getChildren().add(quiet(WhyWords.check(check, units))));
        whenStill();
    }

    private static Label wrapped(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMinHeight(USE_PREF_SIZE);
        return label;
    }

    private static Label quiet(String text) {
        Label label = wrapped(text);
        label.getStyleClass().add("quiet");
        return label;
    }

    /** Another edit makes another pane, so that this one need not be worked out any more. */
    private void whenStill() {
        BoxModel model = bench.document().model();
        PauseTransition pause = new PauseTransition(STILL);
        pause.setOnFinished(
                event -> {
                    if (getScene() != null) {
                        CompletableFuture.supplyAsync(() -> NextSections.of(model, member))
                                .thenAccept(found -> Platform.runLater(() -> show(found)))
                                .exceptionally(WhyPane::failed);
                    }
                });
        pause.play();
    }

    private static Void failed(Throwable fault) {
        Faults.report(fault);
        return null;
    }

    private void show(List<Other> found) {
        for (Other other : found) {
            others.getChildren()
                    .add(
                            wrapped(
                                    WhyWords.other(other, member, bench.units())
                                            + ": "
                                            + WhyWords.would(other)));
            Button use = new Button(CureWords.of(other.change(), bench.document().plan()));
            use.getStyleClass().add("cure");
            use.setId("use-" + Math.round(other.depthMm()));
            use.setOnAction(event -> bench.edit(plan -> Cures.apply(plan, other.change())));
            others.getChildren().add(use);
        }
    }
}
