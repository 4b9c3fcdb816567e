package yellowkite.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.edit.Applying.applied;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.Fixtures;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.FixtureType;

class AsBeforeTest {
    private final FixtureType before = Fixtures.spot();
    private final List<Channel> channels = before.modes().getFirst().channels();

    private static CompiledMode first(FixtureType type) {
        return CompiledMode.of(type, type.modes().getFirst());
    }

    private List<Channel> changed(Edit edit) {
        var after = applied(before, edit);
        var shown = new ArrayList<>(after.modes().getFirst().channels());
        shown.removeIf(AsBefore.channels(first(after), first(before))::contains);
        shown.removeIf(channel -> channel.functions().anyMatch(function -> !function.modeMaster().isEmpty())); // shown anew always
        return shown;
    }

    @Test
    void anEditOfOneChannelLeavesTheOthersAsTheyWere() {
        assertThat(changed(new SetStartValue(channels.get(1).id(), 7))).extracting(Channel::id).containsExactly(channels.get(1).id());
    }

    @Test
    void aNoteOfTheHouseIsOfItsChannelAlone() {
        assertThat(changed(new SetCare(List.of(channels.get(1).id()), null, "Sticks"))).extracting(Channel::id)
            .containsExactly(channels.get(1).id());
    }

    @Test
    void whoeverMovesIsShownAnewThoughNothingElseOfItDiffers() {
        var moved = changed(new RemoveChannels(List.of(channels.getFirst().id()), true));

        assertThat(moved).extracting(Channel::id).contains(channels.get(1).id()).hasSizeGreaterThan(1);
    }

    @Test
    void ofAModeThatWasNotThereEverythingIsNew() {
        assertThat(AsBefore.channels(first(before), null)).isEmpty();
        assertThat(AsBefore.channels(first(before), first(before))).as("channels whose functions have no conditions").isNotEmpty();
    }
}
