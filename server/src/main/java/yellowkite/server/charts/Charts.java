package yellowkite.server.charts;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import yellowkite.core.chart.ChartReader;
import yellowkite.core.chart.Reading;
import yellowkite.core.chart.correct.Correction;
import yellowkite.core.chart.correct.Corrections;
import yellowkite.core.chart.correct.Unfit;
import yellowkite.core.chart.source.Sheet;
import yellowkite.core.compare.ChartDifference;
import yellowkite.core.edit.LayChart;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.FixtureType;
import yellowkite.media.chart.ChartFile;
import yellowkite.media.chart.PdfPages;
import yellowkite.server.charts.ChartRepository.GivenChart;
import yellowkite.server.charts.ChartRepository.StoredChart;
import yellowkite.server.content.ContentStore;
import yellowkite.server.database.HouseClock;
import yellowkite.server.database.Transactions;
import yellowkite.server.drafts.Drafting;
import yellowkite.server.drafts.Drafts;
import yellowkite.server.drafts.LoadedDraft;
import yellowkite.server.library.SourceRepository;
import yellowkite.server.stored.StoredForms;
import yellowkite.server.web.Author;
import yellowkite.server.web.Change;
import yellowkite.server.web.Refusal;

/** Charts that are read into profiles. The file is taken apart once, when it comes; what is said of it is laid upon that each time. */
@Service
class Charts {
    private static final int MOST_OF_A_PROFILE = 20;
    private static final int MOST_CORRECTIONS = 2_000;
    private final ChartRepository repository;
    private final SourceRepository sources;
    private final ContentStore contents;
    private final HouseClock clock;
    private final Transactions transactions;
    private final Drafts drafts;
    private final Drafting drafting;

    Charts(ChartRepository repository, SourceRepository sources, ContentStore contents, HouseClock clock, Transactions transactions,
            Drafts drafts, Drafting drafting) {
        this.repository = repository;
        this.sources = sources;
        this.contents = contents;
        this.clock = clock;
        this.transactions = transactions;
        this.drafts = drafts;
        this.drafting = drafting;
    }

    /** A chart with what is known of it now. */
    record OpenChart(StoredChart chart, LoadedDraft draft, List<Sheet> sheets, Corrections corrections, Reading reading) {}

    List<GivenChart> list(String profileId) {
        return repository.list(profileId);
    }

    /** @throws Refusal 422 if the file cannot be read, or holds nothing of a chart */
    OpenChart add(String profileId, String name, byte[] bytes, Author author) {
        var draft = drafts.ofProfile(profileId);
        if (repository.list(profileId).size() >= MOST_OF_A_PROFILE) {
            throw Refusal.unfit("file", "This profile has " + MOST_OF_A_PROFILE + " charts already; delete one that is done with.");
        }
        var sheets = ChartFile.read(bytes);
        var type = draft.history().current();
        var reading = ChartReader.read(sheets, type.manufacturer(), type.name(), Corrections.NONE);
        if (reading.proposal().modes().stream().allMatch(mode -> mode.channels().isEmpty())) {
            throw Refusal.unfit("file", "No channel was found in '" + name
                    + "': no line begins with an address, and no column holds them. Paste the part that is the chart.");
        }
        var id = UUID.randomUUID().toString();
        transactions.run(() -> {
            var sha = contents.put(bytes);
            repository.add(new StoredChart(id, profileId, name, sha, PdfPages.count(bytes), StoredForms.SHEETS.write(sheets),
                    StoredForms.CORRECTIONS.write(Corrections.NONE), 0, author.name(), clock.now()));
            return id;
        });
        return require(id);
    }

    private StoredChart stored(String id) {
        return repository.find(id).orElseThrow(() -> Refusal.notFound("This chart does not exist, or was deleted."));
    }

    OpenChart require(String id) {
        var chart = stored(id);
        return read(chart, drafts.ofProfile(chart.profileId()), StoredForms.CORRECTIONS.read(chart.corrections()));
    }

    private static OpenChart read(StoredChart chart, LoadedDraft draft, Corrections corrections) {
        var sheets = StoredForms.SHEETS.read(chart.sheets());
        var type = draft.history().current();
        return new OpenChart(chart, draft, sheets, corrections, ChartReader.read(sheets, type.manufacturer(), type.name(), corrections));
    }

    OpenChart correct(String id, int seen, Correction correction) {
        var before = require(id);
        if (before.corrections().all().size() >= MOST_CORRECTIONS) {
            throw Refusal.unfit("correction",
                    "A chart takes up to " + MOST_CORRECTIONS + " corrections; apply it, and go on in the editor.");
        }
        Unfit.of(correction).ifPresent(why -> {
            throw Refusal.unfit(why.field(), why.reason());
        });
        return keep(before, seen, before.corrections().and(correction));
    }

