package yellowkite.server.drafts;

import java.util.Map;
import yellowkite.core.dmx.Resolver;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.server.web.Refusal;

/**
 * A mode with a value for each of its channels.
 *
 * @param raws in the order of the resolver's map
 */
record Probe(FixtureType type, Mode mode, Resolver resolver, long[] raws) {

    /**
     * @param values raw values by channel id; a channel that is not named stands at its start value
     * @throws Refusal 404 if the mode is gone; 422 if a value is outside of its channel
     */
    static Probe of(LoadedDraft draft, int modeId, Map<Integer, Long> values) {
        var type = draft.history().current();
        var mode = type.findMode(modeId).orElseThrow(() -> Refusal.notFound("That mode is not in this profile any more."));
        var resolver = Resolver.of(type, mode);
        var raws = resolver.startValues();
        for (int i = 0; i < raws.length; i++) {
            var channel = resolver.map().channels().get(i).channel();
            var value = values.get(channel.id());
            if (value != null && (value < 0 || value > channel.max())) {
                throw Refusal.unfit("values", "A value of this channel lies from 0 to " + channel.max() + "; " + value + " is outside.");
            }
            raws[i] = value == null ? raws[i] : value;
        }
        return new Probe(type, mode, resolver, raws);
    }

    /** {@return the values at which the lamp can be found: at its start values it is mostly dark} @param values those that stay */
    long[] lit(Map<Integer, Long> values, int channelId) {
        var lit = raws.clone();
        for (int i = 0; i < lit.length; i++) {
            var channel = resolver.map().channels().get(i).channel();
            var highlight = channel.highlight();
            lit[i] = values.containsKey(channel.id()) || channel.id() == channelId || highlight == null ? lit[i] : highlight.at(channel.bytes());
        }
        return lit;
    }
}
