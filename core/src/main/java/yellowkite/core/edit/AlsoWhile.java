package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.text.FreshName;

/**
 * Lets a function count in another situation, too: the standard has one stretch of a master's values for each function, so that the same
 * function stands there once more, with the other stretch.
 *
 * @param master id of the channel whose values decide
 * @param from in the master's own width, as is {@code to}
 */
public record AlsoWhile(int function, int master, long from, long to) implements Edit {
    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        return Located.onFunction(before, function, at -> {
            var ids = new FreshIds(before.nextId());
            var logical = at.channel().findOwner(at.function()).orElseThrow();
            var taken = new HashSet<>(logical.functions().stream().map(logical::nameOf).toList());
            var called = FreshName.of(taken, at.name());
            var copy = ids.copy(at.function()).with(f -> {
                f.name = called;
                f.modeMaster = "";
            });
            var doubled = before.mapChannel(at.channel().id(), channel -> channel.mapLogicalChannels(each -> {
                if (each.id() != logical.id()) {
                    return each;
                }
                var functions = new ArrayList<>(each.functions());
                functions.add(functions.indexOf(at.function()) + 1, copy);
                return each.withFunctions(functions);
            })).with(f -> {
                f.nextId = ids.next();
                f.house = f.house.alsoFor(ids.copies());
            });
            return new SetModeMaster(copy.id(), master, from, to).applyTo(Relink.follow(before, doubled));
        });
    }

    @Override
    public String describe(FixtureType before) {
        return Located.function(before, function).map(at -> "'" + at.name() + "'").orElse("A function") + " counts also while "
                + Located.channel(before, master).map(Located.InMode::called).orElse("a channel") + " is " + from + " to " + to;
    }
}
