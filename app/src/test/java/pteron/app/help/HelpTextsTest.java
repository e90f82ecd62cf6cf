package pteron.app.help;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

/** Help ships with the application and is whole. */
class HelpTextsTest {

    @Test
    void words_areThere_inOrder() {
        assertThat(HelpTexts.words()).hasSizeGreaterThan(50);
        assertThat(HelpTexts.words())
                .extracting(Topic::title)
                .isSortedAccordingTo(String.CASE_INSENSITIVE_ORDER)
                .contains("kerf", "bow", "coupler load share");
        assertThat(HelpTexts.words()).allMatch(word -> word.lines().getFirst().endsWith("."));
    }

    @Test
    void howTos_areThere_theFirstStepsFirst() {
        assertThat(HelpTexts.howTos()).hasSizeGreaterThanOrEqualTo(8);
        assertThat(HelpTexts.howTos().getFirst().title()).contains("from nothing");
        assertThat(HelpTexts.howTos()).allMatch(how -> !how.lines().isEmpty());
    }
}
