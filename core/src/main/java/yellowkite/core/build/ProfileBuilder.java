package yellowkite.core.build;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import yellowkite.core.profile.AttributeDefinitions;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.DmxProfile;
import yellowkite.core.profile.Emitter;
import yellowkite.core.profile.Filter;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Matrix;
import yellowkite.core.profile.Measurement;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.profile.Revision;
import yellowkite.core.profile.Wheel;
import yellowkite.core.xml.Source;

/** Builds a fixture type from the top: identity, attributes, wheels, body, modes. */
public final class ProfileBuilder {
    private final List<AttributeDefinitions.ActivationGroup> activationGroups = new ArrayList<>();
    private final List<AttributeDefinitions.FeatureGroup> featureGroups = new ArrayList<>();
    private final List<AttributeDefinitions.Attribute> attributes = new ArrayList<>();
    private final List<Wheel> wheels = new ArrayList<>();
    private final List<Emitter> emitters = new ArrayList<>();
    private final List<Filter> filters = new ArrayList<>();
    private final List<DmxProfile> curves = new ArrayList<>();
    private final List<Geometry> geometries = new ArrayList<>();
    private final List<Mode> modes = new ArrayList<>();
    private final List<Revision> revisions = new ArrayList<>();
    private final String manufacturer;
    private final String name;
    private String shortName = "";
    private String description = "";
    private String id = "";
    private int nextId = 1;

    private ProfileBuilder(String manufacturer, String name) {
        this.manufacturer = manufacturer;
        this.name = name;
    }

    public static ProfileBuilder profile(String manufacturer, String name) {
        return new ProfileBuilder(manufacturer, name);
    }

    public ProfileBuilder shortName(String to) {
        shortName = to;
        return this;
    }

    public ProfileBuilder description(String to) {
        description = to;
        return this;
    }

    public ProfileBuilder id(String guid) {
        id = guid;
        return this;
    }

    /**
     * Defines an attribute and, where they are new, its feature group, feature and activation group.
     *
     * @param feature {@code Group.Feature}
     * @param activationGroup empty = none
     */
    public ProfileBuilder attribute(String attribute, String pretty, String feature, String activationGroup, PhysicalUnit unit) {
        var parts = feature.split("\\.");
        addFeature(parts[0], parts[1]);
        if (!activationGroup.isEmpty() && activationGroups.stream().noneMatch(each -> each.name().equals(activationGroup))) {
            activationGroups.add(new AttributeDefinitions.ActivationGroup(activationGroup, Source.NONE));
        }
        attributes
            .add(new AttributeDefinitions.Attribute(attribute, pretty, activationGroup, feature, "", unit, null, List.of(), Source.NONE));
        return this;
    }

    private void addFeature(String groupName, String featureName) {
        var feature = new AttributeDefinitions.Feature(featureName, Source.NONE);
        for (int i = 0; i < featureGroups.size(); i++) {
            var group = featureGroups.get(i);
            if (group.name().equals(groupName)) {
                if (group.features().stream().noneMatch(each -> each.name().equals(featureName))) {
                    var features = new ArrayList<>(group.features());
                    features.add(feature);
                    featureGroups.set(i, new AttributeDefinitions.FeatureGroup(groupName, group.pretty(), features, Source.NONE));
                }
                return;
            }
        }
        featureGroups.add(new AttributeDefinitions.FeatureGroup(groupName, groupName, List.of(feature), Source.NONE));
    }

    public ProfileBuilder wheel(String wheelName, Consumer<WheelBuilder> fill) {
        int wheelId = newId();
        var slots = new WheelBuilder();
        fill.accept(slots);
        wheels.add(new Wheel(wheelId, wheelName, slots.slots, Source.NONE));
        return this;
    }

    /** @param nanometres dominant wavelength; null = not known */
    public ProfileBuilder emitter(String emitterName, @Nullable ColorCie color, @Nullable Double nanometres, Measurement... measurements) {
        emitters.add(new Emitter(emitterName, color, nanometres, "", List.of(measurements), Source.NONE));
        return this;
    }

    public ProfileBuilder filter(String filterName, @Nullable ColorCie color, Measurement... measurements) {
        filters.add(new Filter(filterName, color, List.of(measurements), Source.NONE));
        return this;
    }

    public ProfileBuilder curve(String curveName, List<DmxProfile.Point> pieces) {
        curves.add(new DmxProfile(curveName, pieces, Source.NONE));
        return this;
    }

    /** Adds a top-level geometry. */
    public ProfileBuilder body(Geometry geometry) {
        geometries.add(geometry);
        return this;
    }

    public static Geometry part(Geometry.Kind kind, String name, Geometry... children) {
        return new Geometry.Part(kind, name, "", Matrix.IDENTITY, kind.blank(), List.of(children), Source.NONE);
    }

    /** A reference whose channels of break 1 start at {@code address}. */
    public static Geometry reference(String name, String geometry, int address) {
        return new Geometry.Reference(name, "", Matrix.IDENTITY, geometry, List.of(new Geometry.Break(address, 1, Source.NONE)),
                Source.NONE);
    }

    public static Geometry reference(String name, String geometry, Geometry.Break... breaks) {
        return new Geometry.Reference(name, "", Matrix.IDENTITY, geometry, List.of(breaks), Source.NONE);
    }

    public static Geometry.Break startOf(int dmxBreak, int address) {
        return new Geometry.Break(address, dmxBreak, Source.NONE);
    }

    public ProfileBuilder mode(String modeName, String geometry, Consumer<ModeBuilder> fill) {
        int modeId = newId();
        var mode = new ModeBuilder(this::newId);
        fill.accept(mode);
        modes.add(new Mode(modeId, modeName, mode.description, geometry, mode.channels, mode.relations, List.of(), Source.NONE));
        return this;
    }

    /** @param date {@code yyyy-mm-ddThh:mm:ss}, UTC */
    public ProfileBuilder revision(String text, String date, String author) {
        revisions.add(new Revision(text, date, "", author, Source.NONE));
        return this;
    }

    private int newId() {
        return nextId++;
    }

    public FixtureType build() {
        return FixtureType.of(type -> {
            type.name = name;
            type.shortName = shortName;
            type.longName = manufacturer + " " + name;
            type.manufacturer = manufacturer;
            type.description = description;
            type.fixtureTypeId = id;
            type.attributeDefinitions = new AttributeDefinitions(activationGroups, featureGroups, attributes, Source.NONE);
            type.wheels = wheels;
            type.physicalDescriptions = type.physicalDescriptions.withEmitters(emitters).withFilters(filters).withDmxProfiles(curves);
            type.geometries = geometries;
            type.modes = modes;
            type.revisions = revisions;
            type.nextId = nextId;
        });
    }

    /** The slots of a wheel, in order. */
    public final class WheelBuilder {
        private final List<Wheel.Slot> slots = new ArrayList<>();

        public WheelBuilder open(String slotName) {
            return color(slotName, ColorCie.WHITE);
        }

        public WheelBuilder color(String slotName, ColorCie color) {
            slots.add(Wheel.Slot.of(newId(), slotName, color, ""));
            return this;
        }

        public WheelBuilder gobo(String slotName, String mediaFile) {
            slots.add(Wheel.Slot.of(newId(), slotName, ColorCie.WHITE, mediaFile));
            return this;
        }

        /** A prism. @param facets each one's shift across the beam, and what it is tinted with */
        public WheelBuilder prism(String slotName, Wheel.Facet... facets) {
            slots.add(new Wheel.Slot(newId(), slotName, ColorCie.WHITE, "", "", List.of(facets), null, Source.NONE));
            return this;
        }
    }
}
