package yellowkite.core.gdtf;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import yellowkite.core.edit.RenameMode;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.AttributeDefinitions.SubType;
import yellowkite.core.profile.ColorCie;
import yellowkite.core.profile.ColorSpace;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry;
import yellowkite.core.profile.Measurement;
import yellowkite.core.profile.Model;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.core.profile.Protocols;
import yellowkite.core.profile.Wheel;
import yellowkite.core.xml.ReadNote;
import yellowkite.core.xml.XmlText;

/** Every element of the standard's sheet that the smaller fixtures of other tests do not have. */
class EveryElementTest {
    private static final String FULL = """
            <?xml version="1.0" encoding="UTF-8"?>
            <GDTF DataVersion="1.2">
              <FixtureType Name="Full" Manufacturer="Testers" FixtureTypeID="F" Thumbnail="thumbnail" ThumbnailOffsetX="12" ThumbnailOffsetY="-3" CanHaveChildren="No">
                <AttributeDefinitions>
                  <FeatureGroups><FeatureGroup Name="Beam" Pretty="Beam"><Feature Name="Beam"/></FeatureGroup></FeatureGroups>
                  <Attributes>
                    <Attribute Name="Shutter1Strobe" Pretty="Strobe" Feature="Beam.Beam" PhysicalUnit="Frequency">
                      <SubPhysicalUnit Type="DutyCycle" PhysicalUnit="Percent" PhysicalFrom="0" PhysicalTo="100"/>
                    </Attribute>
                  </Attributes>
                </AttributeDefinitions>
                <Wheels>
                  <Wheel Name="Prism"><Slot Name="Three" Color="0.3127,0.329,100"><Facet Color="0.3127,0.329,50" Rotation="{0.5,0,0.2}{0,0.5,0}{0,0,1}"/></Slot></Wheel>
                  <Wheel Name="Disc"><Slot Name="Water" MediaFileName="water"><AnimationSystem P1="-1,0" P2="0,0.5" P3="1,0" Radius="2.5"/></Slot></Wheel>
                </Wheels>
                <PhysicalDescriptions>
                  <ColorSpace Mode="Custom" Name="Own" Description="of the engine" Red="0.68,0.31,20" Green="0.2,0.7,60" Blue="0.15,0.05,5" WhitePoint="0.3127,0.329,100"/>
                  <AdditionalColorSpaces><ColorSpace Mode="ANSI" Name="Second"/></AdditionalColorSpaces>
                  <Gamuts><Gamut Name="Reach" Points="0.68,0.31,20 0.2,0.7,60 0.15,0.05,5"/></Gamuts>
                  <Filters><Filter Name="Amber" Color="0.56,0.42,60"><Measurement Physical="100" Transmission="61.5" InterpolationTo="Log"/></Filter></Filters>
                  <Emitters>
                    <Emitter Name="Red" Color="0.68,0.31,20" DominantWaveLength="625" DiodePart="R-7">
                      <Measurement Physical="50" LuminousIntensity="1200"><MeasurementPoint WaveLength="620" Energy="0.8"/><MeasurementPoint WaveLength="630" Energy="1"/></Measurement>
                    </Emitter>
                  </Emitters>
                  <DMXProfiles><DMXProfile Name="Square"><Point DMXPercentage="0" CFC0="0" CFC2="1"/></DMXProfile></DMXProfiles>
                  <CRIs><CRIGroup ColorTemperature="3200"><CRI CES="CES01" ColorRenderingIndex="91"/></CRIGroup></CRIs>
                  <Connectors><Connector Name="In" Type="XLR5" DMXBreak="1" Gender="1" Length="0.5"/></Connectors>
                  <Properties>
                    <OperatingTemperature Low="-10" High="45"/><Weight Value="21.5"/>
                    <PowerConsumption Connector="Mains" Value="480" PowerFactor="0.95" VoltageLow="100" VoltageHigh="240" FrequencyLow="50" FrequencyHigh="60"/>
                    <LegHeight Value="0.02"/>
                  </Properties>
                </PhysicalDescriptions>
                <Models><Model Name="Body" Length="0.4" Width="0.3" Height="0.6" PrimitiveType="Base1_1" File="body" SVGSideOffsetX="1.5"/></Models>
                <Geometries>
                  <Geometry Name="Base" Model="Body" Position="{1,0,0,0}{0,1,0,0.25}{0,0,1,-0.5}{0,0,0,1}">
                    <Beam Name="Lens" LampType="LED" BeamAngle="12.5" BeamType="Spot" EmitterSpectrum="Red"/>
                    <Display Name="Screen" Texture="menu"/>
                    <Laser Name="Ray" ColorType="RGB" OutputStrength="3" ScanAnglePan="60"><Protocol Name="Beam line"/></Laser>
                    <WiringObject Name="Socket" ConnectorType="XLR5"><PinPatch ToWiringObject="Screen" FromPin="2" ToPin="3"/></WiringObject>
                  </Geometry>
                </Geometries>
                <DMXModes>
                  <DMXMode Name="Wide" Geometry="Base"><DMXChannels>
                    <DMXChannel Offset="1" Geometry="Lens"><LogicalChannel Attribute="Shutter1Strobe"><ChannelFunction Name="Strobe" Attribute="Shutter1Strobe">
                      <ChannelSet Name="Slow"><SubChannelSet Name="Duty" PhysicalFrom="10" PhysicalTo="90" SubPhysicalUnit="DutyCycle" DMXProfile="Square"/></ChannelSet>
                    </ChannelFunction></LogicalChannel></DMXChannel>
                  </DMXChannels></DMXMode>
                </DMXModes>
                <FTPresets><FTPreset Name="kept"/></FTPresets>
                <Protocols>
                  <FTRDM ManufacturerID="0x7FF0" DeviceModelID="0012"><SoftwareVersionID Value="0x0103"><DMXPersonality Value="1" DMXMode="Wide"/></SoftwareVersionID></FTRDM>
                  <Art-Net><Map Key="1" Value="2"/></Art-Net>
                  <sACN/>
                </Protocols>
              </FixtureType>
            </GDTF>
            """;

