package yellowkite.core.profile;

import yellowkite.core.xml.Source;
/** What a physical value counts. Source: GDTF {@code PhysicalUnit}; the constants bear the standard's names. */
public enum PhysicalUnit {
    None(""), Percent("%"), Length("m"), Mass("kg"), Time("s"), Temperature("K"), LuminousIntensity("cd"), Angle("°"),
    Force("N"), Frequency("Hz"), Current("A"), Voltage("V"), Power("W"), Energy("J"), Area("m²"), Volume("m³"), Speed("m/s"),
    Acceleration("m/s²"), AngularSpeed("°/s"), AngularAcc("°/s²"), WaveLength("nm"), ColorComponent("");

    private final String symbol;

    PhysicalUnit(String symbol) {
        this.symbol = symbol;
    }

    /** {@return the sign written behind a number; empty for a number without unit} */
    public String symbol() {
        return symbol;
    }
}
