package yellowkite.core.house;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import yellowkite.core.profile.House;

/** What a GDTF file of a profile does not carry, because the standard has no place for it. */
public final class LeftBehind {
    private LeftBehind() {}

    /** {@return one sentence for each kind of thing that stays in the house; none if all goes along} */
    public static List<String> of(StoredHouse kept) {
        var says = new ArrayList<String>();
        if (!kept.notes().isEmpty()) {
            says.add("The notes for colleagues stay here.");
        }
        if (kept.category() != House.Category.NONE) {
            says.add("The category stays here.");
        }
        if (kept.dipFromZero()) {
            says.add("That its DIP switches count from 0 stays here.");
        }
        count(says, kept.chartCounts().size(), "The chart's count of a mode stays", "The chart's counts of # modes stay");
        count(says, kept.channels().stream().filter(each -> each.care().blackout() != null).count(),
                "The value at blackout of a channel stays", "The values at blackout of # channels stay");
        count(says, kept.channels().stream().filter(each -> !each.care().note().isEmpty()).count(), "The note on a channel stays",
                "The notes on # channels stay");
        count(says, kept.channels().stream().filter(each -> each.care().tint() != House.Tint.NONE).count(),
                "The colour mark of a channel stays", "The colour marks of # channels stay");
        count(says, kept.marks().size(), "The mark on a named range stays", "The marks on # named ranges stay");
        count(says, Objects.requireNonNull(kept.wheels()).values().stream().filter(each -> each.kind() != null).count(),
                "The kind of a wheel stays",
                "The kinds of # wheels stay");
        count(says, kept.wheels().values().stream().filter(each -> each.open() != null).count(),
                "Where the open slot of a wheel was seen stays", "Where the open slots of # wheels were seen stays");
        return says;
    }

    private static void count(List<String> says, long count, String one, String more) {
        if (count > 0) {
            says.add((count == 1 ? one : more.replace("#", String.valueOf(count))) + " here.");
        }
    }
}