    private static GdtfDescription read(byte[] xml) {
        return GdtfDescription.read(xml);
    }

    private final GdtfDescription full = read(FULL.getBytes(StandardCharsets.UTF_8));
    private final FixtureType type = full.type();

    @Test
    void writesEveryElementBackAsItStood() {
        var before = XmlText.parse("description.xml", FULL.getBytes(StandardCharsets.UTF_8), GdtfDescription.MAX_BYTES);

        var after = XmlText.parse("description.xml", full.write(), GdtfDescription.MAX_BYTES);

        assertThat(XmlCompare.unordered(after)).isEqualTo(XmlCompare.unordered(before));
        assertThat(full.notes()).isEmpty();
    }

    @Test
    void readsWhatBelongsToTheFixtureTypeItself() {
        assertThat(type.thumbnailOffsetX()).isEqualTo(12);
        assertThat(type.thumbnailOffsetY()).isEqualTo(-3);
        assertThat(type.canHaveChildren()).isFalse();
        var unit = type.attributeDefinitions().attributes().getFirst().subPhysicalUnits().getFirst();
        assertThat(unit.type()).isEqualTo(SubType.DutyCycle);
        assertThat(unit.physicalUnit()).isEqualTo(PhysicalUnit.Percent);
        var model = type.models().getFirst();
        assertThat(model.primitiveType()).isEqualTo(Model.Primitive.Base1_1);
        assertThat(model.svg().sideX()).isEqualTo(1.5);
    }

    @Test
    void readsPrismsAndAnimations() {
        var facet = type.wheels().getFirst().slots().getFirst().facets().getFirst();
        assertThat(facet.rotation().cells()).containsExactly(0.5, 0.0, 0.2, 0.0, 0.5, 0.0, 0.0, 0.0, 1.0);
        var animation = type.wheels().getLast().slots().getFirst().animation();
        assertThat(animation.p2()).isEqualTo(new Wheel.Spot(0, 0.5));
        assertThat(animation.radius()).isEqualTo(2.5);
    }

