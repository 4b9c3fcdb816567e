package yellowkite.demo;

import yellowkite.core.build.ProfileBuilder;
import yellowkite.core.profile.PhysicalUnit;

/** Definitions that several fixtures of the house share. */
final class Attributes {
    private Attributes() {}

    static ProfileBuilder dimmerAndShutter(ProfileBuilder profile) {
        return profile
            .attribute("Dimmer", "Dimmer", "Dimmer.Dimmer", "", PhysicalUnit.LuminousIntensity)
            .attribute("Shutter1", "Shutter", "Beam.Beam", "Shutter", PhysicalUnit.None)
            .attribute("Shutter1Strobe", "Strobe", "Beam.Beam", "Shutter", PhysicalUnit.Frequency)
            .attribute("Shutter1StrobeRandom", "Random strobe", "Beam.Beam", "Shutter", PhysicalUnit.Frequency);
    }

    static ProfileBuilder additive(ProfileBuilder profile) {
        return profile
            .attribute("ColorAdd_R", "Red", "Color.RGB", "ColorRGB", PhysicalUnit.ColorComponent)
            .attribute("ColorAdd_G", "Green", "Color.RGB", "ColorRGB", PhysicalUnit.ColorComponent)
            .attribute("ColorAdd_B", "Blue", "Color.RGB", "ColorRGB", PhysicalUnit.ColorComponent)
            .attribute("ColorAdd_W", "White", "Color.RGB", "ColorRGB", PhysicalUnit.ColorComponent);
    }

    static ProfileBuilder subtractive(ProfileBuilder profile) {
        return profile
            .attribute("ColorSub_C", "Cyan", "Color.RGB", "ColorRGB", PhysicalUnit.ColorComponent)
            .attribute("ColorSub_M", "Magenta", "Color.RGB", "ColorRGB", PhysicalUnit.ColorComponent)
            .attribute("ColorSub_Y", "Yellow", "Color.RGB", "ColorRGB", PhysicalUnit.ColorComponent);
    }

    static ProfileBuilder head(ProfileBuilder profile) {
        return profile
            .attribute("Pan", "Pan", "Position.PanTilt", "PanTilt", PhysicalUnit.Angle)
            .attribute("Tilt", "Tilt", "Position.PanTilt", "PanTilt", PhysicalUnit.Angle)
            .attribute("Control1", "Control", "Control.Control", "", PhysicalUnit.None);
    }
}
