package yellowkite.server.bench;

import java.util.List;
import org.springframework.stereotype.Service;
import yellowkite.core.bench.Proof;
import yellowkite.media.Thumbnails;
import yellowkite.server.bench.WalkRecord.RecordedCause;
import yellowkite.server.bench.WalkRecord.RecordedStep;
import yellowkite.server.bench.WalkRecord.WalkPhoto;
import yellowkite.server.bench.Walks.Told;
import yellowkite.server.content.ContentStore;
import yellowkite.server.database.HouseClock;
import yellowkite.server.database.Transactions;
import yellowkite.server.web.Refusal;

/** Walks with all that belongs to them, to be handed on; and their photographs. */
@Service
class WalkRecords {
    private static final int SIDE = 1_024;
    private static final int MOST_PHOTOS = 20;
    private final Walks walks;
    private final PhotoRepository photos;
    private final ContentStore contents;
    private final Transactions transactions;
    private final HouseClock clock;

    WalkRecords(Walks walks, PhotoRepository photos, ContentStore contents, Transactions transactions, HouseClock clock) {
        this.walks = walks;
        this.photos = photos;
        this.contents = contents;
        this.transactions = transactions;
        this.clock = clock;
    }

    WalkRecord of(String id) {
        var stored = walks.require(id);
        var made = walks.made(stored);
        var type = made.walk().mode().type();
        var told = walks.told(made);
        var proof = Proof.of(made.walk(), told.stream().map(Told::answer).toList(), stored.footprint());
        return new WalkRecord(WalkRecord.FORM, WalkRecord.VERSION, type.manufacturer(), type.name(), type.fixtureTypeId(), stored.number(),
                made.walk().mode().mode().name(), stored.fixtureSerial(), stored.firmware(), stored.footprint(), stored.author(),
                stored.startedAt(), stored.state().name(), stored.telemetry().isEmpty() ? "hand" : stored.telemetry(), stored.notes(),
                told.stream().map(each -> step(made, each)).toList(),
                proof.causes().stream().map(each -> new RecordedCause(each.says(), each.flaw().toString(), each.steps())).toList(),
                photos.list(id));
    }

    private static RecordedStep step(Walks.Made made, Told told) {
        var step = told.answer().step();
        return new RecordedStep(step.number(), step.kind(), step.channel(), step.function(), step.range(), step.dmx(),
                made.walk().shows(step), told.answer().verdict(), told.answer().seen() == null ? "" : told.answer().seenWords(),
                told.reason());
    }

    List<WalkPhoto> photos(String id) {
        return photos.list(id);
    }

    byte[] picture(String sha256) {
        return contents.require(sha256);
    }

    /** @throws Refusal 422 if it is no picture, or there are too many */
    void add(String id, String name, byte[] bytes) {
        walks.require(id);
        if (photos.list(id).size() >= MOST_PHOTOS) {
            throw Refusal.unfit("file", "A walk has at most " + MOST_PHOTOS + " photographs.");
        }
        var png = Thumbnails.fitted(bytes, SIDE)
            .orElseThrow(() -> Refusal.unfit("file", "'" + name + "' is no picture that can be taken; PNG, JPEG and GIF are."));
        transactions.run(() -> {
            photos.add(id, contents.put(png), name, clock.now());
            return id;
        });
    }

    void remove(String id, String sha256) {
        photos.remove(id, sha256);
    }
}
