package yellowkite.core.edit;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.House;

/** Marks channels with a colour or a note of the house; null leaves what is there. */
public record SetCare(List<Integer> channels, House.@Nullable Tint tint, @Nullable String note) implements Edit {
    private static final int LONGEST = 500;

    public SetCare {
        channels = List.copyOf(channels);
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (note != null) {
            var refusal = Texts.refusal("note", note, LONGEST);
            if (refusal.isPresent()) {
                return refusal.get();
            }
        }
        var house = before.house();
        for (int id : channels) {
            if (Located.channel(before, id).isEmpty()) {
                return Located.missing("channel");
            }
            var care = house.care(id);
            care = tint == null ? care : care.withTint(tint);
            house = house.withCare(id, note == null ? care : care.withNote(note.strip()));
        }
        var after = house;
        return Located.applied(before.with(f -> f.house = after));
    }

    @Override
    public String describe(FixtureType before) {
        return "Our mark on " + Located.called(before, channels) + ": " + (tint == null ? "" : Words.small(tint))
                + (note == null ? "" : "'" + Texts.shortened(note) + "'");
    }
}
