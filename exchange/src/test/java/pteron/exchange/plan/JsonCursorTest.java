package pteron.exchange.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.List;
import org.junit.jupiter.api.Test;
import pteron.core.quantity.Require.Range;

class JsonCursorTest {

    private static final Range MM = new Range(0, 100, "mm");

    private enum Colour {
        RED,
        DARK_BLUE
    }

    private static JsonCursor cursor(String json) throws Exception {
        return new JsonCursor(new ObjectMapper().readTree(json), "");
    }

    @Test
    void reads_numbersTextsChoicesLists() throws Exception {
        JsonCursor at =
                cursor(
                        "{\"a\": 1.5, \"b\": \"x\", \"c\": \"dark_blue\", \"d\": [1, 2], \"e\": [{\"f\": 3}]}");
        assertThat(at.number("a", MM)).isEqualTo(1.5);
        assertThat(at.text("b")).isEqualTo("x");
        assertThat(at.choice("c", Colour.values())).isEqualTo(Colour.DARK_BLUE);
        assertThat(at.numbers("d", MM)).containsExactly(1.0, 2.0);
        List<Double> inner = at.objects("e", o -> o.number("f", MM));
        assertThat(inner).containsExactly(3.0);
        at.nothingElse();
    }

    @Test
    void saysThePath() throws Exception {
        JsonCursor at = cursor("{\"a\": {\"b\": [{\"c\": 101}]}}");
        assertThatThrownBy(() -> at.object("a", a -> a.objects("b", b -> b.number("c", MM))))
                .isInstanceOf(PlanFormatException.class)
                .hasMessage("a.b[0].c: is 101 mm and must be from 0 to 100 mm; correct it")
                .extracting(e -> ((PlanFormatException) e).place())
                .isEqualTo("a.b[0].c");
    }

    @Test
    void refuses_wrongTypes() throws Exception {
        JsonCursor at = cursor("{\"a\": true, \"b\": 3, \"c\": \"pink\", \"d\": {}, \"e\": [4]}");
        assertThatThrownBy(() -> at.number("a", MM))
                .hasMessageContaining("is true and must be a number");
        assertThatThrownBy(() -> at.text("b")).hasMessageContaining("must be a text in quotes");
        assertThatThrownBy(() -> at.choice("c", Colour.values()))
                .hasMessageContaining("one of red, dark_blue");
        assertThatThrownBy(() -> at.numbers("d", MM)).hasMessageContaining("a list in brackets");
        assertThatThrownBy(() -> at.objects("e", o -> o.text("x")))
                .hasMessageContaining("an object in braces");
        assertThatThrownBy(() -> at.number("z", MM)).hasMessageContaining("z: is missing");
    }

    @Test
    void refuses_whatNobodyAskedFor() throws Exception {
        JsonCursor at = cursor("{\"a\": 1, \"colour\": 2}");
        at.number("a", MM);
        assertThatThrownBy(at::nothingElse)
                .hasMessageContaining("colour: is no field that Pteron knows here; known are a");
    }

    @Test
    void longValues_areShownShort() throws Exception {
        JsonCursor at = cursor("{\"a\": \"" + "x".repeat(500) + "\"}");
        assertThatThrownBy(() -> at.number("a", MM))
                .satisfies(e -> assertThat(e.getMessage().length()).isLessThan(120));
    }

    @Test
    void refusalsOfTheCore_getTheirPlace() throws Exception {
        JsonCursor at = cursor("{\"a\": {}}");
        assertThatThrownBy(
                        () ->
                                at.object(
                                        "a",
                                        o -> {
                                            throw new IllegalArgumentException("too blue");
                                        }))
                .hasMessage("a: too blue");
    }
}
