package yellowkite.core.profile;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import yellowkite.core.xml.Source;

/**
 * A mode: GDTF {@code DMXMode}.
 *
 * @param geometry name of the top-level geometry that it uses
 */
public record Mode(int id, String name, String description, String geometry, List<Channel> channels, List<Relation> relations,
        List<Macro> macros, Source source) {

    public Mode {
        channels = List.copyOf(channels);
        relations = List.copyOf(relations);
        macros = List.copyOf(macros);
    }

    public Mode withName(String to) {
        return new Mode(id, to, description, geometry, channels, relations, macros, source);
    }

    public Mode withDescription(String to) {
        return new Mode(id, name, to, geometry, channels, relations, macros, source);
    }

    public Mode withGeometry(String to) {
        return to.equals(geometry) ? this : new Mode(id, name, description, to, channels, relations, macros, source);
    }

    public Mode withChannels(List<Channel> to) {
        return to == channels ? this : new Mode(id, name, description, geometry, to, relations, macros, source);
    }

    public Mode withRelations(List<Relation> to) {
        return to == relations ? this : new Mode(id, name, description, geometry, channels, to, macros, source);
    }

    public Mode withMacros(List<Macro> to) {
        return to == macros ? this : new Mode(id, name, description, geometry, channels, relations, to, source);
    }

    public Mode mapChannels(UnaryOperator<Channel> change) {
        return withChannels(Trees.map(channels, change));
    }

    public Optional<Channel> findChannel(int channelId) {
        return channels.stream().filter(channel -> channel.id() == channelId).findFirst();
    }
}
