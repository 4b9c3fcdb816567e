package yellowkite.core.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import yellowkite.core.Choices;
import yellowkite.core.library.Found.Hit;
import yellowkite.core.library.LibraryIndex.Order;
import yellowkite.core.profile.House;

/** The index held against a plain list of the same cards. */
class LibraryIndexLawsTest {
    private static final List<String> WORDS = List.of("alder", "birch", "cedar", "dogwood", "elm", "furze");
    private static final LocalDateTime SPRING = LocalDateTime.of(2026, 4, 1, 12, 0);

    @Provide
    Arbitrary<Random> choices() {
        return Choices.any(200);
    }

    private static String pick(Random random) {
        return WORDS.get(random.nextInt(WORDS.size()));
    }

    private static Card card(int id, Random random) {
        return new Card("id" + id, pick(random) + " works", pick(random) + " " + pick(random), Shelf.HOUSE, "", "", "", "Ines",
                Card.State.CLEAN, false, SPRING.plusDays(random.nextInt(9)),
                new Synopsis("", "", "", "", House.Category.NONE, List.of(), List.of(), List.of(), List.of(), false, ""));
    }

    private static List<String> ids(LibraryIndex index, String words) {
        var found = index.search(LibraryQuery.of(words), Narrowing.NONE, Order.NAME);
        return found.hits().stream().map(Hit::id).toList();
    }

    @Property(tries = 300)
    void stepByStepIsTheSameAsAtOnceAndAsAPlainList(@ForAll("choices") Random random) {
        var model = new TreeMap<String, Card>();
        var index = LibraryIndex.EMPTY;
        for (int step = 2 + random.nextInt(6); step > 0; step--) {
            var put = IntStream.range(0, random.nextInt(4)).mapToObj(i -> card(random.nextInt(8), random)).toList();
            var fresh = new TreeMap<String, Card>();
            put.forEach(each -> fresh.put(each.id(), each));
            var gone = random.nextBoolean() ? Set.of("id" + random.nextInt(8)) : Set.<String>of();
            gone.forEach(model::remove);
            model.putAll(fresh);
            index = index.with(fresh.values(), gone);
        }

        var atOnce = LibraryIndex.EMPTY.with(model.values(), Set.of());
        assertThat(index.size()).isEqualTo(model.size());
        for (var word : WORDS) {
            assertThat(ids(index, word)).isEqualTo(ids(atOnce, word));
            assertThat(ids(index, word)).as(word).containsExactlyInAnyOrderElementsOf(oracle(model, word));
        }
        assertThat(ids(index, "")).containsExactlyInAnyOrderElementsOf(model.keySet());
    }

    private static List<String> oracle(TreeMap<String, Card> model, String word) {
        var holding = new ArrayList<String>();
        model.forEach((id, card) -> {
            if ((card.manufacturer() + " " + card.name()).toLowerCase(Locale.ROOT).contains(word)) {
                holding.add(id);
            }
        });
        return holding;
    }
}
