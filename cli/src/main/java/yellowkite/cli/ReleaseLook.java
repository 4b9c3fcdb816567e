package yellowkite.cli;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;
import tools.jackson.core.JsonGenerator;
import yellowkite.core.release.Manifest;
import yellowkite.core.release.ProfileChange;
import yellowkite.core.release.ReleaseArchive;

/** {@code look}: what a release holds. Every profile in it is read and held to what its list says. */
@Command(name = "look", description = "What each release holds, as one line of JSON; every profile in it is read and held to its list.")
final class ReleaseLook extends Verb {
    @Parameters(paramLabel = "ARCHIVE.zip", arity = "1..*", description = "Releases.")
    private List<String> files = List.of();

    ReleaseLook(Streams streams) {
        super(streams);
    }

    @Override
    public Integer call() {
        int status = WELL;
        for (var name : files) {
            try (var archive = Files.release(name)) {
                archive.manifest().profiles().forEach(archive::profile);
                Json.line(streams().out(), json -> write(name, archive.manifest(), json));
            } catch (Files.Refused | ReleaseArchive.Broken refused) {
                Files.refuse(name, String.valueOf(refused.getMessage()), streams());
                status = REFUSED;
            }
        }
        return status;
    }

    private static void write(String name, Manifest manifest, JsonGenerator json) {
        json.writeStringProperty("file", name);
        json.writeStringProperty("id", manifest.id());
        json.writeStringProperty("house", manifest.house());
        json.writeStringProperty("title", manifest.title());
        json.writeStringProperty("dated", manifest.dated().toString());
        json.writeStringProperty("published", manifest.published().toString());
        json.writeStringProperty("notes", manifest.notes());
        json.writeStringProperty("says", says(manifest));
        json.writeArrayPropertyStart("profiles");
        for (var each : manifest.profiles()) {
            json.writeStartObject();
            json.writeStringProperty("path", each.file());
            fixture(each.manufacturer(), each.name(), each.fixtureTypeId(), json);
            json.writeNumberProperty("revision", each.revision());
            json.writeStringProperty("firmware", each.firmware());
            json.writeStringProperty("kind", each.kind().name());
            Json.textOrNull(json, "worst", each.worst() == null ? null : each.worst().name());
            json.writeStringProperty("note", each.note());
            json.writeEndObject();
        }
        json.writeEndArray();
        json.writeArrayPropertyStart("withdrawn");
        for (var each : manifest.withdrawn()) {
            json.writeStartObject();
            fixture(each.manufacturer(), each.name(), each.fixtureTypeId(), json);
            json.writeStringProperty("note", each.note());
            json.writeEndObject();
        }
        json.writeEndArray();
        json.writeArrayPropertyStart("earlier");
        manifest.earlier().forEach(each -> json.writeString(each.title()));
        json.writeEndArray();
    }

    private static void fixture(String manufacturer, String name, String id, JsonGenerator json) {
        json.writeStringProperty("manufacturer", manufacturer);
        json.writeStringProperty("name", name);
        json.writeStringProperty("id", id);
    }

    /** {@return how many profiles of each kind there are} */
    static String says(Manifest manifest) {
        var changes = new ArrayList<ProfileChange>();
        manifest.profiles().forEach(each -> changes.add(new ProfileChange(each.kind(), each.worst(), Map.of(), List.of())));
        manifest.withdrawn().forEach(each -> changes.add(ProfileChange.withdrawn()));
        return ProfileChange.counted(changes);
    }
}
