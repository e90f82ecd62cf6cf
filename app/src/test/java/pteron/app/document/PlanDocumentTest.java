package pteron.app.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import pteron.app.keep.Stamp;
import pteron.core.edit.BoxEdits;
import pteron.core.plan.BoxPlan;
import pteron.core.plan.StartingPlans;

class PlanDocumentTest {

    @TempDir Path folder;

    private final BoxPlan plan = StartingPlans.square();
    private final PlanDocument document = new PlanDocument(plan, null);

    @Test
    void edit_undo_redo_withoutLimit() {
        for (int i = 1; i <= 40; i++) {
            double length = 4300 + i;
            document.edit(before -> BoxEdits.withLength(before, length));
        }
        assertThat(document.canRedoProperty().get()).isFalse();
        for (int i = 0; i < 40; i++) {
            document.undo();
        }
        assertThat(document.plan()).isEqualTo(plan);
        assertThat(document.canUndoProperty().get()).isFalse();
        document.redo();
        assertThat(BoxEdits.length(document.plan())).isEqualTo(4301);
        document.edit(before -> BoxEdits.withLength(before, 4000));
        assertThat(document.canRedoProperty().get()).isFalse();
    }

    @Test
    void edit_sameMergeKeyInARow_isOneStep() {
        for (double length : new double[] {4310, 4320, 4330}) {
            document.edit(before -> BoxEdits.withLength(before, length), "drag");
        }
        document.endMerge();
        document.edit(before -> BoxEdits.withLength(before, 4340), "drag");
        document.undo();
        assertThat(BoxEdits.length(document.plan())).isEqualTo(4330);
        document.undo();
        assertThat(document.plan()).isEqualTo(plan);
    }

    @Test
    void edit_refused_nothingChanges() {
        assertThatThrownBy(() -> document.edit(before -> before.withBox(before.box().withWidth(1))))
                .isInstanceOf(IllegalArgumentException.class);
        assertThat(document.plan()).isEqualTo(plan);
        assertThat(document.canUndoProperty().get()).isFalse();
    }

    @Test
    void changed_followsTheSavedPlan() {
        assertThat(document.changedProperty().get()).isFalse();
        document.edit(before -> BoxEdits.withLength(before, 4350));
        assertThat(document.changedProperty().get()).isTrue();
        document.savedAs(document.plan(), folder.resolve("a.json"), Stamp.NONE);
        assertThat(document.changedProperty().get()).isFalse();
        document.undo();
        assertThat(document.changedProperty().get()).isTrue();
    }

    @Test
    void recentFiles_newestFirst_goneOnesLeftOut() throws Exception {
        RecentFiles recent = new RecentFiles(folder.resolve("settings"));
        Path one = Files.createFile(folder.resolve("one.json"));
        Path two = Files.createFile(folder.resolve("two.json"));
        recent.opened(one);
        recent.opened(two);
        recent.opened(one);
        assertThat(recent.all()).containsExactly(one, two);
        Files.delete(one);
        assertThat(recent.all()).containsExactly(two);
    }
}
