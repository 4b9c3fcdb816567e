package yellowkite.core.edit;

import java.util.ArrayList;
import java.util.List;
import yellowkite.core.history.Outcome;
import yellowkite.core.profile.DmxProfile;
import yellowkite.core.profile.FixtureType;
import yellowkite.core.xml.Source;

/** Puts a curve into the profile; one of that name gives way, and with it changes every function that runs through it. */
public record PutCurve(String name, List<Piece> pieces) implements Edit {
    private static final int MOST = 5_000;

    /** A cubic piece. @param percent where it begins, in [0, 100]. Coefficients in fractions of full scale */
    public record Piece(double percent, double c0, double c1, double c2, double c3) {
        public static Piece of(DmxProfile.Point point) {
            return new Piece(point.dmxPercentage(), point.cfc0(), point.cfc1(), point.cfc2(), point.cfc3());
        }

        private boolean isSound() {
            return percent >= 0 && percent <= 100 && Double.isFinite(c0) && Double.isFinite(c1) && Double.isFinite(c2)
                    && Double.isFinite(c3);
        }
    }

    public PutCurve {
        pieces = List.copyOf(pieces);
    }

    @Override
    public Outcome<FixtureType> applyTo(FixtureType before) {
        if (pieces.isEmpty() || pieces.size() > MOST || !pieces.stream().allMatch(Piece::isSound)) {
            return Located.rejected("pieces",
                    "A curve has 1 to " + MOST + " pieces that begin from 0 to 100 % and have finite coefficients.");
        }
        return Names.refusalOfRequired("name", name, "A curve").orElseGet(() -> {
            var profile = new DmxProfile(name,
                    pieces.stream()
                        .map(each -> new DmxProfile.Point(each.percent(), each.c0(), each.c1(), each.c2(), each.c3(), Source.NONE))
                        .toList(),
                    Source.NONE);
            var curves = new ArrayList<>(before.physicalDescriptions().dmxProfiles());
            int at = curves.stream().map(DmxProfile::name).toList().indexOf(name);
            if (at < 0) {
                curves.add(profile);
            } else {
                curves.set(at, profile);
            }
            return Located.applied(before.with(f -> f.physicalDescriptions = f.physicalDescriptions.withDmxProfiles(curves)));
        });
    }

    @Override
    public String describe(FixtureType before) {
        return "Curve '" + name + "'" + (before.physicalDescriptions().findDmxProfile(name).isPresent() ? " changed" : " added");
    }
}
