package yellowkite.server.drafts;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import yellowkite.core.check.Checks;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.History;
import yellowkite.core.edit.RenameMode;
import yellowkite.demo.DemoHouse;
import yellowkite.server.drafts.DraftRepository.Kind;
import yellowkite.server.drafts.DraftRepository.StoredDraft;
import yellowkite.server.drafts.DraftRepository.StoredStep;
import yellowkite.server.web.Author;
import yellowkite.server.web.FindingView;

/**
 * Walks the way of an edit, without storing anything, until the virtual machine has compiled it: otherwise the first edits after a start
 * take three times as long as the rest.
 */
@Component
public class WarmUp {
    private static final int ROUNDS = 60;
    /** At a draft that does not exist: they end in 404. */
    private static final int REQUESTS = 15;
    private final DraftRepository drafts;
    private final JsonMapper json;

    WarmUp(DraftRepository drafts, JsonMapper json) {
        this.drafts = drafts;
        this.json = json;
    }

    /** @param address where this server answers */
    public void run(String address) throws IOException, InterruptedException {
        var type = DemoHouse.files().getFirst().description().type();
        var mode = type.modes().getFirst().id();
        var now = LocalDateTime.now(ZoneOffset.UTC);
        var draft = new LoadedDraft(new StoredDraft("", "", "", "", 0, "", now, null, null), History.of(type), List.of(), null);
        for (int round = 0; round < ROUNDS; round++) {
            var text = json.writerFor(Edit.class).writeValueAsString(new RenameMode(mode, "Round " + round));
            var step = new StoredStep(round + 1, Kind.EDIT, text, "", "", now, null);
            if (draft.history().apply(json.readValue(text, Edit.class)) instanceof History.Result.Changed changed) {
                draft = draft.after(step, changed.history());
            }
            json.writeValueAsString(Checks.of(draft.history().current()).stream().map(FindingView::of).toList());
            json.writeValueAsString(DraftShaper.shape(draft, 1, 1, DraftMedia.NONE, null, mode, null));
            drafts.append("", 0, step);
            drafts.stepsAfter("", 0);
        }
        try (var client = HttpClient.newHttpClient()) {
            for (int round = 0; round < REQUESTS; round++) {
                var body = json.writeValueAsString(Map.of("version", 0, "edit", Map.of("type", "renameMode", "mode", mode, "to", "Round")));
                client.send(HttpRequest.newBuilder(URI.create(address + "/api/drafts/none/edits"))
                    .header("Content-Type", "application/json")
                    .header(Author.HEADER, "nobody")
                    .POST(HttpRequest.BodyPublishers.ofString(body))
                    .build(), HttpResponse.BodyHandlers.discarding());
            }
        }
    }
}
