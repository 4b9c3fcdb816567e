package yellowkite.server.revisions;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import yellowkite.core.archive.Sha256;
import yellowkite.core.check.Severity;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.house.StoredHouse;
import yellowkite.core.library.FixtureIdentity;
import yellowkite.core.library.Synopsis;
import yellowkite.server.revisions.RevisionRepository.ModeRow;
import yellowkite.server.stored.StoredForms;

/**
 * A revision with everything that is worked out of it, so that storing it is writing rows and nothing else.
 *
 * @param entries path to content's hash. @param findings null if they have to be found in what is read. @param picture path of the
 * fixture's own; may lead nowhere. @param house as JSON; null if the house keeps nothing beside it
 */
public record ReadyRevision(String descriptionSha256, String fileSha256, Map<String, String> entries, List<ModeRow> modes, String synopsis,
        @Nullable FoundBefore findings, String picture, @Nullable String house, int errors, int warnings, String summary,
        @Nullable String despite, String author) {

    /** @param entries path to content's hash */
    public static ReadyRevision of(NewRevision fresh, Map<String, String> entries) {
        var description = Sha256.of(fresh.description());
        var kept = StoredHouse.of(fresh.type());
        return new ReadyRevision(description, Sha256.ofFile(description, entries), entries,
                fresh.compiled().modes().stream().map(ReadyRevision::row).toList(),
                StoredForms.SYNOPSIS.write(Synopsis.of(fresh.compiled())), fresh.isAsRead() ? FoundBefore.of(fresh.findings()) : null,
                fresh.type().thumbnail() + ".png",
                kept.equals(StoredHouse.NONE) ? null : StoredForms.HOUSE.write(kept), fresh.count(Severity.ERROR),
                fresh.count(Severity.WARNING), fresh.summary(), fresh.despite(), fresh.author());
    }

    private static ModeRow row(CompiledMode mode) {
        var line = ModeSummary.of(mode);
        var map = mode.signature();
        return new ModeRow(FixtureIdentity.listed(line.name()), line.footprint(), line.channels(), StoredForms.TAIL.write(line.tail()),
                map.isEmpty() ? null : Sha256.of(map.getBytes(StandardCharsets.UTF_8)));
    }
}
