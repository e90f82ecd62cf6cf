package pteron.app.side;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.atomic.AtomicInteger;
import javafx.beans.property.SimpleBooleanProperty;
import org.junit.jupiter.api.Test;

/** What is not looked at is not worked out, and is made good once when it is looked at. */
class WhileShownTest {

    private final SimpleBooleanProperty shown = new SimpleBooleanProperty(true);
    private final AtomicInteger updates = new AtomicInteger();
    private final WhileShown fresh = new WhileShown(shown, updates::incrementAndGet);

    @Test
    void whileItIsLookedAt_everyChangeIsShown() {
        fresh.changed();
        fresh.changed();
        assertThat(updates).hasValue(2);
    }

    @Test
    void whatChangedMeanwhile_isMadeGoodOnce() {
        shown.set(false);
        fresh.changed();
        fresh.changed();
        assertThat(updates).hasValue(0);
        shown.set(true);
        assertThat(updates).hasValue(1);
        shown.set(false);
        shown.set(true);
        assertThat(updates).as("nothing has changed since").hasValue(1);
    }
}
