package yellowkite.server.neighbours;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.text.TypedText;

/**
 * A profile as a neighbour tells of it: text of theirs is cut to lines, and what cannot be is not listed.
 *
 * @param id theirs. @param byManufacturer whether whoever brought it is the manufacturer
 * @param rating mean of the votes, in [1, 5]; null without one. @param firmware that it holds from; may be empty, as may {@code note}
 * @param dated day of this revision; null if they do not say it
 * @param sha256 of the file. @param size bytes of the file
 */
record ToldProfile(String id, String manufacturer, String model, int revision, String uploader, boolean byManufacturer,
        @Nullable Double rating, int votes, String firmware, List<ToldMode> modes, @Nullable LocalDate dated, String note, String sha256,
        int size) {
    private static final int LONGEST = 200;
    private static final int LONGEST_NOTE = 1_000;
    private static final int MOST_MODES = 200;
    private static final int MOST_STARS = 5;

    ToldProfile {
        modes = List.copyOf(modes);
    }

    record ToldMode(String name, int footprint) {}

    /** {@return what is told; none if it lacks what a profile cannot be without} */
    static Optional<ToldProfile> of(JsonNode json) {
        var id = json.path("id").asString("");
        var sha256 = json.path("sha256").asString("");
        int size = json.path("size").asInt(0);
        int revision = json.path("revision").asInt(0);
        var model = line(json, "model", LONGEST);
        if (!isId(id) || !sha256.matches("[0-9a-f]{64}") || size < 1 || size > GdtfFile.MAX_BYTES || revision < 1
                || model.isEmpty()) {
            return Optional.empty();
        }
        var modes = new ArrayList<ToldMode>();
        for (var mode : json.path("modes")) {
            if (modes.size() < MOST_MODES) {
                modes.add(new ToldMode(line(mode, "name", LONGEST), Math.max(0, mode.path("footprint").asInt(0))));
            }
        }
        double rating = json.path("rating").asDouble(0);
        return Optional.of(new ToldProfile(id, line(json, "manufacturer", LONGEST), model, revision, line(json, "uploader", LONGEST),
                json.path("byManufacturer").asBoolean(false), rating >= 1 && rating <= MOST_STARS ? rating : null,
                Math.max(0, json.path("votes").asInt(0)), line(json, "firmware", LONGEST), modes, day(json.path("dated").asString("")),
                line(json, "note", LONGEST_NOTE), sha256, size));
    }

    static boolean isId(String text) {
        return text.matches("[A-Za-z0-9-]{1,100}");
    }

    /** {@return all that can be profiles} */
    static List<ToldProfile> all(JsonNode list) {
        var all = new ArrayList<ToldProfile>();
        list.forEach(each -> of(each).ifPresent(all::add));
        return all;
    }

    static String line(JsonNode of, String field, int longest) {
        var said = of.path(field).asString("");
        var seen = said.codePoints()
            .limit(longest)
            .map(each -> TypedText.isUnseen(each) ? ' ' : each)
            .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append);
        return seen.toString().strip();
    }

    private static @Nullable LocalDate day(String text) {
        try {
            return text.isEmpty() ? null : LocalDate.parse(text);
        } catch (DateTimeException none) {
            return null;
        }
    }
}
