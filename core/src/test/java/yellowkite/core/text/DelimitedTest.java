package yellowkite.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class DelimitedTest {
    @Test
    void aCellInQuotesHoldsWhatPartsTheOthers() {
        assertThat(Delimited.cells("1,\"Red, green\",3", ',')).containsExactly("1", "Red, green", "3");
        assertThat(Delimited.cells("\"a \"\"fine\"\" one\"; b", ';')).containsExactly("a \"fine\" one", "b");
    }

    @Test
    void quotesInTheMiddleAreSigns() {
        assertThat(Delimited.cells("5\" wheel\tOpen", '\t')).containsExactly("5\" wheel", "Open");
    }

    @Test
    void emptyCellsStay() {
        assertThat(Delimited.cells("|a||b|", '|')).containsExactly("", "a", "", "b", "");
    }

    @Test
    void whatIsNotClosedIsReadToItsEnd() {
        assertThat(Delimited.cells("1;\"open", ';')).containsExactly("1", "open");
        assertThat(Delimited.cells("\"a\" b;c", ';')).containsExactly("a b", "c");
    }
}
