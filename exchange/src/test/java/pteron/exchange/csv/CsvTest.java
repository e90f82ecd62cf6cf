package pteron.exchange.csv;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class CsvTest {

    @Test
    void numbers_arePlain() {
        assertThat(Csv.number(1885.04, 1)).isEqualTo("1885");
        assertThat(Csv.number(0.04, 1)).isEqualTo("0");
        assertThat(Csv.number(-0.04, 1)).isEqualTo("0");
        assertThat(Csv.number(1200, 0)).isEqualTo("1200");
    }
}
