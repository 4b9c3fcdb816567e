package yellowkite.core.rig.edit;

import java.util.ArrayList;
import java.util.Comparator;
import yellowkite.core.history.Outcome;
import yellowkite.core.rig.At;
import yellowkite.core.rig.Output;
import yellowkite.core.rig.Rig;
import yellowkite.core.rig.UniverseFacts;

/** Says what a universe is called, where it goes and how it is sent. */
public record PutUniverse(UniverseFacts facts) implements RigEdit {
    @Override
    public Outcome<Rig> applyTo(Rig before) {
        return Said.tried("universe", () -> {
            var universe = new At(facts.universe(), 1).universe();
            var all = new ArrayList<>(before.universes());
            all.removeIf(each -> each.universe() == universe);
            if (!facts.equals(new UniverseFacts(universe, "", "", Output.NONE, ""))) { // of which nothing is said
                all.add(facts);
            }
            all.sort(Comparator.comparingInt(UniverseFacts::universe));
            return Said.refusal("name", facts.name())
                .or(() -> Said.refusal("place", facts.place()))
                .or(() -> Said.refusal("output", facts.output().to()))
                .or(() -> facts.output().flaw().map(why -> Said.rejected("output", why)))
                .or(() -> Said.refusal("colour", facts.colour()))
                .orElseGet(() -> Said.applied(before.withUniverses(all)));
        });
    }

    @Override
    public String describe(Rig before) {
        return "Universe " + facts.universe() + (facts.name().isEmpty() ? "" : " is called '" + facts.name() + "'");
    }
}
