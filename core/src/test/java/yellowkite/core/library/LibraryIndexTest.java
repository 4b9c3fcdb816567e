package yellowkite.core.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import yellowkite.core.library.Found.Hit;
import yellowkite.core.library.Found.Kind;
import yellowkite.core.library.LibraryIndex.Order;
import yellowkite.core.library.Synopsis.Attribute;
import yellowkite.core.library.Synopsis.ModeLine;
import yellowkite.core.profile.House;

class LibraryIndexTest {
    private static final LocalDateTime SPRING = LocalDateTime.of(2026, 4, 1, 12, 0);

    /** A card with a name and nothing else, until it is said otherwise. */
    private static final class Fixture {
        private final String manufacturer;
        private final String name;
        private Shelf shelf = Shelf.HOUSE;
        private String tags = "";
        private String otherNames = "";
        private String author = "Ines";
        private Card.State state = Card.State.CLEAN;
        private boolean proven;
        private boolean placeholder;
        private LocalDateTime changed = SPRING;
        private House.Category category = House.Category.NONE;
        private final List<ModeLine> modes = new ArrayList<>();
        private final List<Attribute> attributes = new ArrayList<>();
        private List<String> kinds = List.of();
        private List<Integer> watts = List.of();
        private String rdm = "";

        private Fixture(String manufacturer, String name) {
            this.manufacturer = manufacturer;
            this.name = name;
        }

        private Fixture attribute(String name, int bytes) {
            attributes.add(new Attribute(name, "", bytes));
            return this;
        }

        private Card card() {
            return new Card(manufacturer + " " + name, manufacturer, name, shelf, tags, otherNames, "", author, state, proven, changed,
                    new Synopsis("", "", "", "", category, modes, attributes, kinds, watts, placeholder, rdm));
        }
    }

    private static Card fixture(String manufacturer, String name, Consumer<Fixture> more) {
        var fixture = new Fixture(manufacturer, name);
        more.accept(fixture);
        return fixture.card();
    }

    private static final Card SPOT = fixture("Tidewick", "Petrel Spot", fixture -> {
        fixture.attribute("Pan", 2).attribute("Tilt", 2).attribute("Gobo1", 1);
        fixture.modes.add(new ModeLine("Standard", 17, 0));
        fixture.kinds = List.of("led", "spot");
        fixture.watts = List.of(148);
        fixture.category = House.Category.MOVING_SPOT;
        fixture.proven = true;
        fixture.rdm = "7FF0:00A1";
    });
    private static final Card WASH = fixture("Tidewick", "Petrel Wash", fixture -> {
        fixture.attribute("Pan", 1).attribute("ColorAdd_UV", 1);
        fixture.modes.add(new ModeLine("Compact", 14, 0));
        fixture.kinds = List.of("led", "wash");
        fixture.otherNames = "Sea bird";
        fixture.tags = "barge deck";
        fixture.changed = SPRING.plusDays(2);
        fixture.state = Card.State.WARNINGS;
    });
    private static final Card BATTEN = fixture("Osier & Vane", "Reedline 10", fixture -> {
        fixture.attribute("ColorAdd_R", 1);
        fixture.modes.add(new ModeLine("Cells", 40, 10));
        fixture.shelf = Shelf.REFERENCE;
        fixture.author = "Bram";
        fixture.changed = SPRING.plusDays(1);
    });
    private static final Card EMPTY = fixture("Tidewick", "Plover", fixture -> {
        fixture.modes.add(new ModeLine("Mode", 17, 0));
        fixture.placeholder = true;
    });
    private static final LibraryIndex LIBRARY = LibraryIndex.EMPTY.with(List.of(EMPTY, BATTEN, WASH, SPOT), Set.of());

    private static List<String> find(String text) {
        return find(text, Narrowing.NONE, Order.NAME);
    }

    private static List<String> find(String text, Narrowing narrowing, Order order) {
        return LIBRARY.search(LibraryQuery.of(text), narrowing, order)
            .hits()
            .stream()
            .filter(each -> each.kind() != Kind.PART)
            .map(Hit::name)
            .toList();
    }

    @ParameterizedTest
    @CsvSource({
            "7ff0:00a1, Petrel Spot",
            "petrel spot, Petrel Spot",
            "spot petrel, Petrel Spot",
            "petrelspot, Petrel Spot",
            "uv, Petrel Wash",
            "16 bit pan, Petrel Spot",
            "pan 8 bits, ''",
            "sea bird, Petrel Wash",
            "deck, Petrel Wash",
            "bram, Reedline 10",
            "cells, Reedline 10",
            "reedline-10, Reedline 10",
            "vane, Reedline 10",
            "40 channels, Reedline 10",
            "150 W, Petrel Spot",
            "gobo, Petrel Spot",
    })
    void wordsAreFoundWhereverTheyStand(String text, String name) {
        assertThat(find(text)).containsExactlyElementsOf(name.isEmpty() ? List.of() : List.of(name));
    }

