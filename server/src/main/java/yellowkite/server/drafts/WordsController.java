package yellowkite.server.drafts;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.core.attribute.Catalogue;
import yellowkite.core.attribute.NoFunction;
import yellowkite.core.body.FixtureFacts;
import yellowkite.core.chart.ChartWords;
import yellowkite.core.chart.layout.Addresses;
import yellowkite.core.dmx.PhysicalText;
import yellowkite.core.dmx.ValueText;
import yellowkite.core.edit.Edit;
import yellowkite.core.edit.SetFacts;
import yellowkite.core.edit.SetPhysical;
import yellowkite.core.edit.WrittenFacts;
import yellowkite.core.edit.WrittenPhysical;
import yellowkite.core.profile.DmxValue;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.profile.House;
import yellowkite.core.profile.Mode;
import yellowkite.core.profile.PhysicalUnit;
import yellowkite.server.web.EditJson;
import yellowkite.server.web.Refusal;

/** What words, values and addresses mean that are typed. Reads only. */
@RestController
class WordsController {
    private static final int LISTED = 40;
    /** Values that do nothing have no attribute in the standard's list, and a name all the same. */
    private static final AttributeChoice NO_FUNCTION = new AttributeChoice(NoFunction.ATTRIBUTE,
            Catalogue.STANDARD.pretty(NoFunction.ATTRIBUTE), "", "", false);
    private static final int LONGEST_WORDS = 200;
    private static final int LONGEST_LIST = 2_000;
    private static final int LONGEST_CHART = 20_000;
    private final Drafts drafts;

    WordsController(Drafts drafts) {
        this.drafts = drafts;
    }

    /** @param used whether the mode has it already */
    record AttributeChoice(String name, String pretty, String featureGroup, String unit, boolean used) {}

    /** 200 with the attributes that words mean, best first; those of {@code group} only if one is named. */
    @GetMapping("/api/drafts/{draftId}/attributes")
    List<AttributeChoice> attributes(@PathVariable String draftId, @RequestParam int mode, @RequestParam(defaultValue = "") String words,
            @RequestParam(defaultValue = "") String group) {
        var type = drafts.require(draftId).history().current();
        var used = used(type, mode);
        var found = Catalogue.STANDARD.search(shorten(words, LONGEST_WORDS))
            .stream()
            .filter(each -> group.isEmpty() || each.attribute().featureGroup().equals(group))
            .limit(LISTED)
            .map(match -> choice(match, used));
        return (NoFunction.isMeant(words) ? Stream.concat(Stream.of(NO_FUNCTION), found) : found).toList();
    }

    private static AttributeChoice choice(Catalogue.Match match, Set<String> used) {
        return new AttributeChoice(match.name(), match.attribute().pretty(match.name()), match.attribute().featureGroup(),
                match.attribute().unit().symbol(), used.contains(match.name()));
    }

    record ChartRequest(int mode, String text) {
        ChartRequest {
            Objects.requireNonNull(text, "text");
        }
    }

    /** One channel of a chart. @param choices what the words can mean, best first; empty if nothing */
    record ChartLine(String words, int bytes, List<AttributeChoice> choices) {}

    /** What was understood of words. @param addresses that the understood channels need. @param unknown lines that mean nothing */
    record ChartAnswer(List<ChartLine> lines, int channels, int addresses, int unknown) {}

    /** 200 with the channels that a chart's words describe. */
    @PostMapping("/api/drafts/{draftId}/chart")
    ChartAnswer chart(@PathVariable String draftId, @RequestBody ChartRequest request) {
        var used = used(drafts.require(draftId).history().current(), request.mode());
        var lines = ChartWords.read(shorten(request.text(), LONGEST_CHART), used);
        var known = lines.stream().filter(each -> !each.matches().isEmpty()).toList();
        return new ChartAnswer(lines.stream()
            .map(each -> new ChartLine(each.words(), each.bytes(), each.matches().stream().map(match -> choice(match, used)).toList()))
            .toList(), known.size(), known.stream().mapToInt(each -> each.bytes()).sum(), lines.size() - known.size());
    }

    record CategoryWord(House.Category value, String text) {}

    /** @param featureGroups of the standard's attributes, in the standard's order */
    record Vocabulary(List<CategoryWord> categories, List<String> featureGroups) {}

    /** 200 with the words that pages offer for choice. They never change while the program runs. */
    @GetMapping("/api/words")
    Vocabulary words() {
        return new Vocabulary(Arrays.stream(House.Category.values()).map(each -> new CategoryWord(each, each.text())).toList(),
                Catalogue.STANDARD.featureGroups());
    }

    /** @param bytes width of the channel. @param form how a number without a sign of its own is meant */
    record ValueRequest(String text, int bytes, ValueText.Form form) {
        ValueRequest {
            Objects.requireNonNull(text, "text");
            Objects.requireNonNull(form, "form");
        }
    }

    record TypedValue(long raw) {}

