package yellowkite.server.revisions;

import static org.assertj.core.api.Assertions.assertThat;
import static yellowkite.server.RunningKite.get;
import static yellowkite.server.RunningKite.part;
import static yellowkite.server.RunningKite.post;

import java.util.LinkedHashMap;
import org.junit.jupiter.api.Test;
import yellowkite.core.check.Checks;
import yellowkite.core.check.Finding;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.demo.DemoHouse;
import yellowkite.server.RunningKite;
import yellowkite.server.database.Transactions;
import yellowkite.server.stored.StoredForms;

class RevisionReaderTest {
    /** Its gobo wheel is one slot off, which is there to be found. */
    private final GdtfFile fixture = RunningKite.fresh(DemoHouse.petrelSpot());
    /** With the ids that reading gives. */
    private final GdtfFile read = GdtfFile.read(fixture.write());
    private final String profile = RunningKite.takeIn(fixture);
    private final StoredRevision revision = part(RevisionReader.class).require(profile, 1);

    private FoundBefore kept() {
        return part(RevisionRepository.class).findFindings(revision.id()).orElseThrow();
    }

    private void keep(FoundBefore found) {
        part(Transactions.class).run(() -> {
            part(RevisionRepository.class).putFindings(revision.id(), found);
            return found;
        });
    }

    @Test
    void whatTheChecksFoundIsKeptWithTheRevisionFixesAndAll() {
        assertThat(kept().edition()).isEqualTo(Checks.EDITION);
        assertThat(kept().findings()).isEqualTo(Checks.of(read)).extracting(Finding::rule).contains("wheel-off-by-one");
    }

    @Test
    void thePageShowsWhatIsKept() {
        keep(FoundBefore.of(Checks.of(read).subList(0, 1)));

        assertThat(get("/api/profiles/" + profile).json().path("checks").size()).as("not computed again").isEqualTo(1);
    }

    @Test
    void whatOlderRulesFoundOrNobodyCanReadIsFoundAnew() {
        for (var old : new FoundBefore[]{new FoundBefore(Checks.EDITION - 1, "[]"), new FoundBefore(Checks.EDITION, "{")}) {
            keep(old);

            assertThat(part(RevisionReader.class).findings(revision)).isEqualTo(Checks.of(read));
            assertThat(kept().findings()).as("and kept").isEqualTo(Checks.of(read));
        }
    }

    /** A draft's ids are its own; those of the revision are given when it is read. */
    @Test
    void whatIsFoundInAPublishedRevisionIsAboutWhatIsRead() {
        var draft = "/api/drafts/" + get("/api/profiles/" + profile + "/draft").json().path("id").asString();
        post(draft + "/edits", "{\"version\":0,\"edit\":{\"type\":\"addMode\",\"name\":\"Small\"}}");
        assertThat(post(draft + "/publish", "{\"version\":1,\"summary\":\"A mode\",\"despite\":\"a test\"}").status()).isEqualTo(200);
        var second = part(RevisionReader.class).require(profile, 2);

        get("/api/profiles/" + profile);

        assertThat(part(RevisionRepository.class).findFindings(second.id()).orElseThrow().findings())
            .isEqualTo(Checks.of(GdtfFile.read(part(RevisionReader.class).file(second))));
    }

    @Test
    void aFileGoesOutAsItCameIn() {
        var out = GdtfFile.open(part(RevisionReader.class).file(revision));

        assertThat(out.descriptionBytes()).isEqualTo(GdtfFile.open(fixture.write()).descriptionBytes());
        var entries = new LinkedHashMap<>(out.file().others());
        assertThat(entries.keySet()).isEqualTo(fixture.others().keySet());
        fixture.others().forEach((path, bytes) -> assertThat(entries.get(path)).as(path).isEqualTo(bytes));
    }

    @Test
    void thePictureOfAListIsTheFixturesOwn() {
        assertThat(revision.pictureSha256()).isNotNull();
        assertThat(get("/api/media/" + revision.pictureSha256() + "?side=96").status()).isEqualTo(200);
        assertThat(get("/api/profiles/" + profile).json().path("picture").asString()).endsWith(revision.pictureSha256());
    }

    @Test
    void whatListsKnowIsMadeAnewWhereItIsDamaged() {
        var synopsis = part(RevisionReader.class).synopsis(revision.id(), null);

        assertThat(synopsis.modes()).isNotEmpty();
        assertThat(part(RevisionReader.class).synopsis(revision.id(), "{")).isEqualTo(synopsis);
        assertThat(part(RevisionReader.class).synopsis(revision.id(), StoredForms.SYNOPSIS.write(synopsis))).isEqualTo(synopsis);
    }
}
