package pteron.app.window;

/** What can be done with the window itself. */
interface WindowLook {

    /** {@return whether a card lies over the window: commands rest meanwhile} */
    boolean isAsking();

    /** Light instead of dark, or dark instead of light. */
    void switchTheme();

    /** Shows the search. */
    void showSearch();

    /** Shows the drawing larger or smaller by a factor. */
    void zoom(double factor);

    /** Shows help. */
    void showHelp();

    /** Shows what a word of the trade means. */
    void showWord(String word);

    /** Makes the letters a step larger, or as usual again after the largest. */
    void largerLetters();

    /** Takes the measuring tape out or rolls it up. */
    void measure();

    /** Rolls the measuring tape up. */
    void rollUpTape();

    /** Fits the drawing into the window. */
    void fit();

    /** Opens the small sums in a window of their own. */
    void showReckoner();
}
