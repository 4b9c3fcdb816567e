package yellowkite.core.gdtf;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.Fixtures;
import yellowkite.core.archive.FormatException;
import yellowkite.core.profile.DmxBreak;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.Geometry;
import yellowkite.core.xml.ReadNote;
import yellowkite.core.xml.XmlText;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class GdtfDescriptionTest {

    private static GdtfDescription read(String xml) {
        return GdtfDescription.read(xml.getBytes(StandardCharsets.UTF_8));
    }

    /** Every kind of thing that a file may hold and we have no place for, at many levels and out of order. */
    private static final String STRANGE = """
            <?xml version="1.0" encoding="UTF-8"?>
            <!-- before the root -->
            <GDTF DataVersion="1.1" xmlns:x="urn:x" x:tool="loom">
              <FixtureType Name="Odd &amp; even" Manufacturer="Testers" FixtureTypeID="A" CanHaveChildren="Yes" Later="1.30">
                <DMXModes>
                  <!-- modes first -->
                  <DMXMode Name="M" Geometry="Base">
                    <DMXChannels>
                      <DMXChannel Offset="2, 1" Default="128/1" Highlight="None" Geometry="Base" DMXBreak="1">
                        <LogicalChannel Attribute="Dimmer" Snap="Perhaps" MibFade="0.500000">
                          <Strange><Inner a="1">words &lt;kept&gt;</Inner></Strange>
                          <ChannelFunction Attribute="Dimmer" DMXFrom="0/1" PhysicalFrom="NaN">
                            <ChannelSet Name="" DMXFrom="0/1"/>
                            <ChannelSet Name="Up" DMXFrom="1/1" PhysicalFrom="1e2"><SubChannelSet Name="s"/></ChannelSet>
                          </ChannelFunction>
                        </LogicalChannel>
                      </DMXChannel>
                    </DMXChannels>
                    <Relations><Relation Name="r" Master="Base_Dimmer" Slave="Base_Dimmer.Dimmer.Dimmer 1" Type="Multiply"/></Relations>
                  </DMXMode>
                </DMXModes>
                <AttributeDefinitions><Attributes><Attribute Name="Dimmer" Pretty="Dim" Feature="Dimmer.Dimmer"/></Attributes></AttributeDefinitions>
                <Geometries>
                  <Geometry Name="Base" Position="{1,0,0,0}{0,1,0,0}{0,0,1,0}{0,0,0,1}"><Beam Name="B" BeamAngle="12.5"/><Unheard Name="u"/><Axis Name="A"/></Geometry>
                </Geometries>
                <Wheels/>
                <Wheels><Wheel Name="second section"/></Wheels>
                <FTPresets/>
              </FixtureType>
              <Appendix/>
            </GDTF>
            <!-- after the root -->
            """;

    @Test
    void keepsEveryElementAttributeTextAndCommentOfAnUnchangedFile() {
        var before = XmlText.parse("description.xml", STRANGE.getBytes(StandardCharsets.UTF_8), GdtfDescription.MAX_BYTES);

        var after = XmlText.parse("description.xml", read(STRANGE).write(), GdtfDescription.MAX_BYTES);

        assertThat(XmlCompare.unordered(after)).isEqualTo(XmlCompare.unordered(before));
    }

    @Test
    void readsWhatAnOldFileMeans() {
        var channel = read(STRANGE).type().modes().getFirst().channels().getFirst();

        assertThat(channel.offsets()).containsExactly(2, 1);
        assertThat(channel.dmxBreak()).isEqualTo(DmxBreak.FIRST);
        assertThat(channel.start()).isEqualTo(32896); // 128/1 mirrored into two bytes
        assertThat(channel.highlight()).isNull();
        assertThat(read(STRANGE).type().modes().getFirst().relations().getFirst().follower()).isEqualTo("Base_Dimmer.Dimmer.Dimmer 1");
    }

    @Test
    void toleratesBadValuesAndSaysWhereTheyStand() {
        assertThat(read(STRANGE).notes()).extracting(ReadNote::attribute, ReadNote::text)
            .containsExactlyInAnyOrder(org.assertj.core.groups.Tuple.tuple("Snap", "Perhaps"),
                    org.assertj.core.groups.Tuple.tuple("PhysicalFrom", "NaN"));
        assertThat(read(STRANGE).notes().getFirst().where()).contains("DMXMode 'M'");
    }

    @Test
    void writesAChangedValueAndLeavesTheRest() {
        var type = read(STRANGE).type();
        int channel = type.modes().getFirst().channels().getFirst().id();
        var changed = type.mapChannel(channel, each -> each.withOffsets(List.of(5, 6)).withHighlight(new DmxValue(255, 1)));

        var xml = new String(read(STRANGE).withType(changed).write(), StandardCharsets.UTF_8);

        assertThat(xml).contains("Offset=\"5,6\"", "Highlight=\"255/1\"", "MibFade=\"0.500000\"", "PhysicalFrom=\"NaN\"",
                "Snap=\"Perhaps\"");
    }

    @Test
    void writesWhatItBuiltSoThatItReadsBackEqualButForIds() {
        var written = GdtfDescription.of(Fixtures.spot()).write();

        var back = GdtfDescription.read(written);

        assertThat(back.notes()).isEmpty();
        assertThat(new String(back.write(), StandardCharsets.UTF_8)).isEqualTo(new String(written, StandardCharsets.UTF_8));
        assertThat(Fixtures.function(back.type(), "Strobe").with(f -> {}).modeMaster()).isEqualTo("Base_StrobeMode");
        assertThat(Fixtures.range(back.type(), "Dots shaking").physicalTo()).isEqualTo(6.0);
    }

    @Test
    void keepsControlCharactersAndQuotesInAttributes() {
        var type = Fixtures.spot().with(f -> f.description = "a \"b\" <c> & d\nnext\tline é 漢");

        assertThat(GdtfDescription.read(GdtfDescription.of(type).write()).type().description()).isEqualTo(type.description());
    }

    @Test
    void readsUniverseAndAddressOfABreak() {
        var xml = "<GDTF><FixtureType><Geometries><GeometryReference Name=\"r\" Geometry=\"g\"><Break DMXOffset=\"2.7\"/></GeometryReference></Geometries></FixtureType></GDTF>";

        var reference = (Geometry.Reference) read(xml).type().geometries().getFirst();

        assertThat(reference.breaks().getFirst().dmxOffset()).isEqualTo(519); // (2 - 1) 512 + 7
    }

    @Test
    void refusesWhatIsNoDescription() {
        assertThatThrownBy(() -> read("<GDTF>")).isInstanceOf(FormatException.class).hasMessage("is not well-formed XML");
        assertThatThrownBy(() -> read("<Other/>")).hasMessage("begins with <Other> where <GDTF> is expected");
        assertThatThrownBy(() -> read("<GDTF/>")).hasMessage("holds no <FixtureType>");
        assertThatThrownBy(() -> read("")).hasMessage("is not well-formed XML");
    }

    @Test
    void refusesEveryDocumentType() {
        var external = "<!DOCTYPE GDTF [<!ENTITY x SYSTEM \"file:///etc/hostname\">]><GDTF><FixtureType Name=\"&x;\"/></GDTF>";
        var growing = "<!DOCTYPE GDTF [<!ENTITY a \"aaaaaaaaaa\"><!ENTITY b \"&a;&a;&a;&a;&a;&a;&a;&a;\">]><GDTF><FixtureType Name=\"&b;\"/></GDTF>";

        assertThatThrownBy(() -> read(external)).hasMessage("holds a DOCTYPE, which no such file needs");
        assertThatThrownBy(() -> read(growing)).hasMessage("holds a DOCTYPE, which no such file needs");
        assertThatThrownBy(() -> read("<GDTF><FixtureType Name=\"&nothing;\"/></GDTF>")).hasMessage("is not well-formed XML");
    }

    @Test
    void refusesDepthAndLengthBeyondItsLimits() {
        var deep = "<GDTF>" + "<a>".repeat(300) + "</a>".repeat(300) + "</GDTF>";
        var longName = "<GDTF><FixtureType Name=\"" + "x".repeat(1 << 19) + "\"/></GDTF>";

        assertThatThrownBy(() -> read(deep)).hasMessage("nests elements deeper than 256");
        assertThatThrownBy(() -> read(longName)).hasMessage("holds an attribute longer than 262144 characters");
    }
}