    /** 200 with the value that was typed, in the channel's own width; 422 with why it is none. */
    @PostMapping("/api/values")
    TypedValue value(@RequestBody ValueRequest request) {
        if (request.bytes() < 1 || request.bytes() > DmxValue.MAX_BYTES) {
            throw Refusal.unfit("bytes", "A channel is 1 to " + DmxValue.MAX_BYTES + " bytes wide.");
        }
        var read = ValueText.read(shorten(request.text(), LONGEST_WORDS), request.bytes(), request.form());
        if (read.reason() != null) {
            throw Refusal.unfit("text", read.reason());
        }
        return new TypedValue(read.raw());
    }

    record AddressesRequest(String text) {
        AddressesRequest {
            Objects.requireNonNull(text, "text");
        }
    }

    record TypedAddresses(List<Integer> addresses) {}

    /** 200 with the addresses that were typed, in their order; 422 if they are none. */
    @PostMapping("/api/addresses")
    TypedAddresses addresses(@RequestBody AddressesRequest request) {
        return Addresses.of(shorten(request.text(), LONGEST_WORDS).strip())
            .map(TypedAddresses::new)
            .orElseThrow(() -> Refusal.unfit("text", "Type addresses, most significant first: 5 or 5, 6 or 5-6."));
    }

    /** 200 with the addresses of a list with stretches of any length, in its order; 422 if it is none. */
    @PostMapping("/api/address-lists")
    TypedAddresses addressList(@RequestBody AddressesRequest request) {
        return Addresses.listed(shorten(request.text(), LONGEST_LIST).strip())
            .map(TypedAddresses::new)
            .orElseThrow(() -> Refusal.unfit("text", "List addresses from 1 to 512: 2, 4, 10-12."));
    }

    record FactsRequest(WrittenFacts typed) {
        FactsRequest {
            Objects.requireNonNull(typed, "typed");
            EditJson.requireWhole(typed);
        }
    }

    /** 200 with the facts of a fixture that were typed, for an edit; 422 with why they are none. */
    @PostMapping("/api/drafts/{draftId}/facts")
    Edit facts(@PathVariable String draftId, @RequestBody FactsRequest request) {
        try {
            return new SetFacts(request.typed().read(FixtureFacts.of(drafts.require(draftId).history().current())));
        } catch (IllegalArgumentException unfit) {
            throw Refusal.unfit("facts", String.valueOf(unfit.getMessage()));
        }
    }

    record WrittenPhysicalRequest(WrittenPhysical typed) {
        WrittenPhysicalRequest {
            Objects.requireNonNull(typed, "typed");
            EditJson.requireWhole(typed);
        }
    }

    /** 200 with the edit that says what was typed of temperatures, power and connectors; 422 with the line that is none. */
    @PostMapping("/api/written-physical")
    Edit writtenPhysical(@RequestBody WrittenPhysicalRequest request) {
        try {
            return new SetPhysical(request.typed().read());
        } catch (IllegalArgumentException unfit) {
            throw Refusal.unfit("facts", String.valueOf(unfit.getMessage()));
        }
    }

    /** @param part the connector. @param text {@code 1 -> DMX out 1, 2 -> DMX out 2} */
    record PinsRequest(String part, String text) {
        PinsRequest {
            Objects.requireNonNull(part, "part");
            Objects.requireNonNull(text, "text");
        }
    }

    /** 200 with the edit that leads pins where they were written to; 422 with the one that is none. */
    @PostMapping("/api/written-pins")
    Edit writtenPins(@RequestBody PinsRequest request) {
        try {
            return WrittenPhysical.readPins(request.part(), request.text());
        } catch (IllegalArgumentException unfit) {
            throw Refusal.unfit("pins", String.valueOf(unfit.getMessage()));
        }
    }

    /** @param unit sign of the unit that it is wanted in; empty = a number without one */
    record PhysicalRequest(String text, String unit) {
        PhysicalRequest {
            Objects.requireNonNull(text, "text");
            Objects.requireNonNull(unit, "unit");
        }
    }

    record TypedPhysical(double value) {}

    /** 200 with the physical value that was typed with whatever unit, in the one that is asked for; 422 with why it is none. */
    @PostMapping("/api/physicals")
    TypedPhysical physical(@RequestBody PhysicalRequest request) {
        var unit = Arrays.stream(PhysicalUnit.values())
            .filter(each -> each.symbol().equals(request.unit()))
            .findFirst()
            .orElseThrow(() -> Refusal.unfit("unit", "That is no unit of the standard."));
        var read = PhysicalText.read(shorten(request.text(), LONGEST_WORDS), unit);
        if (read.reason() != null) {
            throw Refusal.unfit("text", read.reason());
        }
        return new TypedPhysical(read.value());
    }

    private static Set<String> used(FixtureType type, int mode) {
        return type.findMode(mode).map(Mode::channels).orElse(List.of()).stream().map(each -> each.attribute()).collect(Collectors.toSet());
    }

    private static String shorten(String text, int length) {
        return text.length() <= length ? text : text.substring(0, length);
    }
}
