package pteron.app.keep;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What is remembered of the window comes back; a damaged file is as none. */
class PreferencesTest {

    @TempDir private Path folder;

    @Test
    void kept_comesBack() {
        Preferences some = new Preferences(true, true, 1.5, 1400, 900);
        some.keep(folder.resolve("new"));
        assertThat(Preferences.of(folder.resolve("new"))).isEqualTo(some);
    }

    @Test
    void nothingThere_isAsAtFirst() {
        assertThat(Preferences.of(folder)).isEqualTo(Preferences.FIRST);
    }

    @Test
    void damaged_isAsAtFirst_whereItCannotBeRead() throws IOException {
        Files.writeString(
                folder.resolve("preferences.properties"),
                "dark=true\nletters=99\nwidth=NaN\nheight=-3\n\\u00zz");
        assertThat(Preferences.of(folder)).isEqualTo(Preferences.FIRST);
        Files.writeString(
                folder.resolve("preferences.properties"),
                "dark=true\nletters=99\nwidth=NaN\nheight=-3\n");
        assertThat(Preferences.of(folder)).isEqualTo(new Preferences(true, false, 1, 0, 0));
    }

    /** A folder that cannot be written keeps nothing and throws nothing. */
    @Test
    void keep_whereItCannotBe() throws IOException {
        Path file = Files.writeString(folder.resolve("file"), "");
        Preferences.FIRST.keep(file.resolve("below"));
        assertThat(Preferences.of(file)).isEqualTo(Preferences.FIRST);
    }
}