    OpenChart undo(String id, int seen) {
        var before = require(id);
        if (before.corrections().all().isEmpty()) {
            throw Refusal.unfit("history", "There is nothing to undo.");
        }
        return keep(before, seen, before.corrections().undone());
    }

    private OpenChart keep(OpenChart before, int seen, Corrections after) {
        boolean kept = transactions.run(() -> repository.correct(before.chart().id(), seen, StoredForms.CORRECTIONS.write(after)));
        if (!kept) {
            throw Refusal.stale("A colleague has corrected this chart meanwhile. Yours was not taken; look at the new state and try again.",
                    Map.of());
        }
        return require(before.chart().id());
    }

    /**
     * One mode of a chart that goes into the profile.
     *
     * @param index among the chart's modes
     * @param name of a new mode
     * @param onto id of the mode that is changed; null = a new one
     * @param channels keys of those that are taken; null = all
     * @param gone ids of the mode's channels that leave
     */
    record ApplyMode(int index, String name, @Nullable Integer onto,
            @Nullable List<String> channels, List<Integer> gone) {
        ApplyMode {
            Objects.requireNonNull(name, "name");
            channels = channels == null ? null : List.copyOf(channels);
            gone = List.copyOf(gone);
        }
    }

    /** {@return the draft after one edit for each mode; the chart stays with the profile as a source} */
    LoadedDraft apply(String id, int seen, int draftVersion, List<ApplyMode> modes, Author author) {
        var open = require(id);
        if (open.chart().version() != seen) {
            throw Refusal.stale("A colleague has corrected this chart meanwhile. Look at the new state, then apply it.", Map.of());
        }
        if (!open.reading().open().isEmpty()) {
            throw Refusal.unfit("open", open.reading().open().size() + " lines are not placed, '" + open.reading().open().getFirst().place()
                    + "' first; place each on a channel, or set it aside.");
        }
        var edits = new ArrayList<LayChart>();
        for (var each : modes) {
            edits.add(edit(open, each));
        }
        if (edits.isEmpty()) {
            throw Refusal.unfit("modes", "Choose at least one mode.");
        }
        requireAllFit(open.draft().history().current(), edits);
        var draft = open.draft();
        int version = draftVersion;
        for (var edit : edits) {
            draft = drafting.apply(draft.draft().id(), version, edit, Change.by(author));
            version = draft.draft().version();
        }
        transactions.run(() -> {
            sources.put(open.chart().profileId(), open.chart().name(), open.chart().sha256(), author.name(), clock.now());
            return id;
        });
        return draft;
    }

    /** All of them, or none: the first is not applied where a later one would be refused. */
    private static void requireAllFit(FixtureType before, List<LayChart> edits) {
        var type = before;
        for (var edit : edits) {
            type = switch (edit.acceptedOn(type)) {
                case Outcome.Applied(var after) -> after;
                case Outcome.Rejected(var field, var reason) -> throw Refusal.unfit(field, reason);
            };
        }
    }

    private LayChart edit(OpenChart open, ApplyMode wanted) {
        var modes = open.reading().proposal().modes();
        if (wanted.index() < 0 || wanted.index() >= modes.size()) {
            throw Refusal.unfit("modes", "The chart has no such mode.");
        }
        var mode = modes.get(wanted.index());
        var kept = wanted.channels() == null ? mode
                : mode.withChannels(mode.channels().stream().filter(each -> wanted.channels().contains(each.key())).toList());
        return new LayChart(wanted.onto(), kept.withName(wanted.name().strip()), open.reading().proposal().wheels(), wanted.gone(),
                open.chart().name());
    }

    /** {@return what the chart would change in a mode of the profile} */
    List<ChartDifference> difference(String id, int index, int mode) {
        var chart = stored(id);
        var draft = drafts.findOpen(chart.profileId())
            .orElseThrow(() -> Refusal.notFound("This profile has no draft now; open the chart again."));
        var open = read(chart, draft, StoredForms.CORRECTIONS.read(chart.corrections()));
        var type = open.draft().history().current();
        var modes = open.reading().proposal().modes();
        if (index < 0 || index >= modes.size()) {
            throw Refusal.notFound("The chart has no such mode.");
        }
        return ChartDifference.of(type,
                type.findMode(mode).orElseThrow(() -> Refusal.notFound("That mode is not in this profile any more.")), modes.get(index),
                open.reading().proposal().wheels());
    }

    byte[] file(String id) {
        return contents.require(stored(id).sha256());
    }

    int pages(String id) {
        return stored(id).pages();
    }

    void delete(String id) {
        transactions.run(() -> {
            repository.delete(stored(id).id());
            return id;
        });
    }
}
