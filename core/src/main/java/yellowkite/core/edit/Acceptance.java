package yellowkite.core.edit;

import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;

/** What an edit may not do to a document, whatever its kind. */
final class Acceptance {
    private Acceptance() {}

    static Outcome<FixtureType> of(Edit edit, FixtureType before) {
        var outcome = edit.applyTo(before);
        var field = field(edit);
        // whoever types addresses one channel after the other passes through overlaps, and the checks say so at once
        var apart = typesAddresses(edit) ? outcome : Room.kept(before, outcome, field);
        return ChannelNames.kept(before, Starts.kept(before, apart, field));
    }

    private static boolean typesAddresses(Edit edit) {
        return edit instanceof ChangeAddresses || edit instanceof Several(var edits) && edits.stream().anyMatch(Acceptance::typesAddresses);
    }

    /** The component that a person would change. */
    private static String field(Edit edit) {
        return switch (edit) {
            case AddChannels add -> add.at() == null ? "channels" : "at";
            case ChangeWidth width -> "bytes";
            case MoveChannel move -> "to";
            case RemoveChannels remove -> "closeUp";
            case MakeCells cells -> "first";
            case ChangeGeometry geometry -> "geometry";
            case SetModeMaster master -> "master";
            case BringFunction bring -> "modes";
            default -> "channels";
        };
    }
}
