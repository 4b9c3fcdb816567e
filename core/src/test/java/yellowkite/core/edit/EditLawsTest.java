package yellowkite.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import yellowkite.core.Choices;
import yellowkite.core.SoundDocuments;
import yellowkite.core.check.Checks;
import yellowkite.core.check.Finding;
import yellowkite.core.check.Severity;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.history.History;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/** What holds for every edit upon every document that has cells, breaks, conditions, relations, macros and unknown XML. */
class EditLawsTest {
    /** Edits that may leave an error, each for a reason. */
    private static final Map<Class<? extends Edit>, Set<String>> MAY = Map.of(
            // a person who types addresses one channel after the other passes through overlaps, and the checks say so at once
            ChangeAddresses.class, Set.of("address-overlap", "address-outside-universe", "footprint-over-universe"));

    @Provide
    Arbitrary<FixtureType> documents() {
        return SoundDocuments.any();
    }

    @Provide
    Arbitrary<Random> choices() {
        return Choices.any(120);
    }

    private static Map<String, Long> errors(FixtureType type) {
        return Checks.of(type)
            .stream()
            .filter(each -> each.severity() == Severity.ERROR)
            .collect(Collectors.groupingBy(Finding::rule, Collectors.counting()));
    }

    private static Set<String> more(Map<String, Long> before, Map<String, Long> after) {
        return after.keySet()
            .stream()
            .filter(rule -> after.get(rule) > before.getOrDefault(rule, 0L))
            .collect(Collectors.toCollection(HashSet::new));
    }

    @Property(tries = 300)
    void soundDocumentsHaveNoErrors(@ForAll("documents") FixtureType document) {
        assertThat(Checks.of(document)).filteredOn(each -> each.severity() == Severity.ERROR).isEmpty();
    }

    @Property(tries = 1_500)
    void anAcceptedEditAddsNoError(@ForAll("documents") FixtureType document, @ForAll("choices") Random random) {
        var type = document;
        var done = new ArrayList<Edit>();
        for (int i = 0; i < 6; i++) {
            var edit = RandomEdits.of(type, random);
            if (edit.acceptedOn(type) instanceof Outcome.Applied(var after)) {
                done.add(edit);
                var fresh = more(errors(type), errors(after));
                fresh.removeAll(MAY.getOrDefault(edit.getClass(), Set.of()));
                assertThat(fresh).as("after %s", done).isEmpty();
                if (!errors(after).isEmpty()) {
                    return; // from here on a copy of what is wrong would be wrong as well
                }
                type = after;
            }
        }
    }

    @Property(tries = 300)
    void anEditIsDeterministicAndSaysWhatItDoes(@ForAll("documents") FixtureType document, @ForAll("choices") Random random) {
        var edit = RandomEdits.of(document, random);

        var first = edit.applyTo(document);

        assertThat(edit.applyTo(document)).isEqualTo(first);
        assertThat(edit.describe(document)).isNotBlank();
    }

    /** Undo is a replay of what counts: the states that a history keeps are those that its edits make from its base. */
    @Property(tries = 200)
    void undoIsTheReplayOfWhatCounts(@ForAll("documents") FixtureType document, @ForAll("choices") Random random) {
        var history = History.<FixtureType, Edit>of(document);
        for (int i = 0; i < 8; i++) {
            history = switch (random.nextInt(5)) {
                case 0 -> history.undo().orElse(history);
                case 1 -> history.redo().orElse(history);
                default -> history.apply(RandomEdits.of(history.current(), random)) instanceof History.Result.Changed(var changed) ? changed
                        : history;
            };
        }

        var replayed = document;
        for (var step : history.counting()) {
            replayed = ((Outcome.Applied<FixtureType>) step.edit().applyTo(replayed)).after();
        }

        assertThat(replayed).isEqualTo(history.current());
    }

    @Property(tries = 200)
    void whatAnEditLeavesCanBeWrittenAndRead(@ForAll("documents") FixtureType document, @ForAll("choices") Random random) {
        var type = document;
        for (int i = 0; i < 4; i++) {
            type = RandomEdits.of(type, random).applyTo(type) instanceof Outcome.Applied(var after) ? after : type;
        }
        var once = GdtfDescription.of(type).write();

        assertThat(GdtfDescription.read(once).write()).isEqualTo(once);
        assertThat(GdtfDescription.read(once).notes()).isEmpty();
    }

    @Test
    void everyKindOfEditIsTried() {
        var beginnings = List.of(Begin.class, BecomeCopy.class); // they begin a profile, and are no edit of one
        var withFiles = List.of(SetPicture.class, PutWheel.class, Several.class);

        var missing = Arrays.stream(Edit.class.getPermittedSubclasses())
            .filter(each -> !beginnings.contains(each) && !withFiles.contains(each))
            .collect(Collectors.toCollection(HashSet::new));
        RandomEdits.kinds().forEach(missing::remove);

        assertThat(missing).isEmpty();
    }
}
