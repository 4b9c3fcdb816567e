package yellowkite.core.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import yellowkite.core.dmx.Spans;
import yellowkite.core.gdtf.GdtfDescription;
import yellowkite.core.profile.FixtureType;

/** The rules that are on, and their run. */
public final class Checks {
    private static final List<Rule> RULES = List.of(
            new AddressOverlap(), new AddressOutsideUniverse(), new AddressGap(), new MissingAddress(), new UnknownGeometry(),
            new BrokenModeMaster(), new BrokenInitialFunction(), new StartOutsideFunction(), new RangeOutsideFunction(),
            new HoleBeforeRanges(), new UnknownWheel(), new UnknownSlot(), new WheelOffByOne(), new UndefinedAttribute(),
            new MissingIdentity(), new FootprintOverUniverse(), new CyclicModeMaster(), new UnknownCurve(), new BrokenRelation(),
            new DuplicateChannel(), new DuplicateFunction(), new DuplicateName(), new FunctionsOutOfOrder(), new OverlappingStarts(),
            new UnreachedSlot(), new PanTiltOnNoAxis(), new FlatPhysical(), new NoDimmer(), new UnevenCurve(), new BrokenFeature());

    private Checks() {}

    /** {@return all findings of a description: those of its document, and the values that were tolerated while it was read} */
    public static List<Finding> of(GdtfDescription description) {
        var findings = new ArrayList<>(of(description.type()));
        for (var note : description.notes()) {
            var text = note.text().length() <= 60 ? note.text() : note.text().substring(0, 57) + "...";
            findings.add(new Finding("bad-value", Severity.ERROR, new Finding.Place(null, null, null, null, note.where()),
                    "'" + text + "' was found for " + note.attribute() + " where " + note.expected() + " is expected; it is kept as it is.", null, ""));
        }
        findings.sort(Comparator.comparing(Finding::severity));
        return findings;
    }

    /** {@return all findings of a document: errors first, then warnings, then remarks; within these in document order} */
    public static List<Finding> of(FixtureType type) {
        var findings = new ArrayList<Finding>();
        var views = type.modes().stream().map(mode -> Rule.ModeView.of(type, mode)).toList();
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
                var spans = Spans.of(channel);
                for (var rule : RULES) {
                    if (rule instanceof Rule.OfChannel ofChannel) {
                        ofChannel.check(view, channel, spans).forEach(findings::add);
                    }
                }
            }
        }
        findings.sort(Comparator.comparing(Finding::severity));
        return findings;
    }
}
