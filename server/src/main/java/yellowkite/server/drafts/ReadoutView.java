package yellowkite.server.drafts;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a channel does at the probe, and what the light of the whole mode looks like.
 *
 * @param hex      as {@code 0x8000}
 * @param percent  of full scale
 * @param bytes    one for each address, most significant first
 * @param function null if none is active; then so are range, slot and physical
 * @param physical rounded to what a person reads
 * @param unit     sign behind the physical value
 * @param assumed  whether nobody stated the ends of the function
 * @param doing    one sentence about the light
 */
record ReadoutView(int channel, long raw, String hex, double percent, List<Byte> bytes, @Schema(nullable = true) @Nullable String function,
        @Schema(nullable = true) @Nullable String attribute, @Schema(nullable = true) @Nullable String range,
        @Schema(nullable = true) DraftView.@Nullable SlotLine slot, @Schema(nullable = true) @Nullable String physical, String unit, boolean assumed, String doing, Beam beam) {

    /** @param address null for a virtual channel. @param label coarse, fine ... */
    record Byte(@Schema(nullable = true) @Nullable Integer address, String label, int value) {}

    /** @param level in [0, 1]. @param hue of its colour. @param gobo address of its picture. Angles in degrees. */
    record Beam(double level, HueView hue, @Schema(nullable = true) @Nullable String gobo, @Schema(nullable = true) @Nullable Double pan,
            @Schema(nullable = true) @Nullable Double tilt, @Schema(nullable = true) @Nullable Double strobeHz) {}
}
