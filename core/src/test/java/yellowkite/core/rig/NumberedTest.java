package yellowkite.core.rig;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class NumberedTest {
    private static List<String> counted(String first, int count) {
        return IntStream.range(0, count).mapToObj(i -> Numbered.at(first, i, count)).toList();
    }

    @Test
    void aNumberAtTheEndIsContinued() {
        assertThat(counted("Rail 1", 3)).containsExactly("Rail 1", "Rail 2", "Rail 3");
        assertThat(counted("201", 2)).containsExactly("201", "202");
        assertThat(counted("A7", 4)).containsExactly("A7", "A8", "A9", "A10");
    }

    @Test
    void leadingZerosStayWhileThereIsRoom() {
        assertThat(counted("09", 2)).containsExactly("09", "10");
        assertThat(counted("Par 098", 3)).containsExactly("Par 098", "Par 099", "Par 100");
        assertThat(counted("99", 2)).containsExactly("99", "100");
    }

    @Test
    void aNameWithoutANumberGetsOneWhereThereAreSeveral() {
        assertThat(counted("Rail", 3)).containsExactly("Rail 1", "Rail 2", "Rail 3");
        assertThat(counted("Rail", 1)).containsExactly("Rail");
        assertThat(counted("36a", 2)).containsExactly("36a 1", "36a 2");
    }

    @Test
    void numbersOfAnyLengthAreCounted() {
        assertThat(counted("99999999999999999999", 2)).containsExactly("99999999999999999999", "100000000000000000000");
    }

    @Test
    void theNextIdIsTheNumberAfterTheHighest() {
        assertThat(Numbered.next(List.of())).isEqualTo("1");
        assertThat(Numbered.next(List.of("7", "201", "36a", "Front", ""))).isEqualTo("202");
    }
}
