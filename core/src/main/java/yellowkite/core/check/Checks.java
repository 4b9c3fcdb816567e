package yellowkite.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import yellowkite.core.dmx.CompiledType;
import yellowkite.core.gdtf.GdtfFile;
import yellowkite.core.gdtf.Media;
import yellowkite.core.profile.FixtureType;

/** The rules that are on, and their run. */
public final class Checks {
    private static final List<Rule> RULES = List.of(
            new AddressOverlap(), new AddressOutsideUniverse(), new AddressGap(), new MissingAddress(), new UnknownGeometry(),
            new BrokenModeMaster(), new BrokenInitialFunction(), new StartOutsideFunction(), new RangeOutsideFunction(),
            new HoleBeforeRanges(), new UnknownWheel(), new UnknownSlot(), new WheelOffByOne(), new OtherSlotsName(),
            new UndefinedAttribute(),
            new MissingIdentity(), new FootprintOverUniverse(), new CyclicModeMaster(), new UnknownCurve(), new BrokenRelation(),
            new DuplicateChannel(), new DuplicateFunction(), new DuplicateName(), new FunctionsOutOfOrder(), new OverlappingStarts(),
            new UnreachedSlot(), new PanTiltOnNoAxis(), new FlatPhysical(), new NoDimmer(), new UnevenCurve(), new BrokenFeature(),
            new LoneFineByte(), new UnknownFilter(), new UnknownEmitter(), new UnknownColorSpace(), new UnknownModel(),
            new BrokenReference(),
            new HighlightOutside(), new MisfitUnit(), new CustomAttribute(), new NoOpenSlot(), new JumpingCurve(), new UnknownPersonality(),
            new ModeMasterGap(), new MissingPicture(), new UnreadablePicture(), new PictureSize(), new PictureNotSquare(),
            new NoThumbnail(),
            new BlackSlot(), new BrokenMacro(), new LowCurve(), new NoMode(), new ReferenceCircle(), new NoWheel(), new ShutterClosed(),
            new NameAgainstPhysical(),
            new StrobeWords(), new ConditionOverlap(), new EmptyMasterValues(), new DimmerBesideCells(), new CatalogueEnds(),
            new AssumedEnds(), new PanWithoutFine(), new ModeNameCount(), new ChartCount(), new ChannelWithoutFunction(),
            new StartsInStrobe(), new AxisNotTurned(), new BeamNotMoved(), new FrontElsewhere(), new SkewedPart(), new BeamWithoutFigures(),
            new PartsApart(), new BodyTooLarge(), new ModelSize(), new HeavyModel(), new LargeTexture(), new UnreadableModel());

    /**
     * Which findings these are: raised whenever a rule finds something else than before, so that what was found by older rules is found
     * anew.
     */
    public static final int EDITION = 2;

    /** Nobody reads more of one kind; a hostile file could make millions. */
    static final int MOST_OF_A_RULE = 200;

    private Checks() {}

    /** Collects findings, up to so many of each rule; what is beyond is counted in one more. */
    private static final class Collected {
        private final List<Finding> findings = new ArrayList<>();
        private final Map<String, Integer> counts = new LinkedHashMap<>();
        private final Map<String, Severity> severities = new HashMap<>();

        void add(Finding finding) {
            severities.put(finding.rule(), finding.severity());
            if (counts.merge(finding.rule(), 1, Integer::sum) <= MOST_OF_A_RULE) {
                findings.add(finding);
            }
        }

        List<Finding> sorted() {
            counts.forEach((rule, count) -> {
                if (count > MOST_OF_A_RULE) {
                    findings.add(new Finding(rule, Objects.requireNonNull(severities.get(rule)), Finding.Place.PROFILE,
                            "There are " + (count - MOST_OF_A_RULE) + " more of this kind.", null, ""));
                }
            });
            findings.sort(Comparator.comparing(Finding::severity));
            return findings;
        }
    }

    /** {@return all findings of a file: those of its document and its media, and the values that were tolerated while it was read} */
    public static List<Finding> of(GdtfFile file) {
        return of(file, CompiledType.of(file.description().type()));
    }

    /** Like {@link #of(GdtfFile)}. @param compiled the file's own document */
    public static List<Finding> of(GdtfFile file, CompiledType compiled) {
        var findings = collect(compiled);
        media(findings, file.description().type(), Media.of(file.others()));
        for (var note : file.description().notes()) {
            var text = note.text().length() <= 60 ? note.text() : note.text().substring(0, 57) + "...";
            findings.add(new Finding("bad-value", Severity.ERROR, Finding.Place.of(note.where()),
                    "'" + text + "' was found for " + note.attribute() + " where " + note.expected() + " is expected; it stays unchanged.",
                    null, ""));
        }
        return findings.sorted();
    }

    /** {@return all findings of a document and its media: errors first, then warnings, then remarks; within these in document order} */
    public static List<Finding> of(FixtureType type, Media media) {
        return of(CompiledType.of(type), media);
    }

    /** Like {@link #of(FixtureType, Media)}. */
    public static List<Finding> of(CompiledType compiled, Media media) {
        var findings = collect(compiled);
        media(findings, compiled.type(), media);
        return findings.sorted();
    }

    /** {@return all findings of a document by itself} */
    public static List<Finding> of(FixtureType type) {
        return collect(CompiledType.of(type)).sorted();
    }

    private static void media(Collected findings, FixtureType type, Media media) {
        for (var rule : RULES) {
            if (rule instanceof Rule.OfMedia ofMedia) {
                ofMedia.check(type, media).forEach(findings::add);
            }
        }
    }

    private static Collected collect(CompiledType compiled) {
        var type = compiled.type();
        var findings = new Collected();
        // the rules of a channel are asked so often that even asking which they are is felt
        var ofChannel = RULES.stream().filter(Rule.OfChannel.class::isInstance).map(Rule.OfChannel.class::cast).toList();
        var views = compiled.modes().stream().map(Rule.ModeView::of).toList();
        for (var rule : RULES) {
            if (rule instanceof Rule.OfType ofType) {
                ofType.check(type).forEach(findings::add);
            }
        }
        for (var view : views) {
            for (var rule : RULES) {
                if (rule instanceof Rule.OfMode ofMode) {
                    ofMode.check(view).forEach(findings::add);
                }
            }
            for (var channel : view.mode().channels()) {
                var spans = view.compiled().spans(channel);
                ofChannel.forEach(rule -> rule.check(view, channel, spans).forEach(findings::add));
            }
        }
        return findings;
    }
}
