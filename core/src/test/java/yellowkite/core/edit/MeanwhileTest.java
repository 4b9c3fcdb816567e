package yellowkite.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.edit.Applying.applied;

import java.util.Collections;
import java.util.List;
import java.util.Random;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import yellowkite.core.Choices;
import yellowkite.core.Fixtures;
import yellowkite.core.SoundDocuments;
import yellowkite.core.edit.Touched.Kind;
import yellowkite.core.edit.Touched.Place;
import yellowkite.core.history.Meanwhile;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.FixtureType;

/** Two people at one draft. */
class MeanwhileTest {
    private final FixtureType seen = Fixtures.spot();
    private final List<Channel> channels = seen.modes().getFirst().channels();
    private final Channel first = channels.getFirst();
    private final Channel second = channels.get(1);

    private static ChannelFunction functionOf(Channel channel) {
        return channel.logicalChannels().getFirst().functions().getFirst();
    }

    private static Meanwhile<FixtureType> meanwhile(FixtureType seen, FixtureType now, Edit edit) {
        return Meanwhile.of(seen, now, edit, Touched.PLACES);
    }

    private static Meanwhile<FixtureType> conflict(String place) {
        return new Meanwhile.Conflict<>(List.of(place));
    }

    @Test
    void whatIsDoneToTwoChannelsStandsBoth() {
        var now = applied(seen, new RenameFunction(functionOf(first).id(), "Ines was here"));

        var both = meanwhile(seen, now, new SetStartValue(second.id(), 7));

        assertThat(both).isEqualTo(new Meanwhile.Free<>(new Outcome.Applied<>(applied(now, new SetStartValue(second.id(), 7)))));
    }

    @Test
    void oneChannelsStartAndItsFunctionsNameAreTwoPlaces() {
        var now = applied(seen, new RenameFunction(functionOf(second).id(), "Ines was here"));

        assertThat(Touched.between(seen, now)).containsExactly(new Place(Kind.FUNCTION, functionOf(second).id()));
    }

    @Test
    void whoeverTouchesTheSameFunctionIsTold() {
        var now = applied(seen, new RenameFunction(functionOf(second).id(), "Ines was here"));

        assertThat(meanwhile(seen, now, new RenameFunction(functionOf(second).id(), "Joost was here")))
            .isEqualTo(conflict("function 'Ines was here'"));
    }

    @Test
    void whatSomebodyHasJustChangedIsNotRemovedUnseen() {
        var now = applied(seen, new RenameFunction(functionOf(second).id(), "Ines was here"));

        assertThat(meanwhile(seen, now, new RemoveChannels(List.of(second.id()), false)))
            .isEqualTo(conflict("function 'Ines was here'"));
        assertThat(meanwhile(seen, applied(seen, new RemoveChannels(List.of(second.id()), false)), new SetStartValue(second.id(), 7)))
            .as("what is gone is called by what it was")
            .isEqualTo(conflict("function 'Still'")); // a start stands in its function
    }

    @Test
    void theOrderOfAModesChannelsIsOnePlace() {
        var now = applied(seen, new RemoveChannels(List.of(second.id()), false));

        assertThat(Touched.between(seen, now)).contains(new Place(Kind.CHANNELS, seen.modes().getFirst().id()),
                new Place(Kind.CHANNEL, second.id()), new Place(Kind.FUNCTION, functionOf(second).id()));
        assertThat(meanwhile(seen, now, new RemoveChannels(List.of(first.id()), false)))
            .isEqualTo(conflict("the channels of mode '" + seen.modes().getFirst().name() + "'"));
    }

    @Test
    void nothingTouchesNothing() {
        assertThat(Touched.between(seen, seen)).isEmpty();
        assertThat(Touched.between(seen, applied(applied(seen, new RenameProfile("Other")), new RenameProfile(seen.name())))).isEmpty();
    }

    @Provide
    Arbitrary<FixtureType> documents() {
        return SoundDocuments.any();
    }

    @Provide
    Arbitrary<Random> choices() {
        return Choices.any(120);
    }

    @Property(tries = 600)
    void whatOneHasDoneIsStillThereAfterTheOther(@ForAll("documents") FixtureType document, @ForAll("choices") Random random) {
        if (!(RandomEdits.of(document, random).acceptedOn(document) instanceof Outcome.Applied(var now))) {
            return;
        }
        var edit = RandomEdits.of(document, random);

        var meanwhile = meanwhile(document, now, edit);

        if (meanwhile instanceof Meanwhile.Free<FixtureType>(Outcome.Applied<FixtureType>(var after))) {
            assertThat(Collections.disjoint(Touched.between(document, now), Touched.between(now, after))).as("%s takes nothing away", edit)
                .isTrue();
            assertThat(Touched.between(document, after)).as("both are there").containsAll(Touched.between(document, now));
        }
    }

    @Property(tries = 400)
    void everyDifferenceHasAPlace(@ForAll("documents") FixtureType document, @ForAll("choices") Random random) {
        if (RandomEdits.of(document, random).acceptedOn(document) instanceof Outcome.Applied(var after) && onlyMore(document, after)) {
            assertThat(Touched.between(document, after)).isNotEmpty();
        }
    }

    /** An edit that only adds definitions touches nothing of anybody's. */
    private static boolean onlyMore(FixtureType before, FixtureType after) {
        return !before.equals(after) && before.attributeDefinitions().equals(after.attributeDefinitions());
    }
}
