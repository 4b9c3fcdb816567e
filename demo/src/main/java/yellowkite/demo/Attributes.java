package yellowkite.demo;

import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.profile.PhysicalUnit;

/** Definitions that several lamps of the house share. */
final class Attributes {
    private Attributes() {}

    static ProfileBuilder dimmerAndShutter(ProfileBuilder profile) {
        return profile
                .attribute("Dimmer", "Dim", "Dimmer.Dimmer", "", PhysicalUnit.LuminousIntensity)
                .attribute("Shutter1", "Sh1", "Beam.Beam", "Shutter", PhysicalUnit.None)
                .attribute("Shutter1Strobe", "Strobe1", "Beam.Beam", "Shutter", PhysicalUnit.Frequency)
                .attribute("Shutter1StrobeRandom", "Random1", "Beam.Beam", "Shutter", PhysicalUnit.Frequency);
    }

    static ProfileBuilder additive(ProfileBuilder profile) {
        return profile
                .attribute("ColorAdd_R", "R", "Color.RGB", "ColorRGB", PhysicalUnit.ColorComponent)
                .attribute("ColorAdd_G", "G", "Color.RGB", "ColorRGB", PhysicalUnit.ColorComponent)
                .attribute("ColorAdd_B", "B", "Color.RGB", "ColorRGB", PhysicalUnit.ColorComponent)
                .attribute("ColorAdd_W", "W", "Color.RGB", "ColorRGB", PhysicalUnit.ColorComponent);
    }
}
