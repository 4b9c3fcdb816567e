package yellowkite.server.drafts;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.attribute.Catalogue;
import yellowkite.core.chart.ChartWords;
import yellowkite.core.chart.RangeTable;
import yellowkite.core.dmx.ModeComparison;
import yellowkite.core.edit.BringFunction;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.Mode;
import yellowkite.server.web.Refusal;

/** What writing a profile needs to know: what words mean, which modes have the same function, what modes cost. Reads only. */
@RestController
class AuthoringController {
    private static final int LISTED = 40;
    private static final int LONGEST_WORDS = 200;
    private static final int LONGEST_CHART = 20_000;
    private static final int MOST_LAMPS = 100_000;
    private final Drafts drafts;

    AuthoringController(Drafts drafts) {
        this.drafts = drafts;
    }

    /** @param used whether the mode has it already */
    record AttributeChoice(String name, String pretty, String featureGroup, String unit, boolean used) {}

    /** 200 with the attributes that words mean, best first; those of {@code group} only if one is named. */
    @GetMapping("/api/drafts/{draftId}/attributes")
    List<AttributeChoice> attributes(@PathVariable String draftId, @RequestParam int mode, @RequestParam(defaultValue = "") String words, @RequestParam(defaultValue = "") String group) {
        var type = drafts.require(draftId).history().current();
        var used = used(type, mode);
        return Catalogue.STANDARD.search(shorten(words, LONGEST_WORDS)).stream().filter(each -> group.isEmpty() || each.attribute().featureGroup().equals(group))
                .limit(LISTED).map(match -> choice(match, used)).toList();
    }

    private static AttributeChoice choice(Catalogue.Match match, Set<String> used) {
        return new AttributeChoice(match.name(), match.attribute().pretty().replace("(n)", digits(match.name())), match.attribute().featureGroup(), match.attribute().unit().symbol(), used.contains(match.name()));
    }

    private static String digits(String name) {
        return name.replaceAll("^\\D*(\\d+).*$", "$1");
    }

    record ChartRequest(int mode, String text) {
        ChartRequest {
            Objects.requireNonNull(text, "text");
        }
    }

    /** One channel of a chart. @param choices what the words can mean, best first; empty if nothing */
    record ChartLine(String words, int bytes, List<AttributeChoice> choices) {}

    /** 200 with the channels that a chart's words describe. */
    @PostMapping("/api/drafts/{draftId}/chart")
    List<ChartLine> chart(@PathVariable String draftId, @RequestBody ChartRequest request) {
        var used = used(drafts.require(draftId).history().current(), request.mode());
        return ChartWords.read(shorten(request.text(), LONGEST_CHART), used).stream()
                .map(each -> new ChartLine(each.words(), each.bytes(), each.matches().stream().map(match -> choice(match, used)).toList())).toList();
    }

    record TableRequest(String text) {
        TableRequest {
            Objects.requireNonNull(text, "text");
        }
    }

    /** 200 with the named ranges that a pasted table describes, and the rows that were not understood. */
    @PostMapping("/api/range-table")
    RangeTable table(@RequestBody TableRequest request) {
        return RangeTable.read(shorten(request.text(), LONGEST_CHART));
    }

    /** A function of another mode that stands for the same thing. @param differs whether bringing would change it */
    record Twin(int mode, String modeName, String channel, boolean differs) {}

    /** 200 with the functions of other modes that this one can be brought to. */
    @GetMapping("/api/drafts/{draftId}/functions/{function}/twins")
    List<Twin> twins(@PathVariable String draftId, @PathVariable int function) {
        return BringFunction.twins(drafts.require(draftId).history().current(), function).stream()
                .map(each -> new Twin(each.mode().id(), each.mode().name(), each.channel().name(), each.differs())).toList();
    }

    record ModeCost(int id, String name, ModeComparison.Cost cost) {}

    record AttributeRow(String attribute, String pretty, String featureGroup, List<ModeComparison.Cell> cells) {}

    record Comparison(int lamps, List<ModeCost> modes, List<AttributeRow> rows) {}

    /** 200 with the modes of the draft side by side, and what {@code lamps} of each cost. */
    @GetMapping("/api/drafts/{draftId}/comparison")
    Comparison compare(@PathVariable String draftId, @RequestParam(defaultValue = "1") int lamps) {
        var type = drafts.require(draftId).history().current();
        if (lamps < 1 || lamps > MOST_LAMPS) {
            throw Refusal.unfit("lamps", "A number of lamps lies from 1 to " + MOST_LAMPS + ".");
        }
        var comparison = ModeComparison.of(type.modes().stream().map(mode -> new ModeComparison.Candidate(type, mode)).toList(), lamps);
        var modes = new ArrayList<ModeCost>();
        for (int i = 0; i < type.modes().size(); i++) {
            modes.add(new ModeCost(type.modes().get(i).id(), type.modes().get(i).name(), comparison.costs().get(i)));
        }
        return new Comparison(lamps, modes, comparison.rows().stream().map(row -> {
            var definition = type.attributeDefinitions().find(row.attribute());
            return new AttributeRow(row.attribute(), definition.map(each -> each.pretty()).orElse(row.attribute()), definition.map(each -> each.featureGroup()).orElse(""), row.cells());
        }).toList());
    }

    private static Set<String> used(FixtureType type, int mode) {
        return type.findMode(mode).map(Mode::channels).orElse(List.of()).stream().map(each -> each.attribute()).collect(Collectors.toSet());
    }

    private static String shorten(String text, int length) {
        return text.length() <= length ? text : text.substring(0, length);
    }
}