    @ParameterizedTest
    @CsvSource({
            "petrle spot, Petrel Spot", // two letters changed places
            "tidwick wash, Petrel Wash", // one is missing
            "tiddewick wash, Petrel Wash", // one is too many
            "reedlime, Reedline 10", // one is another
            "reeedlime, Reedline 10", // two slips in a long word
            "wsah, Petrel Wash",
            "pétrel spot, Petrel Spot",
    })
    void slipsAreForgiven(String typed, String name) {
        assertThat(find(typed)).containsExactly(name);
    }

    @ParameterizedTest
    @CsvSource({"pex", "18 channels", "reedline 11", "spat wosh petrol gull"})
    void otherThingsAreNotSlips(String typed) {
        assertThat(find(typed)).isEmpty();
    }

    @Test
    void slipsAreForgivenOnlyWhereNoWordBeginsLikeIt() {
        var library = LIBRARY.with(List.of(fixture("Lumbrook", "Petral", fixture -> {})), Set.of());
        assertThat(library.search(LibraryQuery.of("petral"), Narrowing.NONE, Order.FIT).hits()).extracting(Hit::name)
            .containsExactly("Petral");
    }

    @Test
    void oursComeFirstThenTheReferenceShelfAndPlaceholdersStandApart() {
        var found = LIBRARY.search(LibraryQuery.of(""), Narrowing.NONE, Order.NAME);
        assertThat(found.hits()).extracting(Hit::name).containsExactly("Petrel Spot", "Petrel Wash", "Reedline 10", "Plover");
        assertThat(found.sections()).containsExactly(new Found.Section(Kind.HOUSE, 0, 2), new Found.Section(Kind.REFERENCE, 2, 1),
                new Found.Section(Kind.PLACEHOLDER, 3, 1));
    }

    @Test
    void aNameFitsBetterThanAnAttributeAndAWholeWordBetterThanItsBeginning() {
        var library = LIBRARY.with(List.of(fixture("Lumbrook", "Pan", fixture -> {}), fixture("Lumbrook", "Panel", fixture -> {})),
                Set.of());
        assertThat(library.search(LibraryQuery.of("pan"), Narrowing.NONE, Order.FIT).hits()).extracting(Hit::name)
            .containsExactly("Pan", "Panel", "Petrel Spot", "Petrel Wash");
    }

    @Test
    void theNewestComeFirstWithinTheirShelf() {
        assertThat(find("", Narrowing.NONE, Order.NEWEST)).containsExactly("Petrel Wash", "Petrel Spot", "Reedline 10", "Plover");
    }

    @Test
    void aPaperFindsCandidatesThatFitInPartAndSaysWhatTheyLack() {
        var paper = LIBRARY.search(LibraryQuery.of("14 channels, LED spot, 150 W"), Narrowing.NONE, Order.FIT);
        assertThat(paper.hits()).containsExactly(
                new Hit(SPOT.id(), "Tidewick", "Petrel Spot", Kind.PART, List.of("14 channels")), // three of four
                new Hit(WASH.id(), "Tidewick", "Petrel Wash", Kind.PART, List.of("150 W", "spot")));
        assertThat(LIBRARY.search(LibraryQuery.of("17 channels, LED spot, 150 W"), Narrowing.NONE, Order.FIT).hits().getFirst())
            .isEqualTo(new Hit(SPOT.id(), "Tidewick", "Petrel Spot", Kind.HOUSE, List.of()));
    }

    @Test
    void whatFitsInPartIsOfNoInterestBesideMuchThatFits() {
        var many = IntStream.range(0, 11).mapToObj(i -> fixture("Lumbrook", "Moth " + i, fixture -> fixture.tags = "deck")).toList();
        assertThat(LIBRARY.with(many, Set.of()).search(LibraryQuery.of("moth deck"), Narrowing.NONE, Order.NAME).hits()).hasSize(11);
        assertThat(LIBRARY.with(many.subList(0, 10), Set.of()).search(LibraryQuery.of("moth deck"), Narrowing.NONE, Order.NAME).hits())
            .hasSize(11); // and the wash, which lies on the deck
    }

