package yellowkite.core.profile;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import yellowkite.core.xml.Source;

/** What the attributes of a fixture type mean: GDTF {@code AttributeDefinitions}. */
public record AttributeDefinitions(List<ActivationGroup> activationGroups, List<FeatureGroup> featureGroups,
        List<Attribute> attributes, Source source) {

    public static final AttributeDefinitions EMPTY = new AttributeDefinitions(List.of(), List.of(), List.of(), Source.NONE);

    public AttributeDefinitions {
        activationGroups = List.copyOf(activationGroups);
        featureGroups = List.copyOf(featureGroups);
        attributes = AttributeList.of(attributes);
    }

    /** Attributes that a console takes up together. */
    public record ActivationGroup(String name, Source source) {}

    public record FeatureGroup(String name, String pretty, List<Feature> features, Source source) {
        public FeatureGroup {
            features = List.copyOf(features);
        }
    }

    public record Feature(String name, Source source) {}

    /**
     * @param activationGroup name; empty = none
     * @param feature link {@code FeatureGroup.Feature}
     * @param mainAttribute name; empty = none
     */
    public record Attribute(String name, String pretty, String activationGroup, String feature, String mainAttribute,
            PhysicalUnit physicalUnit, @Nullable ColorCie color, List<SubPhysicalUnit> subPhysicalUnits, Source source) {
        public Attribute {
            subPhysicalUnits = List.copyOf(subPhysicalUnits);
        }

        public Attribute withUnit(PhysicalUnit to) {
            return new Attribute(name, pretty, activationGroup, feature, mainAttribute, to, color, subPhysicalUnits, source);
        }

        /** {@return the first part of the feature link; empty if there is none} */
        public String featureGroup() {
            int dot = feature.indexOf('.');
            return dot < 0 ? feature : feature.substring(0, dot);
        }
    }

    /**
     * A further quantity that goes with an attribute.
     *
     * @param physicalFrom usual smallest value, in {@code physicalUnit}; {@code physicalTo} the usual largest
     */
    public record SubPhysicalUnit(SubType type, PhysicalUnit physicalUnit, double physicalFrom, double physicalTo, Source source) {}

    /** By the standard's names. */
    public enum SubType {
        PlacementOffset, Amplitude, AmplitudeMin, AmplitudeMax, Duration, DutyCycle, TimeOffset, MinimumOpening, Value,
        RatioHorizontal, RatioVertical
    }

    public AttributeDefinitions withAttributes(List<Attribute> to) {
        return new AttributeDefinitions(activationGroups, featureGroups, to, source);
    }

    /** {@return what the profile calls an attribute; its name where it does not say} */
    public String pretty(String name) {
        return find(name).map(Attribute::pretty).filter(each -> !each.isBlank()).orElse(name);
    }

    public Optional<Attribute> find(String name) {
        return Optional.ofNullable(((AttributeList) attributes).find(name));
    }
}
