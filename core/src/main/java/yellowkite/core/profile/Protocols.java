package yellowkite.core.profile;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.xml.Source;

/**
 * How the fixture speaks beside DMX: GDTF {@code Protocols}.
 *
 * @param rdm null if the file says nothing of RDM
 * @param networks the others, in the order of {@link Kind}
 */
public record Protocols(@Nullable Rdm rdm, List<Network> networks, Source source) {
    public static final Protocols NONE = new Protocols(null, List.of(), Source.NONE);

    public Protocols {
        networks = List.copyOf(networks);
    }

    /** {@return these protocols with every personality that names mode {@code was} naming {@code now}} */
    public Protocols renameMode(String was, String now) {
        return rdm == null ? this : new Protocols(rdm.renameMode(was, now), networks, source);
    }

    /** {@return these protocols without the personalities of that mode} */
    public Protocols withoutMode(String name) {
        return rdm == null ? this : new Protocols(rdm.withoutMode(name), networks, source);
    }

    /** GDTF {@code FTRDM}. */
    public record Rdm(int manufacturerId, int deviceModelId, List<SoftwareVersion> versions, Source source) {
        public Rdm {
            versions = List.copyOf(versions);
        }

        private Rdm renameMode(String was, String now) {
            return new Rdm(manufacturerId, deviceModelId, Trees.map(versions, each -> each.renameMode(was, now)), source);
        }

        private Rdm withoutMode(String name) {
            return new Rdm(manufacturerId, deviceModelId, Trees.map(versions, version -> new SoftwareVersion(version.value,
                    version.personalities.stream().filter(each -> !each.mode().equals(name)).toList(), version.source)), source);
        }
    }

    /** GDTF {@code SoftwareVersionID}. */
    public record SoftwareVersion(int value, List<Personality> personalities, Source source) {
        public SoftwareVersion {
            personalities = List.copyOf(personalities);
        }

        private SoftwareVersion renameMode(String was, String now) {
            return new SoftwareVersion(value,
                    Trees.map(personalities, each -> each.mode().equals(was) ? new Personality(each.value, now, each.source) : each),
                    source);
        }
    }

    /** GDTF {@code DMXPersonality}. @param mode name of a mode */
    public record Personality(int value, String mode, Source source) {}

    /** A protocol that is only named, with its table of values if it has one. */
    public record Network(Kind kind, List<Entry> map, Source source) {
        public Network {
            map = List.copyOf(map);
        }
    }

    public record Entry(int key, int value, Source source) {}

    /** The protocols, by the standard's element names. */
    public enum Kind {
        ART_NET("Art-Net"), SACN("sACN"), POSI_STAGE_NET("PosiStageNet"), OPEN_SOUND_CONTROL("OpenSoundControl"), CITP("CITP");

        private final String element;

        Kind(String element) {
            this.element = element;
        }

        public String element() {
            return element;
        }
    }
}
