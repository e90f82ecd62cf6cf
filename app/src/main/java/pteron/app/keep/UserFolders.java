package pteron.app.keep;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Function;

/** Where a user's settings and kept things lie. */
public final class UserFolders {

    private UserFolders() {}

    /** {@return folder of settings: {@code pteron.settings}, or where the desktop keeps them} */
    public static Path settings() {
        return folder("pteron.settings", "XDG_CONFIG_HOME", Path.of(".config"));
    }

    /** {@return folder of kept things: {@code pteron.data}, or where the desktop keeps them} */
    public static Path data() {
        return folder("pteron.data", "XDG_DATA_HOME", Path.of(".local", "share"));
    }

    private static Path folder(String property, String variable, Path usual) {
        Path home = Path.of(System.getProperty("user.home"));
        Function<String, Path> own = name -> Path.of(name).resolve("pteron");
        return Optional.ofNullable(System.getProperty(property))
                .map(Path::of)
                .or(
                        () ->
                                Optional.ofNullable(System.getenv(variable))
                                        .filter(name -> !name.isBlank())
                                        .map(own))
                .orElseGet(() -> home.resolve(usual).resolve("pteron"));
    }
}
