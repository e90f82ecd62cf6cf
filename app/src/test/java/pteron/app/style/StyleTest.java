package pteron.app.style;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pteron.core.drawing.Matter;

class StyleTest {

    private static String sheet(String name) throws IOException {
        try (InputStream in =
                StyleTest.class.getResourceAsStream("/pteron/app/style/" + name + ".css")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static Set<String> found(String pattern, String text) {
        Set<String> names = new TreeSet<>();
        Matcher matcher = Pattern.compile(pattern).matcher(text);
        while (matcher.find()) {
            names.add(matcher.group(1));
        }
        return names;
    }

    /** Every colour that the style sheet looks up is given in both themes. */
    @Test
    void bothThemes_giveTheSameColours() throws IOException {
        Set<String> light = found("(-[a-z-]+): #", sheet("light"));
        assertThat(found("(-[a-z-]+): #", sheet("dark"))).isEqualTo(light);
        Set<String> used = found("[: ](-(?!fx|color)[a-z][a-z-]*)(?=[ ;])", sheet("pteron"));
        assertThat(light).containsAll(used);
    }

    /** No text under 12 px. */
    @Test
    void noTextUnderTwelvePixels() throws IOException {
        assertThat(found("-fx-font-size: ([0-9.]+)em", sheet("pteron")))
                .isNotEmpty()
                .allMatch(size -> Double.parseDouble(size) * Letters.USUAL >= 11.99);
    }

    /** Contrast of words on their ground: 4.5 at the least, WCAG 2.1. */
    @ParameterizedTest
    @EnumSource(Theme.class)
    void wordsStandOut(Theme theme) {
        Palette palette = Palette.of(theme);
        assertThat(contrast(palette.ink(), palette.paper())).isGreaterThan(7);
        assertThat(contrast(palette.quiet(), palette.paper())).isGreaterThan(4.5);
        assertThat(contrast(palette.stops(), palette.paper())).isGreaterThan(4.5);
        assertThat(contrast(palette.choice(), palette.paper())).isGreaterThan(4.5);
    }

    /** Words of the style sheet on every ground that they stand on: 4.5 at the least. */
    @ParameterizedTest
    @EnumSource(Theme.class)
    void wordsOfTheSheet_standOut(Theme theme) throws IOException {
        Map<String, Color> colours = colours(theme == Theme.LIGHT ? "light" : "dark");
        for (String word : List.of("-ink", "-quiet", "-choice", "-stops", "-watch", "-holds")) {
            for (String ground : List.of("-paper", "-panel", "-foot", "-field")) {
                assertThat(contrast(colours.get(word), colours.get(ground)))
                        .as("%s on %s, %s", word, ground, theme)
                        .isGreaterThanOrEqualTo(4.5);
            }
        }
        assertThat(contrast(colours.get("-on-choice"), colours.get("-choice"))).isGreaterThan(4.5);
        assertThat(contrast(colours.get("-stops"), colours.get("-stops-soft"))).isGreaterThan(4.5);
        assertThat(contrast(colours.get("-choice"), colours.get("-choice-soft")))
                .isGreaterThan(4.5);
        assertThat(contrast(colours.get("-ink"), colours.get("-choice-soft"))).isGreaterThan(4.5);
        assertThat(contrast(colours.get("-quiet"), colours.get("-choice-soft"))).isGreaterThan(4.5);
    }

    private static Map<String, Color> colours(String sheet) throws IOException {
        Map<String, Color> colours = new TreeMap<>();
        Matcher matcher = Pattern.compile("(-[a-z-]+): (#[0-9A-F]{6})").matcher(sheet(sheet));
        while (matcher.find()) {
            colours.put(matcher.group(1), Color.web(matcher.group(2)));
        }
        return colours;
    }

    private static double contrast(Color one, Color other) {
        double a = luminance(one);
        double b = luminance(other);
        return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
    }

    private static double luminance(Color color) {
        return 0.2126 * linear(color.getRed())
                + 0.7152 * linear(color.getGreen())
                + 0.0722 * linear(color.getBlue());
    }

    private static double linear(double channel) {
        return channel <= 0.03928 ? channel / 12.92 : Math.pow((channel + 0.055) / 1.055, 2.4);
    }

    @ParameterizedTest
    @EnumSource(Matter.class)
    void everyMatter_hasAFill(Matter matter) {
        assertThat(Palette.of(Theme.LIGHT).fill(matter)).isNotNull();
        assertThat(Palette.of(Theme.DARK).fill(matter)).isNotNull();
    }

    @Test
    void use_changesAtItsLimits() {
        Palette palette = Palette.of(Theme.LIGHT);
        assertThat(palette.ofUse(0.5)).isEqualTo(palette.holds());
        assertThat(palette.ofUse(0.9)).isEqualTo(palette.watch());
        assertThat(palette.ofUse(1.01)).isEqualTo(palette.stops());
        assertThat(Theme.LIGHT.other()).isEqualTo(Theme.DARK);
    }
}
