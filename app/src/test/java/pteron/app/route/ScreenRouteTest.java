package pteron.app.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import pteron.app.station.StationScreen;
import pteron.core.model.Route;
import pteron.core.station.Station;

/** Every station of the route has a screen. */
class ScreenRouteTest {

    @Test
    void everyStation_isRegistered_inTheOrderOfTheWork() {
        assertThat(ScreenRoute.ALL)
                .extracting(StationScreen::station)
                .containsExactlyElementsOf(Route.stations());
        assertThatThrownBy(() -> ScreenRoute.of(Station.of("moon", "Moon")))
                .hasMessageContaining("[moon]")
                .hasMessageContaining("register");
    }

    @Test
    void tables_haveKeysOfTheirOwn_andTheirStation() {
        assertThat(ScreenRoute.tables()).doesNotHaveDuplicates().isNotEmpty();
        for (String key : ScreenRoute.tables()) {
            assertThat(ScreenRoute.withTable(key)).isPresent();
        }
        assertThat(ScreenRoute.withTable("moon")).isEmpty();
    }
}
