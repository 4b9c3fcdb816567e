package yellowkite.core.dmx;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;
import yellowkite.core.dmx.Layers.Span;

class LayersTest {
    @Test
    void whatFollowsEachOtherIsOneRow() {
        assertThat(Layers.of(List.of(new Span(0, 9), new Span(10, 19), new Span(20, 255)))).containsExactly(0, 0, 0);
    }

    @Test
    void whatSharesOneValueLiesUnderIt() {
        assertThat(Layers.of(List.of(new Span(0, 99), new Span(99, 200), new Span(0, 98), new Span(201, 255)))).containsExactly(0, 1, 1, 0);
    }

    @Test
    void nothingHasNoRow() {
        assertThat(Layers.of(List.of())).isEmpty();
    }

    @Property(tries = 200)
    void noRowOverlapsItself(@ForAll @Size(max = 12) List<@IntRange(min = 0, max = 40) Integer> starts,
            @ForAll @IntRange(min = 0, max = 20) int length) {
        var spans = starts.stream().map(from -> new Span(from, from + length)).toList();

        var rows = Layers.of(spans);

        for (int i = 0; i < spans.size(); i++) {
            for (int j = 0; j < i; j++) {
                assertThat(!rows.get(i).equals(rows.get(j)) || spans.get(i).from() > spans.get(j).to()
                        || spans.get(j).from() > spans.get(i).to())
                    .isTrue();
            }
        }
    }
}
