package yellowkite.core;

import static yellowkite.core.build.ModeBuilder.at;
import static yellowkite.core.build.ProfileBuilder.part;
import static yellowkite.core.build.ProfileBuilder.reference;
import static yellowkite.core.build.ProfileBuilder.startOf;

import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.profile.Channel;
import yellowkite.core.profile.ChannelFunction;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Geometry.Kind;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.NamedRange;
import yellowkite.core.profile.PhysicalUnit;

/** Small fixtures for tests, and ways to point into them. */
public final class Fixtures {
    private Fixtures() {}

    /** A fixture with a 16-bit pan, a gobo wheel of three slots, and a strobe that waits for a mode channel. */
    public static FixtureType spot() {
        return ProfileBuilder.profile("Testers", "Spot")
            .id("00000000-0000-0000-0000-000000000001")
            .attribute("Pan", "Pan", "Position.PanTilt", "PanTilt", PhysicalUnit.Angle)
            .attribute("Gobo1", "G1", "Gobo.Gobo", "Gobo1", PhysicalUnit.None)
            .attribute("Gobo1SelectShake", "G1 Shake", "Gobo.Gobo", "Gobo1", PhysicalUnit.Frequency)
            .attribute("Shutter1", "Sh1", "Beam.Beam", "", PhysicalUnit.None)
            .attribute("Shutter1Strobe", "Strobe", "Beam.Beam", "", PhysicalUnit.Frequency)
            .attribute("StrobeMode", "Mode", "Control.Control", "", PhysicalUnit.None)
            .wheel("Wheel", wheel -> wheel.open("Open").gobo("Dots", "dots").gobo("Bars", "bars"))
            .body(part(Kind.Geometry, "Base", part(Kind.Axis, "Yoke")))
            .mode("Main", "Base", mode -> mode
                .channel("Pan", "Yoke", at(1, 2), c -> c.highlight(32768).function("Pan", 0, f -> f.physical(-270, 270).start(32768)))
                .channel("Gobo1", "Yoke", at(3), c -> c
                    .function("Still", 0, f -> f.wheel("Wheel").range("Open", 0, 1).range("Dots", 20, 2).range("Bars", 40, 3))
                    .function("Shake", "Gobo1SelectShake", 100,
                            f -> f.wheel("Wheel").physical(1, 5).range("Dots shaking", 100, 2, 0.5, 6.0).range("Bars shaking", 180, 3)))
                .channel("Shutter1", "Yoke", at(4), c -> c
                    .function("Closed", 0, f -> f.physical(0, 0))
                    .function("Open", 64, f -> f.physical(1, 1))
                    .function("Strobe", "Shutter1Strobe", 64,
                            f -> f.physical(1, 11).when("Base_StrobeMode", new DmxValue(128, 1), new DmxValue(255, 1))))
                .channel("StrobeMode", "Base", at(5), c -> c.function("Rhythm", 0, f -> f.physical(0, 1))))
            .build();
    }

    /** The spot as a careful author leaves it: its shutter starts open, and each of its functions says when it counts. */
    public static FixtureType tidySpot() {
        var spot = spot();
        var plain = new DmxValue(127, 1);
        return spot.mapChannel(channel(spot, "Shutter1").id(), c -> {
            var tidy = c.mapFunctions(function -> function.modeMaster().isEmpty() ? function.with(f -> {
                f.modeMaster = "Base_StrobeMode";
                f.modeTo = plain;
                f.defaultValue = f.name.equals("Open") ? new DmxValue(64, 1) : f.defaultValue;
            }) : function.with(f -> f.dmxFrom = DmxValue.ZERO));
            return tidy.withInitialFunction(c.name() + ".Shutter1.Open");
        });
    }

    /** Two blocks of cells: a shared dimmer, two bars of two cells each (nested references), 3 addresses a cell. */
    public static FixtureType nestedCells() {
        return ProfileBuilder.profile("Testers", "Cells")
            .id("00000000-0000-0000-0000-000000000002")
            .attribute("Dimmer", "Dim", "Dimmer.Dimmer", "", PhysicalUnit.LuminousIntensity)
            .attribute("ColorAdd_R", "R", "Color.RGB", "ColorRGB", PhysicalUnit.ColorComponent)
            .attribute("ColorAdd_W", "W", "Color.RGB", "ColorRGB", PhysicalUnit.ColorComponent)
            .body(part(Kind.Geometry, "Base", reference("Left", "Bar", 2), reference("Right", "Bar", 8)))
            .body(part(Kind.Geometry, "Bar", reference("One", "Cell", startOf(1, 1), startOf(2, 5)),
                    reference("Two", "Cell", startOf(1, 4), startOf(2, 6))))
            .body(part(Kind.Beam, "Cell"))
            .mode("Main", "Base", mode -> mode
                .channel("Dimmer", "Base", at(1), c -> c.function("Dimmer", 0, f -> f.physical(0, 1)))
                .channel("ColorAdd_R", "Cell", at(1, 3), c -> c.function("Red", 0, f -> f.physical(0, 1))))
            .build();
    }

    public static Mode mode(FixtureType type) {
        return type.modes().getFirst();
    }

    public static Channel channel(FixtureType type, String attribute) {
        return mode(type).channels().stream().filter(each -> each.attribute().equals(attribute)).findFirst().orElseThrow();
    }

    public static ChannelFunction function(FixtureType type, String name) {
        return mode(type).channels()
            .stream()
            .flatMap(Channel::functions)
            .filter(each -> each.name().equals(name))
            .findFirst()
            .orElseThrow();
    }

    public static NamedRange range(FixtureType type, String name) {
        return mode(type).channels()
            .stream()
            .flatMap(Channel::functions)
            .flatMap(each -> each.ranges().stream())
            .filter(each -> each.name().equals(name))
            .findFirst()
            .orElseThrow();
    }
}