    @Test
    void readsWhatTheLightIsMadeOf() {
        var physical = type.physicalDescriptions();
        assertThat(physical.colorSpace().mode()).isEqualTo(ColorSpace.Mode.Custom);
        assertThat(physical.colorSpace().green()).isEqualTo(new ColorCie(0.2, 0.7, 60));
        assertThat(physical.additionalColorSpaces()).extracting(ColorSpace::name).containsExactly("Second");
        assertThat(physical.gamuts().getFirst().points()).hasSize(3).endsWith(new ColorCie(0.15, 0.05, 5));
        var filter = physical.findFilter("Amber").orElseThrow().measurements().getFirst();
        assertThat(filter.transmission()).isEqualTo(61.5);
        assertThat(filter.interpolationTo()).isEqualTo(Measurement.Interpolation.Log);
        var red = physical.findEmitter("Red").orElseThrow();
        assertThat(red.dominantWaveLength()).isEqualTo(625);
        assertThat(red.measurements().getFirst().luminousIntensity()).isEqualTo(1200);
        assertThat(red.measurements().getFirst().spectrum()).extracting(Measurement.Point::energy).containsExactly(0.8, 1.0);
        assertThat(physical.criGroups().getFirst().samples().getFirst().index()).isEqualTo(91);
    }

    @Test
    void readsWhatTheBodyIsMadeOf() {
        var physical = type.physicalDescriptions();
        assertThat(physical.connectors().getFirst().length()).isEqualTo(0.5);
        assertThat(physical.properties().operatingTemperature().low()).isEqualTo(-10);
        assertThat(physical.properties().weight().value()).isEqualTo(21.5);
        assertThat(physical.properties().powerConsumptions().getFirst().powerFactor()).isEqualTo(0.95);
        assertThat(physical.properties().legHeight().value()).isEqualTo(0.02);
        var parts = type.allGeometries().filter(Geometry.Part.class::isInstance).map(Geometry.Part.class::cast).toList();
        assertThat(parts.getFirst().position().cells().get(11)).isEqualTo(-0.5);
        var beam = (Geometry.BeamDetails) parts.get(1).details();
        assertThat(beam.beamAngle()).isEqualTo(12.5);
        assertThat(beam.fieldAngle()).as("the standard's default").isEqualTo(25);
        assertThat(beam.beamType()).isEqualTo(Geometry.BeamType.Spot);
        assertThat(((Geometry.DisplayDetails) parts.get(2).details()).texture()).isEqualTo("menu");
        assertThat(((Geometry.LaserDetails) parts.get(3).details()).protocols()).extracting(Geometry.LaserProtocol::name)
            .containsExactly("Beam line");
        assertThat(((Geometry.WiringDetails) parts.get(4).details()).pinPatches().getFirst().toPin()).isEqualTo(3);
    }

    @Test
    void readsASubRangeWithItsUnitAndCurve() {
        var sub = type.modes()
            .getFirst()
            .channels()
            .getFirst()
            .functions()
            .findFirst()
            .orElseThrow()
            .ranges()
            .getFirst()
            .subRanges()
            .getFirst();
        assertThat(sub.physicalTo()).isEqualTo(90);
        assertThat(sub.subPhysicalUnit()).isEqualTo("DutyCycle");
        assertThat(sub.dmxProfile()).isEqualTo("Square");
    }

    @Test
    void readsProtocolsInHexadecimalAndPersonalitiesFollowTheirMode() {
        var rdm = type.protocols().rdm();
        assertThat(rdm.manufacturerId()).isEqualTo(0x7FF0);
        assertThat(rdm.deviceModelId()).isEqualTo(0x12);
        assertThat(rdm.versions().getFirst().value()).isEqualTo(0x103);
        assertThat(type.protocols().networks()).extracting(Protocols.Network::kind)
            .containsExactly(Protocols.Kind.ART_NET, Protocols.Kind.SACN);

        var outcome = (Outcome.Applied<FixtureType>) new RenameMode(type.modes().getFirst().id(), "Broad").applyTo(type);

        assertThat(outcome.after().protocols().rdm().versions().getFirst().personalities()).extracting(Protocols.Personality::mode)
            .containsExactly("Broad");
    }

    @Test
    void notesARotationOrAMatrixThatIsNone() {
        var xml = FULL.replace("{0.5,0,0.2}{0,0.5,0}{0,0,1}", "{1,2}{3}").replace("{1,0,0,0}{0,1,0,0.25}{0,0,1,-0.5}{0,0,0,1}", "upright");

        var notes = read(xml.getBytes(StandardCharsets.UTF_8)).notes();

        assertThat(notes).extracting(ReadNote::attribute).isEqualTo(List.of("Rotation", "Position"));
    }
}
