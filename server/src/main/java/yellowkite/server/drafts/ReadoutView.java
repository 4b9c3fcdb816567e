package yellowkite.server.drafts;

import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.server.web.BeamView;

/**
 * What a channel does at the probe, and what the light of the whole mode looks like.
 *
 * @param hex as {@code 0x8000}
 * @param percent of full scale
 * @param bytes one for each address, most significant first
 * @param function null if none is active; then so are range, slot and physical
 * @param physical rounded to what a person reads
 * @param unit sign behind the physical value
 * @param assumed whether nobody stated the ends of the function
 * @param doing one sentence about the light
 */
record ReadoutView(int channel, long raw, String hex, double percent, List<Byte> bytes, @Nullable String function,
        @Nullable Integer functionId,
        @Nullable String attribute, @Nullable String range,
        DraftView.@Nullable SlotLine slot, @Nullable String physical, String unit,
        boolean assumed, String doing, BeamView beam) {

    /** @param address null for a virtual channel. @param label coarse, fine ... */
    record Byte(@Nullable Integer address, String label, int value) {}
}
