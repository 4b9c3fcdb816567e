package yellowkite.server.compare;

import java.util.Arrays;
import java.util.Base64;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import yellowkite.core.archive.Sha256;
import yellowkite.core.compare.Comparison;
import yellowkite.core.compare.Difference;
import yellowkite.core.compare.Rank;
import yellowkite.core.compare.Side;
import yellowkite.core.dmx.CompiledMode;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.core.sheet.ModeSheet;
import yellowkite.media.Thumbnails;
import yellowkite.server.compare.ComparisonView.DifferenceLine;
import yellowkite.server.compare.ComparisonView.SideLine;
import yellowkite.server.revisions.RevisionReader;
import yellowkite.server.revisions.StoredRevision;

/** What is compared, with what is shown of it. */
@Component
class Sides {
    private final RevisionReader reader;

    Sides(RevisionReader reader) {
        this.reader = reader;
    }

    /** A side with what is shown of it. @param pictures address of each picture, by what it is known by */
    record Shown(Side side, SideLine line, Map<String, String> pictures) {
        FixtureType type() {
            return side.type();
        }
    }

    Shown stored(StoredRevision revision) {
        var type = reader.description(revision).type();
        var files = reader.entries(revision.id());
        var pictures = files.values().stream().distinct().collect(Collectors.toMap(sha -> sha, sha -> "/api/media/" + sha));
        return new Shown(
                new Side(type, files),
                new SideLine(revision.profileId(), revision.number(), type.manufacturer(), type.name(), revision.createdAt(),
                        revision.summary(), modes(type), reader.findWithdrawal(revision.id()).map(each -> each.why()).orElse(null)),
                pictures);
    }

    /** {@return a file that lies in nobody's library} */
    Shown dropped(String name, GdtfFile read) {
        var type = read.description().type();
        var files = new LinkedHashMap<String, String>();
        var pictures = new HashMap<String, String>();
        read.others().forEach((path, bytes) -> {
            files.put(path, Sha256.of(bytes));
            if (path.startsWith("wheels/")) {
                Thumbnails.fitted(bytes, 128)
                    .ifPresent(
                            png -> pictures.put(Sha256.of(bytes), "data:image/png;base64," + Base64.getEncoder().encodeToString(png)));
            }
        });
        return new Shown(new Side(type, files),
                new SideLine(null, null, type.manufacturer(), type.name(), null, name, modes(type), null), pictures);
    }

    private static List<String> modes(FixtureType type) {
        return type.modes().stream().map(Mode::name).toList();
    }

    static ComparisonView view(Shown left, Shown right, Comparison comparison) {
        var lines = comparison.byRank().stream().map(each -> line(left, right, each)).toList();
        var counts = Arrays.stream(Rank.values())
            .collect(Collectors.toMap(rank -> rank, comparison::count, (a, b) -> a, LinkedHashMap::new));
        return new ComparisonView(left.line(), right.line(), counts, lines,
                channels(left.type(), lines.stream().map(DifferenceLine::left).toList()),
                channels(right.type(), lines.stream().map(DifferenceLine::right).toList()));
    }

    private static DifferenceLine line(Shown left, Shown right, Difference each) {
        boolean shows = each.kind() == Difference.Kind.SLOT_CONTENT;
        return new DifferenceLine(each.rank(), each.kind(), each.place().mode(), each.place().words(), each.says(),
                shows ? "" : each.before(), shows ? "" : each.after(), each.place().left(), each.place().right(),
                shows ? left.pictures().get(each.before()) : null, shows ? right.pictures().get(each.after()) : null);
    }

    private static Map<Integer, ModeSheet.ChannelLine> channels(FixtureType type, List<@Nullable Integer> ids) {
        var wanted = ids.stream().filter(Objects::nonNull).collect(Collectors.toSet());
        return type.modes()
            .stream()
            .filter(mode -> mode.channels().stream().anyMatch(channel -> wanted.contains(channel.id())))
            .flatMap(mode -> ModeSheet.of(CompiledMode.of(type, mode)).lines().stream())
            .filter(line -> wanted.contains(line.id()))
            .collect(Collectors.toMap(ModeSheet.ChannelLine::id, line -> line, (a, b) -> a, LinkedHashMap::new));
    }
}
