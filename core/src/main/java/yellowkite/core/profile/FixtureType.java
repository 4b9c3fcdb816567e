package yellowkite.core.profile;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import yellowkite.core.xml.Source;

/**
 * The whole of a profile: GDTF {@code FixtureType}.
 *
 * @param fixtureTypeId GUID in upper case with dashes; empty if the file gives none
 * @param refFt GUID of a type that this one replaces; empty = none
 * @param thumbnail name of its picture in the archive, without the ending; empty = none
 * @param thumbnailOffsetX pixels from its top left corner to the fixture's origin, as is Y
 * @param canHaveChildren whether other fixtures may hang on it
 * @param geometries top-level geometries
 * @param house what the house keeps beside it; no file holds it
 * @param nextId the id that the next new node gets; larger than every id in the document
 */
public record FixtureType(String name, String shortName, String longName, String manufacturer, String description,
        String fixtureTypeId, String refFt, String thumbnail, int thumbnailOffsetX, int thumbnailOffsetY, boolean canHaveChildren,
        AttributeDefinitions attributeDefinitions, List<Wheel> wheels, PhysicalDescriptions physicalDescriptions, List<Model> models,
        List<Geometry> geometries, List<Mode> modes, List<Revision> revisions, Protocols protocols, House house, int nextId,
        Source source) {

    public FixtureType {
        wheels = List.copyOf(wheels);
        models = List.copyOf(models);
        geometries = List.copyOf(geometries);
        modes = List.copyOf(modes);
        revisions = List.copyOf(revisions);
    }

    /** {@return an empty fixture type, then changed} */
    public static FixtureType of(Consumer<Fields> change) {
        var fields = new Fields();
        change.accept(fields);
        return fields.done();
    }

    /** {@return a changed copy, or this fixture type itself if nothing differs} */
    public FixtureType with(Consumer<Fields> change) {
        var fields = new Fields(this);
        change.accept(fields);
        var after = fields.done();
        return after.equals(this) ? this : after;
    }

    public FixtureType mapModes(UnaryOperator<Mode> change) {
        var after = Trees.map(modes, change);
        return after == modes ? this : with(f -> f.modes = after);
    }

    /** {@return this document with the channel of that id changed; itself if there is none} */
    public FixtureType mapChannel(int channelId, UnaryOperator<Channel> change) {
        return mapModes(mode -> mode.mapChannels(channel -> channel.id() == channelId ? change.apply(channel) : channel));
    }

    public Optional<Mode> findMode(int modeId) {
        return modes.stream().filter(mode -> mode.id() == modeId).findFirst();
    }

    public Optional<Wheel> findWheel(String wheelName) {
        return wheels.stream().filter(wheel -> wheel.name().equals(wheelName)).findFirst();
    }

    /** {@return every geometry of the type, references included, in document order} */
    public Stream<Geometry> allGeometries() {
        return geometries.stream().flatMap(Geometry::walk);
    }

    /** {@return the unit of an attribute; {@code None} if the type does not define the attribute} */
    public PhysicalUnit unitOf(String attribute) {
        return attributeDefinitions.find(attribute).map(AttributeDefinitions.Attribute::physicalUnit).orElse(PhysicalUnit.None);
    }

    /** The components, open for change inside {@link #with} and {@link #of}. */
    public static final class Fields {
        public String name = "";
        public String shortName = "";
        public String longName = "";
        public String manufacturer = "";
        public String description = "";
        public String fixtureTypeId = "";
        public String refFt = "";
        public String thumbnail = "";
        public int thumbnailOffsetX;
        public int thumbnailOffsetY;
        public boolean canHaveChildren = true;
        public AttributeDefinitions attributeDefinitions = AttributeDefinitions.EMPTY;
        public List<Wheel> wheels = List.of();
        public PhysicalDescriptions physicalDescriptions = PhysicalDescriptions.EMPTY;
        public List<Model> models = List.of();
        public List<Geometry> geometries = List.of();
        public List<Mode> modes = List.of();
        public List<Revision> revisions = List.of();
        public Protocols protocols = Protocols.NONE;
        public House house = House.NONE;
        public int nextId = 1;
        public Source source = Source.NONE;

        private Fields() {}

        private Fields(FixtureType t) {
            name = t.name;
            shortName = t.shortName;
            longName = t.longName;
            manufacturer = t.manufacturer;
            description = t.description;
            fixtureTypeId = t.fixtureTypeId;
            refFt = t.refFt;
            thumbnail = t.thumbnail;
            thumbnailOffsetX = t.thumbnailOffsetX;
            thumbnailOffsetY = t.thumbnailOffsetY;
            canHaveChildren = t.canHaveChildren;
            attributeDefinitions = t.attributeDefinitions;
            wheels = t.wheels;
            physicalDescriptions = t.physicalDescriptions;
            models = t.models;
            geometries = t.geometries;
            modes = t.modes;
            revisions = t.revisions;
            protocols = t.protocols;
            house = t.house;
            nextId = t.nextId;
            source = t.source;
        }

        private FixtureType done() {
            return new FixtureType(name, shortName, longName, manufacturer, description, fixtureTypeId, refFt, thumbnail,
                    thumbnailOffsetX, thumbnailOffsetY, canHaveChildren, attributeDefinitions, wheels, physicalDescriptions, models,
                    geometries, modes, revisions, protocols, house, nextId, source);
        }
    }
}
