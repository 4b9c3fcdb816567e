package yellowkite.core.compare;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.jspecify.annotations.Nullable;
import yellowkite.core.Choices;
import yellowkite.core.Documents;
import yellowkite.core.SoundDocuments;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.Meaning;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.RandomEdits;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;

/** What holds for every comparison: nothing that differs is silent, and nothing that a show has stored is said to stay when it does not. */
class CompareLawsTest {
    /** What a node is known by here, what the house keeps beside a document, and how a known value was spelled. */
    private static final Set<String> IGNORED = Set.of("id", "nextId", "source", "house");

    @Provide
    Arbitrary<FixtureType> documents() {
        return SoundDocuments.any();
    }

    @Provide
    Arbitrary<FixtureType> anyDocuments() {
        return Documents.any();
    }

    @Provide
    Arbitrary<Random> choices() {
        return Choices.any(120);
    }

    private static List<Difference> compare(FixtureType left, FixtureType right) {
        return Comparison.of(Side.of(left), Side.of(right)).differences();
    }

    @Property(tries = 200)
    void nothingDiffersFromItselfNorFromItsFile(@ForAll("documents") FixtureType document) {
        assertThat(compare(document, document)).isEmpty();
        assertThat(compare(document, GdtfDescription.read(GdtfDescription.of(document).write()).type())).isEmpty();
    }

    /** For every coarse value of every channel: where it means something else, the channel has a difference that says so. */
    @Property(tries = 400)
    void noValueThatMeansSomethingElseIsSilent(@ForAll("documents") FixtureType left, @ForAll("choices") Random random) {
        var right = left;
        var edits = new ArrayList<Edit>();
        for (int i = 0; i < 5; i++) {
            var edit = RandomEdits.of(right, random);
            if (edit.applyTo(right) instanceof Outcome.Applied(var after) && after != right) {
                right = after;
                edits.add(edit);
            }
        }
        var differences = compare(left, right);

        for (var mode : left.modes()) {
            var other = right.modes().stream().filter(each -> each.name().equals(mode.name())).findFirst().orElse(null);
            if (other != null) {
                meaningsAreTold(left, mode, right, other, differences, edits);
            }
        }
    }

    private static void meaningsAreTold(FixtureType left, Mode mode, FixtureType right, Mode other, List<Difference> differences,
            List<Edit> edits) {
        var before = CompiledMode.of(left, mode);
        var after = CompiledMode.of(right, other);
        for (var channel : mode.channels()) {
            var same = other.channels().stream().filter(each -> each.name().equals(channel.name())).findFirst().orElse(null);
            if (same == null || same.bytes() != channel.bytes()) {
                continue;
            }
            int here = before.resolver().firstPlace(channel.id()).orElseThrow();
            int there = after.resolver().firstPlace(same.id()).orElseThrow();
            var about = new HashSet<>(Set.of(channel.id())); // where what it waits for is another channel now, that one's difference says so
            before.resolver()
                .mastersOf(here, Integer.MAX_VALUE - 1)
                .forEach(master -> about.add(before.map().channels().get(master.index()).channel().id()));
            var middles = before.spans(channel)
                .stream()
                .flatMap(span -> span.ranges().stream())
                .filter(range -> range.from() <= range.to())
                .map(range -> (range.from() + range.to()) / 2)
                .toList();
            for (long coarse = 0; coarse < 256; coarse++) {
                long raw = coarse << 8 * (channel.bytes() - 1);
                check(meaning(before, here, raw), meaning(after, there, raw, before), about, raw, false, differences, edits);
            }
            for (long middle : middles) {
                check(meaning(before, here, middle), meaning(after, there, middle, before), about, middle, true, differences, edits);
            }
        }
    }

    private static Meaning meaning(CompiledMode mode, int index, long raw) {
        var raws = mode.startValues();
        raws[index] = raw;
        return mode.resolver().meaningOf(index, raws);
    }

    /** With all other channels at the values of the left's start, as a show has stored them. */
    private static Meaning meaning(CompiledMode mode, int index, long raw, CompiledMode left) {
        var raws = mode.startValues();
        for (int i = 0; i < raws.length; i++) {
            var placed = mode.map().channels().get(i);
            for (var other : left.map().channels()) {
                if (other.channel().name().equals(placed.channel().name()) && other.path().equals(placed.path())) {
                    int wider = 8 * (placed.channel().bytes() - other.channel().bytes());
                    raws[i] = wider >= 0 ? other.channel().start() << wider : other.channel().start() >>> -wider;
                }
            }
        }
        raws[index] = raw;
        return mode.resolver().meaningOf(index, raws);
    }

