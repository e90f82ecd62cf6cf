package pteron.app.style;

import javafx.scene.paint.Color;
import pteron.core.drawing.Matter;
import pteron.core.figure.Verdict;

/**
 * Colours of the drawing. Immutable.
 *
 * @param paper behind the drawing
 * @param ink lines and words
 * @param quiet dimension lines
 * @param hairline edges of parts
 * @param choice what is chosen
 * @param stops what fails
 * @param watch what is close
 * @param holds what is good
 * @param timber members
 * @param foam insulation
 * @param skin outer sheets
 * @param metal carrier
 */
public record Palette(
        Color paper,
        Color ink,
        Color quiet,
        Color hairline,
        Color choice,
        Color stops,
        Color watch,
        Color holds,
        Color timber,
        Color foam,
        Color skin,
        Color metal) {

    private static final Palette LIGHT =
            of(
                    "#F3EFE6 #1E2B2A #56625E #A98A55 #0A6A7A #A93F22 #B87A0C #4A7337 #E4C99A #FAF6EA #C9D4D2 #BDB7A8");
    private static final Palette DARK =
            of(
                    "#172120 #ECE7DB #9BA8A3 #6E5B3A #4FB3C4 #E07A57 #E0AE4A #8DBB78 #987F5A #2A322E #3F4B49 #5A5A52");

    private static Palette of(String colours) {
        String[] c = colours.split(" ");
        return new Palette(
                Color.web(c[0]),
                Color.web(c[1]),
                Color.web(c[2]),
                Color.web(c[3]),
                Color.web(c[4]),
                Color.web(c[5]),
                Color.web(c[6]),
                Color.web(c[7]),
                Color.web(c[8]),
                Color.web(c[9]),
                Color.web(c[10]),
                Color.web(c[11]));
    }

    /** {@return the palette of a theme} */
    public static Palette of(Theme theme) {
        return theme == Theme.LIGHT ? LIGHT : DARK;
    }

    /** {@return how a material is filled} */
    public Color fill(Matter matter) {
        return switch (matter) {
            case TIMBER -> timber;
            case FOAM -> foam;
            case SKIN -> skin;
            case BOARD -> timber.interpolate(ink, 0.15);
            case STEEL -> metal;
            case DECK -> metal.interpolate(paper, 0.45);
            case TYRE -> Color.web("#3C4543");
            case HUB -> Color.web("#E9E5DA");
            case GLASS -> skin.interpolate(choice, 0.3).interpolate(paper, 0.3);
            case DOOR -> timber.interpolate(paper, 0.55);
            case SOLID -> metal.interpolate(paper, 0.7);
            case METAL -> metal.interpolate(ink, 0.15);
            case ROLL -> quiet.interpolate(paper, 0.25);
            case AIR -> paper;
            case PERSON -> ink.deriveColor(0, 1, 1, 0.55);
            case WEIGHT -> choice.deriveColor(0, 0.6, 1.2, 0.35);
        };
    }

    /** {@return the colour of demand over capacity} */
    public Color ofUse(double use) {
        return switch (Verdict.of(use)) {
            case FAILS -> stops;
            case CLOSE -> watch;
            case HOLDS -> holds;
        };
    }
}
