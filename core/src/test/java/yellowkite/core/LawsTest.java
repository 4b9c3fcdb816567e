package yellowkite.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static yellowkite.core.build.ProfileBuilder.part;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.LongRange;
import net.jqwik.api.constraints.Size;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.dmx.Resolver;
import yellowkite.core.dmx.Spans;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.dmx.Probe;
import yellowkite.core.dmx.Wanted;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.PhysicalUnit;

/** What holds for every document and every value. */
class LawsTest {
    private static final String[] NOT_OF_THE_DOCUMENT = {"(.*\\.)?id", "(.*\\.)?nextId", "(.*\\.)?source"};

    @Provide
    Arbitrary<FixtureType> documents() {
        return Documents.any();
    }

    @Property(tries = 120)
    void aDocumentThatIsWrittenIsReadBackEqual(@ForAll("documents") FixtureType document) {
        var read = GdtfFile.read(new GdtfFile(GdtfDescription.of(document), Map.of()).write()).description();

        assertThat(read.notes()).isEmpty();
        assertThat(read.type()).usingRecursiveComparison().ignoringFieldsMatchingRegexes(NOT_OF_THE_DOCUMENT).isEqualTo(document);
    }

    @Property(tries = 60)
    void writingWhatWasReadGivesTheSameBytes(@ForAll("documents") FixtureType document) {
        var once = GdtfDescription.of(document).write();

        assertThat(GdtfDescription.read(once).write()).isEqualTo(once);
    }

    @Property
    void mirroringAndShiftingKeepTheOrder(@ForAll @IntRange(min = 1, max = 4) int bytes, @ForAll @IntRange(min = 1, max = 4) int width,
            @ForAll @LongRange(min = 0, max = 0xFFFFFFFFL) long one, @ForAll @LongRange(min = 0, max = 0xFFFFFFFFL) long other,
            @ForAll boolean shifted) {
        var low = new DmxValue(Math.min(one, other) & DmxValue.max(bytes), bytes, shifted);
        var high = new DmxValue(Math.max(one, other) & DmxValue.max(bytes), bytes, shifted);
        Assume.that(low.raw() < high.raw());

        assertThat(low.at(width)).isLessThanOrEqualTo(high.at(width));
        if (width >= bytes) {
            assertThat(low.at(width)).isLessThan(high.at(width));
        }
        assertThat(high.at(width)).isBetween(0L, DmxValue.max(width));
    }

    @Property
    void theSpansOfFunctionsTileTheirChannel(@ForAll @IntRange(min = 1, max = 4) int bytes,
            @ForAll @Size(min = 1, max = 12) List<@LongRange(min = 1, max = 0xFFFFFFFFL) Long> starts) {
        var sorted = new TreeSet<Long>(List.of(0L));
        starts.forEach(start -> sorted.add(start & DmxValue.max(bytes)));
        var type = ProfileBuilder.profile("T", "T")
            .body(part(Kind.Geometry, "B"))
            .mode("M", "B", mode -> mode.channel("Control1", "B", addresses(bytes),
                    c -> sorted.forEach(from -> c.function("F" + from, from, f -> {}))))
            .build();

        var spans = Spans.of(Fixtures.mode(type).channels().getFirst())
            .stream()
            .sorted(Comparator.comparingLong(Spans.FunctionSpan::from))
            .toList();

        assertThat(spans.getFirst().from()).isZero();
        assertThat(spans.getLast().to()).isEqualTo(DmxValue.max(bytes));
        for (int i = 1; i < spans.size(); i++) {
            assertThat(spans.get(i).from()).isEqualTo(spans.get(i - 1).to() + 1);
        }
    }

    @Property
    void aWantedValueIsReachedWithinOneStep(@ForAll @IntRange(min = 1, max = 4) int bytes,
            @ForAll @DoubleRange(min = -1000, max = 1000) double first,
            @ForAll @DoubleRange(min = -1000, max = 1000) double last, @ForAll @DoubleRange(min = 0, max = 1) double share) {
        Assume.that(Math.abs(last - first) > 1e-3);
        double asked = first + share * (last - first);
        var type = ProfileBuilder.profile("T", "T")
            .attribute("Zoom", "Zoom", "Focus.Focus", "", PhysicalUnit.Angle)
            .body(part(Kind.Geometry, "B"))
            .mode("M", "B", mode -> mode.channel("Zoom", "B", addresses(bytes), c -> c.function("Zoom", 0, f -> f.physical(first, last))))
            .build();

        var answer = (Wanted.Result.Found) Wanted.find(Probe.atStart(CompiledMode.of(type, Fixtures.mode(type))), Map.of("Zoom", asked));

        long raw = 0;
        for (int i = 1; i <= bytes; i++) {
            raw = raw << 8 | answer.dmx().get(1).get(i);
        }
        var meaning = Resolver.of(type, Fixtures.mode(type)).resolve(new long[]{raw}).getFirst();
        double step = Math.abs(last - first) / DmxValue.max(bytes);
        assertThat(meaning.physical()).isCloseTo(asked, within(step / 2 + 1e-9 * Math.max(1, Math.abs(asked))));
    }

    private static List<Integer> addresses(int bytes) {
        return IntStream.rangeClosed(1, bytes).boxed().toList();
    }
}
