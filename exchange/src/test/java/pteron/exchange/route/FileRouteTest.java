package pteron.exchange.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.EnumSet;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import pteron.core.drawing.View;
import pteron.core.model.Route;
import pteron.core.station.Station;
import pteron.exchange.station.ShopList;
import pteron.exchange.station.StationFiles;

/** Every station of the route gives its words, and no two give the same. */
class FileRouteTest {

    @Test
    void everyStation_isRegistered_inTheOrderOfTheWork() {
        assertThat(FileRoute.ALL)
                .extracting(StationFiles::station)
                .containsExactlyElementsOf(Route.stations());
        Route.stations().forEach(one -> assertThat(FileRoute.of(one).station()).isEqualTo(one));
        assertThatThrownBy(() -> FileRoute.of(Station.of("moon", "Moon")))
                .hasMessageContaining("[moon]")
                .hasMessageContaining("register");
    }

    @Test
    void lists_haveNamesOfTheirOwn() {
        List<ShopList> lists =
                FileRoute.ALL.stream().flatMap(files -> files.lists().stream()).toList();
        assertThat(lists).extracting(ShopList::name).doesNotHaveDuplicates().isNotEmpty();
    }

    /** The frame of each panel is a table with its drawing, not a view. */
    @Test
    void everyViewButTheSheetOfAll_isPrintedOnce() {
        assertThat(FileRoute.ALL.stream().flatMap(files -> files.views().stream()))
                .containsExactlyInAnyOrderElementsOf(
                        EnumSet.complementOf(EnumSet.of(View.ALL, View.FRAMES)));
    }

    /** Words of one code or kind in two stations would depend on their order. */
    @Test
    void words_standOnce() {
        List<String> all =
                FileRoute.ALL.stream()
                        .flatMap(
                                files ->
                                        Stream.concat(
                                                files.words().findings().keySet().stream(),
                                                files.words().cures().keySet().stream()))
                        .toList();
        assertThat(all).doesNotHaveDuplicates().hasSizeGreaterThan(140);
    }

    /** A station that says and gives nothing is not registered in earnest. */
    @Test
    void everyStation_saysOrGivesSomething() {
        assertThat(FileRoute.ALL)
                .allSatisfy(
                        files ->
                                assertThat(
                                                files.words().caution().isEmpty()
                                                        && files.lists().isEmpty()
                                                        && files.tables().isEmpty())
                                        .as(files.station().label())
                                        .isFalse());
    }
}
