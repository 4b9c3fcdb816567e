package yellowkite.core.attribute;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import org.junit.jupiter.api.Test;
import yellowkite.core.profile.AttributeDefinitions;
import yellowkite.core.profile.PhysicalUnit;

class CatalogueTest {
    private static final Catalogue CATALOGUE = Catalogue.STANDARD;

    private static String first(String words) {
        return CATALOGUE.search(words).getFirst().name();
    }

    @Test
    void findsWhatTechniciansSay() {
        assertThat(first("green")).isEqualTo("ColorAdd_G");
        assertThat(first("strobe speed")).isEqualTo("Shutter1Strobe");
        assertThat(first("gobo rotation")).isEqualTo("Gobo1PosRotate");
        assertThat(first("CTO")).isEqualTo("CTO");
        assertThat(first("uv")).isEqualTo("ColorAdd_UV");
        assertThat(first("amber")).isEqualTo("ColorAdd_RY");
        assertThat(first("cyan")).as("a flag is commoner than an emitter").isEqualTo("ColorSub_C");
        assertThat(first("pan tilt speed")).isEqualTo("PositionMSpeed");
        assertThat(first("lamp on")).isEqualTo("LampControl");
        assertThat(first("intensity")).isEqualTo("Dimmer");
        assertThat(first("colour wheel")).isEqualTo("Color1").isEqualTo(first("color wheel"));
    }

    @Test
    void putsTheNumberInAndLeavesTheWidthToTheChannel() {
        assertThat(first("gobo 2 rotation")).isEqualTo("Gobo2PosRotate");
        assertThat(first("prism 3")).isEqualTo("Prism3");
        assertThat(first("16 bit pan")).isEqualTo("Pan");
        assertThat(first("tilt fine")).isEqualTo("Tilt");
    }

    @Test
    void forgivesASlipOfTheFinger() {
        assertThat(first("dimer")).isEqualTo("Dimmer");
        assertThat(first("gobbo rotaton")).isEqualTo("Gobo1PosRotate");
    }

    @Test
    void answersNothingForWordsThatMeanNothingHere() {
        assertThat(CATALOGUE.search("marmalade")).isEmpty();
    }

    @Test
    void holdsEveryNameOnceAndFindsItAgain() {
        var names = new HashSet<String>();
        for (var each : CATALOGUE.all()) {
            assertThat(names.add(each.pattern())).as(each.pattern()).isTrue();
            assertThat(CATALOGUE.find(each.name(3, 2))).as(each.pattern()).contains(each);
            assertThat(each.pretty()).isNotBlank();
            assertThat(each.feature()).matches("[A-Z][A-Za-z]+\\.[A-Za-z_]+");
            assertThat(each.words()).as(each.pattern()).isNotEmpty().noneMatch(String::isBlank);
        }
        assertThat(CATALOGUE.all()).hasSizeGreaterThan(250);
    }

    @Test
    void knowsNamesByTheirPattern() {
        assertThat(CATALOGUE.find("Gobo12PosShake").orElseThrow().pattern()).isEqualTo("Gobo(n)PosShake");
        assertThat(CATALOGUE.find("VideoEffect1Parameter14").orElseThrow().pattern()).isEqualTo("VideoEffect(n)Parameter(m)");
        assertThat(CATALOGUE.find("Blade4A").orElseThrow().unit()).isEqualTo(PhysicalUnit.Percent);
        assertThat(CATALOGUE.find("Sparkle")).isEmpty();
    }

    @Test
    void bringsADefinitionWithAllThatItNeeds() {
        var defined = CATALOGUE.define(AttributeDefinitions.EMPTY, "Gobo2Pos").orElseThrow();

        var attribute = defined.find("Gobo2Pos").orElseThrow();
        assertThat(attribute.pretty()).isEqualTo("Gobo 2 position");
        assertThat(attribute.physicalUnit()).isEqualTo(PhysicalUnit.Angle);
        assertThat(attribute.activationGroup()).isEqualTo("Gobo2Pos");
        assertThat(defined.featureGroups()).singleElement().satisfies(group -> {
            assertThat(group.name()).isEqualTo("Gobo");
            assertThat(group.features()).extracting(AttributeDefinitions.Feature::name).containsExactly("Gobo");
        });
        assertThat(CATALOGUE.define(defined, "Gobo2Pos").orElseThrow()).isSameAs(defined);
        assertThat(CATALOGUE.define(defined, "MediaFolder1").orElseThrow().featureGroups()).singleElement()
            .satisfies(group -> assertThat(group.features()).hasSize(2));
        assertThat(CATALOGUE.define(defined, "Sparkle")).isEmpty();
    }
}
