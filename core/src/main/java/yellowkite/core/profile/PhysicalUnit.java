package yellowkite.core.profile;

/** What a physical value counts. Source: GDTF {@code PhysicalUnit}; the constants bear the standard's names. */
public enum PhysicalUnit {
    None(""), Percent("%"), Length("m"), Mass("kg"), Time("s"), Temperature("K"), LuminousIntensity("cd"), Angle("°"),
    Force("N"), Frequency("Hz"), Current("A"), Voltage("V"), Power("W"), Energy("J"), Area("m²"), Volume("m³"), Speed("m/s"),
    Acceleration("m/s²"), AngularSpeed("°/s"), AngularAcc("°/s²"), WaveLength("nm"), ColorComponent("");

    private final String symbol;

    PhysicalUnit(String symbol) {
        this.symbol = symbol;
    }

    /** {@return whether its values differ from fixture to fixture, so that somebody has to look them up: angles, speeds, times} */
    public boolean isMeasured() {
        return switch (this) {
            case Angle, AngularSpeed, Frequency, Temperature, Time, Speed -> true;
            default -> false;
        };
    }

    /** {@return the sign written behind a number; empty for a number without unit} */
    public String symbol() {
        return symbol;
    }
}