    @Test
    void everyKindOfNarrowingHolds() {
        assertThat(find("", new Narrowing(Set.of("Osier & Vane"), Set.of(), null, null, null, Set.of(), Set.of(), Set.of(), null, null),
                Order.NAME))
            .containsExactly("Reedline 10");
        assertThat(find("",
                new Narrowing(Set.of(), Set.of(House.Category.MOVING_SPOT), null, null, null, Set.of(), Set.of(), Set.of(), null, null),
                Order.NAME))
            .containsExactly("Petrel Spot");
        assertThat(find("", new Narrowing(Set.of(), Set.of(), 15, 17, null, Set.of(), Set.of(), Set.of(), null, null), Order.NAME))
            .containsExactly("Petrel Spot", "Plover");
        assertThat(find("", new Narrowing(Set.of(), Set.of(), null, 14, null, Set.of(), Set.of(), Set.of(), null, null), Order.NAME))
            .containsExactly("Petrel Wash");
        assertThat(find("", new Narrowing(Set.of(), Set.of(), null, null, true, Set.of(), Set.of(), Set.of(), null, null), Order.NAME))
            .containsExactly("Reedline 10");
        assertThat(find("", new Narrowing(Set.of(), Set.of(), null, null, null, Set.of("Pan"), Set.of(), Set.of(), null, null), Order.NAME))
            .containsExactly("Petrel Spot", "Petrel Wash");
        assertThat(find("", new Narrowing(Set.of(), Set.of(), null, null, null, Set.of("Pan", "Tilt"), Set.of(), Set.of(), null, null),
                Order.NAME))
            .containsExactly("Petrel Spot");
        assertThat(
                find("", new Narrowing(Set.of(), Set.of(), null, null, null, Set.of("Zoom"), Set.of(), Set.of(), null, null), Order.NAME))
            .isEmpty();
        assertThat(find("", new Narrowing(Set.of(), Set.of(), null, null, null, Set.of(), Set.of(Shelf.REFERENCE), Set.of(), null, null),
                Order.NAME))
            .containsExactly("Reedline 10");
        assertThat(
                find("", new Narrowing(Set.of(), Set.of(), null, null, null, Set.of(), Set.of(), Set.of(Card.State.WARNINGS), null, null),
                        Order.NAME))
            .containsExactly("Petrel Wash");
        assertThat(find("", new Narrowing(Set.of(), Set.of(), null, null, null, Set.of(), Set.of(), Set.of(), true, null), Order.NAME))
            .containsExactly("Petrel Spot");
        assertThat(find("", new Narrowing(Set.of(), Set.of(), null, null, null, Set.of(), Set.of(), Set.of(), null, SPRING.plusDays(1)),
                Order.NAME))
            .containsExactly("Petrel Wash", "Reedline 10");
    }

    @Test
    void valuesAreCountedAsIfNothingWereNarrowedByTheirOwnKind() {
        var left = LIBRARY
            .search(LibraryQuery.of(""),
                    new Narrowing(Set.of("Tidewick"), Set.of(), 15, null, null, Set.of(), Set.of(), Set.of(), null, null), Order.NAME)
            .left();
        assertThat(left.manufacturers()).containsEntry("Tidewick", 2).containsEntry("Osier & Vane", 1); // the wash has but 14 addresses
        assertThat(left.shelves()).containsOnly(Map.entry(Shelf.HOUSE, 2));
        assertThat(left.attributes()).containsOnlyKeys("Pan", "Tilt", "Gobo1");
        assertThat(left.proven()).containsEntry(true, 1).containsEntry(false, 1);
    }

    @Test
    void lettersLeadToTheNextNameOrManufacturerAndRoundTheEnd() {
        var found = LIBRARY.search(LibraryQuery.of(""), Narrowing.NONE, Order.NAME);
        assertThat(found.next(-1, "pet")).isZero();
        assertThat(found.next(0, "pet")).isEqualTo(1);
        assertThat(found.next(1, "pet")).isZero();
        assertThat(found.next(0, "osier")).isEqualTo(2);
        assertThat(found.next(0, "zz")).isEqualTo(-1);
        assertThat(found.next(0, "")).isEqualTo(-1);
    }

    @Test
    void aChangedCardStandsInsteadOfTheOldOneAndAGoneOneIsGone() {
        var renamed = fixture("Tidewick", "Petrel Spot", fixture -> fixture.otherNames = "Storm");
        var after = LIBRARY.with(List.of(renamed), Set.of(WASH.id()));
        assertThat(after.size()).isEqualTo(3);
        assertThat(after.search(LibraryQuery.of("storm"), Narrowing.NONE, Order.NAME).hits()).hasSize(1);
        assertThat(after.search(LibraryQuery.of("gobo"), Narrowing.NONE, Order.NAME).hits()).isEmpty();
        assertThat(after.search(LibraryQuery.of("wash"), Narrowing.NONE, Order.NAME).hits()).isEmpty();
        assertThat(find("wash")).containsExactly("Petrel Wash"); // the one before is as it was
    }

    @ParameterizedTest
    @CsvSource({"petrel, Petrel", "Petrel 200, Petrel 200", "petrel xl, Petrel XL", "petrel spot 200, Petrel Spot 200"})
    void theOneThatIsCalledJustSoComesFirst(String typed, String first) {
        var index = LibraryIndex.EMPTY
            .with(List.of(fixture("Alder", "Petrel XL", none -> {}), fixture("Birch", "Petrel Spot 200", none -> {}),
                    fixture("Cedar", "Petrel 200", none -> {}), fixture("Elm", "Petrel", none -> {})), Set.of());

        var found = index.search(LibraryQuery.of(typed), Narrowing.NONE, Order.FIT);

        assertThat(found.hits().getFirst().name()).isEqualTo(first);
    }

    @Test
    void whatIsTooLongIsLeftOut() {
        assertThat(LibraryQuery.of("x".repeat(3_000)).terms()).containsExactly(new LibraryQuery.Word("x".repeat(200), Set.of()));
    }
}
