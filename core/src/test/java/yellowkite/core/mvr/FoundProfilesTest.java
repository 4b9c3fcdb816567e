package yellowkite.core.mvr;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.core.mvr.Scenes.addresses;
import static yellowkite.core.mvr.Scenes.fixture;
import static yellowkite.core.mvr.Scenes.is;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import yellowkite.core.build.ModeBuilder;
import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.rig.Matching;

class FoundProfilesTest {
    private static final String SPEC = "Lumbrook@Moth.gdtf";

    private static FixtureType type(String id, String mode, String... attributes) {
        return ProfileBuilder.profile("Lumbrook", "Moth")
            .id(id)
            .body(ProfileBuilder.part(Geometry.Kind.Geometry, "Base"))
            .mode(mode, "Base", each -> channels(each, attributes))
            .build();
    }

    private static void channels(ModeBuilder mode, String... attributes) {
        for (int i = 0; i < attributes.length; i++) {
            var attribute = attributes[i];
            mode.channel(attribute, "Base", List.of(i + 1), c -> c.function(attribute, 0, f -> f.physical(0, 1)));
        }
    }

    private static byte[] gdtf(FixtureType type) {
        return new GdtfFile(GdtfDescription.of(type), Map.of()).write();
    }

    private static String asks(int number, String spec, String mode, int address) {
        return fixture("u" + number, "Lamp " + number, is("GDTFSpec", spec), is("GDTFMode", mode), is("FixtureID", String.valueOf(number)),
                addresses("0:" + address));
    }

    private static FoundProfiles found(byte[] file, boolean ours, FixtureType... library) {
        try (var mvr = MvrFile.open(file)) {
            var candidates = new ArrayList<Matching.Candidate>();
            IntStream.range(0, library.length).forEach(i -> candidates.add(Matching.Candidate.of("ours" + i, library[i])));
            return FoundProfiles.of(mvr, SceneUnits.of(mvr.scene()).units(), "show/", Matching.among(candidates)::find, ours);
        }
    }

    private static List<String> says(FoundProfiles found) {
        return found.units()
            .stream()
            .map(unit -> unit.found().how() + " " + unit.found().pin() + " " + unit.found().mode() + " " + unit.found().footprint())
            .toList();
    }

    private static byte[] file(Map<String, byte[]> profiles, String... fixtures) {
        return Scenes.scene().layer("Rail", fixtures).file(profiles);
    }

    @Test
    void theFilesOwnProfileCountsWithOrWithoutEndingInWhateverCase() {
        var file = file(Map.of(SPEC, gdtf(type("0A6F2B88-1C95-47AA-B3D4-64C9F0E5C001", "Three", "Dimmer", "Zoom", "Shutter1"))),
                asks(1, SPEC, "Three", 1), asks(2, "lumbrook@moth", " three ", 4), asks(3, "Lumbrook@Moth", "Other", 7));

        var found = found(file, false);

        assertThat(says(found)).containsExactly("EXACT show/Lumbrook@Moth.gdtf Three 3", "EXACT show/Lumbrook@Moth.gdtf Three 3",
                "PROFILE show/Lumbrook@Moth.gdtf Three 3");
        assertThat(found.ids()).containsOnly(Map.entry("Lumbrook@Moth.gdtf", "0A6F2B88-1C95-47AA-B3D4-64C9F0E5C001"));
        assertThat(found.units().getFirst().addresses().getFirst().to()).isEqualTo(3);
    }

    @Test
    void oursCountsFirstWhereThatIsAskedForByTheSameId() {
        var id = "0A6F2B88-1C95-47AA-B3D4-64C9F0E5C001";
        var file = file(Map.of(SPEC, gdtf(type(id, "Three", "Dimmer", "Zoom", "Shutter1"))), asks(1, SPEC, "Three", 1));

        assertThat(says(found(file, false, type(id, "Three", "Dimmer", "Zoom", "Shutter1")))).containsExactly(
                "EXACT show/Lumbrook@Moth.gdtf Three 3");
        assertThat(says(found(file, true, type(id, "Three", "Dimmer", "Zoom", "Shutter1")))).containsExactly("EXACT ours0 Three 3");
    }

    @Test
    void aPlaceholderIsRecognisedAndNeverStandsForAProfile() {
        var empty = gdtf(type("0A6F2B88-1C95-47AA-B3D4-64C9F0E5C002", "Mode 1", "Dimmer", "NoFeature", "Dimmer2", "NoFeature"));
        var file = file(Map.of("Unknown@Lamp.gdtf", empty), asks(1, "Unknown@Lamp.gdtf", "Mode 1", 1));

        assertThat(says(found(file, false))).containsExactly("PLACEHOLDER   4");
        assertThat(found(file, false).units().getFirst().found().why()).isEqualTo("'Unknown@Lamp.gdtf' is a placeholder of 4 channels.");
        assertThat(found(file, false).units().getFirst().addresses().getFirst().to()).isEqualTo(4);
    }

    /** 1, 10 and 19 lie nine apart, then there is a gap. */
    @Test
    void whereNoProfileIsThereTheDistancesTellTheFootprint() {
        var file = file(Map.of(), asks(1, "", "", 1), asks(2, "", "", 10), asks(3, "", "", 19), asks(4, "", "", 100),
                asks(5, "Other", "", 400));

        assertThat(says(found(file, false))).containsExactly("PLACEHOLDER   9", "PLACEHOLDER   9", "PLACEHOLDER   9", "PLACEHOLDER   9",
                "NONE   0");
        assertThat(found(file, false).units().getFirst().asked().footprint()).isEqualTo(9);
    }

    @Test
    void aProfileThatIsNotInTheFileIsLookedForInTheLibrary() {
        assertThat(says(found(file(Map.of(), asks(1, SPEC, "Three", 1)), false, type("", "Three", "Dimmer", "Zoom", "Shutter1"))))
            .containsExactly("EXACT ours0 Three 3");
    }

    @Test
    void aBrokenProfileIsToldAndTheRestIsRead() {
        var file = file(Map.of(SPEC, "no zip".getBytes(StandardCharsets.UTF_8), "Good@One.gdtf",
                gdtf(type("0A6F2B88-1C95-47AA-B3D4-64C9F0E5C003", "Three", "Dimmer", "Zoom", "Shutter1"))), asks(1, SPEC, "Three", 1),
                asks(3, SPEC, "Four", 100), asks(2, "Good@One", "Three", 4));

        var found = found(file, false);

        assertThat(says(found)).containsExactly("NONE   0", "NONE   0", "EXACT show/Good@One.gdtf Three 3");
        assertThat(found.notes()).singleElement().satisfies(note -> assertThat(note.says()).contains("is not a ZIP archive"));
    }
}