    private static void check(Meaning before, Meaning after, Set<Integer> about, long raw, boolean middle, List<Difference> differences,
            List<Edit> edits) {
        if (before.function() == null) {
            return;
        }
        boolean other = after.function() == null
                || !after.function().function().attribute().equals(before.function().function().attribute());
        boolean shifted = other || Math.abs(after.physical() - before.physical()) > 1e-5
                || !Objects.equals(picture(before), picture(after));
        if (shifted) {
            assertThat(differences).filteredOn(each -> about.contains(each.place().left()))
                .extracting(Difference::rank)
                .as("value %d of channel %s after %s", raw, about, edits)
                .containsAnyOf(Rank.BREAKS, Rank.SHIFTS);
        }
        if (other && middle && before.range() != null && (before.range().from() + before.range().to()) / 2 == raw) {
            assertThat(differences).filteredOn(each -> about.contains(each.place().left()))
                .extracting(Difference::rank)
                .as("middle %d of channel %s after %s", raw, about, edits)
                .contains(Rank.BREAKS);
        }
    }

    private static @Nullable String picture(Meaning meaning) {
        return meaning.slot() == null ? null : meaning.slot().mediaFile();
    }

    /** Any one component of any record, changed to something else: there is a difference. */
    @Property(tries = 3_000)
    void whatDiffersInAnyComponentIsTold(@ForAll("documents") FixtureType document, @ForAll("choices") Random random) {
        var changed = (FixtureType) mutated(document, random, new StringBuilder("FixtureType"));
        if (changed == null || changed.equals(document)) {
            return;
        }

        assertThat(compare(document, changed)).as("%s", where).isNotEmpty();
    }

    /** Where the last change was made, for the message. */
    private String where = "";

    private @Nullable Object mutated(Object node, Random random, StringBuilder path) {
        var components = Arrays.stream(node.getClass().getRecordComponents()).filter(each -> !IGNORED.contains(each.getName())).toList();
        var component = components.get(random.nextInt(components.size()));
        path.append('.').append(component.getName());
        var value = value(component, node);
        var other = other(value, random, path);
        if (other == null) {
            return null;
        }
        where = path.toString();
        var all = Arrays.stream(node.getClass().getRecordComponents()).toList();
        var values = all.stream().map(each -> each.equals(component) ? other : value(each, node)).toArray();
        try {
            var constructor = node.getClass().getDeclaredConstructor(all.stream().map(RecordComponent::getType).toArray(Class[]::new));
            constructor.setAccessible(true);
            return constructor.newInstance(values);
        } catch (ReflectiveOperationException cannotExist) {
            return null;
        }
    }

    private @Nullable Object other(@Nullable Object value, Random random, StringBuilder path) {
        return switch (value) {
            case null -> null;
            case String text -> text + "x";
            case Integer number -> number + 1;
            case Long number -> number + 1;
            case Double number -> number + 1;
            case Boolean flag -> !flag;
            case Enum<?> constant -> constant.getDeclaringClass().getEnumConstants()[(constant.ordinal() + 1)
                    % constant.getDeclaringClass().getEnumConstants().length] == constant ? null
                            : constant.getDeclaringClass().getEnumConstants()[(constant.ordinal() + 1)
                                    % constant.getDeclaringClass().getEnumConstants().length];
            case List<?> list -> list(list, random, path);
            case Record record -> mutated(record, random, path);
            default -> null;
        };
    }

    private @Nullable Object list(List<?> list, Random random, StringBuilder path) {
        if (list.isEmpty()) {
            return null;
        }
        int at = random.nextInt(list.size());
        path.append('[').append(at).append(']');
        var copy = new ArrayList<Object>(list);
        if (random.nextInt(4) == 0) {
            copy.remove(at);
            return copy;
        }
        if (random.nextInt(4) == 0 && list.size() > 1) {
            copy.add(copy.remove(at == 0 ? 1 : 0));
            return copy.equals(list) ? null : copy;
        }
        var changed = other(list.get(at), random, path);
        if (changed == null) {
            return null;
        }
        copy.set(at, changed);
        return copy;
    }

    private static Object value(RecordComponent component, Object of) {
        try {
            component.getAccessor().setAccessible(true);
            return component.getAccessor().invoke(of);
        } catch (ReflectiveOperationException impossible) {
            throw new AssertionError(impossible);
        }
    }
}
