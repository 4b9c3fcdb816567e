package yellowkite.neighbour;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import yellowkite.core.archive.Sha256;
import yellowkite.core.dmx.CompiledType;
import yellowkite.core.gdtf.GdtfFile;

/**
 * A profile as a neighbour tells of it.
 *
 * @param id its fixture type id
 * @param revision from 1. @param uploader who has brought it. @param byManufacturer whether that is the manufacturer
 * @param rating mean of the votes, in [1, 5]; null without one
 * @param firmware that it holds from; may be empty, as may {@code note}
 * @param dated day of this revision
 * @param sha256 of the file. @param size bytes of the file
 */
public record HeldProfile(String id, String manufacturer, String model, int revision, String uploader, boolean byManufacturer,
        @Nullable Double rating, int votes, String firmware, List<HeldMode> modes, LocalDate dated, String note, String sha256, int size) {
    public HeldProfile {
        modes = List.copyOf(modes);
    }

    /** @param footprint of all DMX breaks together */
    public record HeldMode(String name, int footprint) {}

    /** {@return what is told of a file} @throws yellowkite.core.archive.FormatException if it is none */
    static HeldProfile of(byte[] file, int revision, String uploader, String firmware, LocalDate dated, String note) {
        var type = GdtfFile.read(file).description().type();
        var modes = CompiledType.of(type)
            .modes()
            .stream()
            .map(mode -> new HeldMode(mode.mode().name(), mode.map().totalFootprint()))
            .toList();
        return new HeldProfile(type.fixtureTypeId(), type.manufacturer(), type.name(), revision, uploader,
                uploader.equals(type.manufacturer()), null, 0, firmware, modes, dated, note, Sha256.of(file), file.length);
    }

    HeldProfile rated(double mean, int by) {
        return new HeldProfile(id, manufacturer, model, revision, uploader, byManufacturer, mean, by, firmware, modes, dated, note, sha256,
                size);
    }
}
