package yellowkite.core.bench;

import yellowkite.core.dmx.CompiledMode;

/** What is wrong, as a sentence. */
final class CauseWords {
    private static final String[] NUMBERS = {"no", "one", "two", "three", "four", "five", "six"};

    private CauseWords() {}

    static String says(Flaw flaw, CompiledMode mode) {
        return switch (flaw) {
            case Flaw.WheelOff(var wheel, var by) ->
                "Wheel '" + wheel + "' is " + number(Math.abs(by)) + (Math.abs(by) == 1 ? " slot off." : " slots off.");
            case Flaw.Reversed(var attribute) -> "'" + attribute + "' is reversed.";
            case Flaw.Swapped(var one, var other) -> "'" + one + "' and '" + other + "' are exchanged.";
            case Flaw.FineFirst(var attribute) -> "Coarse and fine byte of '" + attribute + "' are exchanged.";
            case Flaw.Shifted(var channel, var by) -> "All boundaries of '" + channel + "' lie " + Math.abs(by)
                    + (Math.abs(by) == 1 ? " value " : " values ") + (by > 0 ? "later." : "earlier.");
            case Flaw.Starting(var channel, var at) -> "Before the first frame '" + channel + "' stands at " + at + ".";
            case Flaw.Bent(var attribute) -> "'" + attribute + "' is bent: it runs as the square of what the profile says.";
            case Flaw.CellsReversed() -> "The cells stand in the other order.";
            case Flaw.Footprint(var addresses) -> "The fixture has " + addresses + " addresses; mode '" + mode.mode().name() + "' has "
                    + Slots.of(mode).count() + ".";
            case Flaw.OtherPersonality(var number) -> "The fixture is in personality " + number + ", which is '"
                    + mode.type().modes().get(number - 1).name() + "'.";
            case Flaw.Deaf(var channel) -> "'" + channel + "' does nothing.";
        };
    }

    private static String number(int of) {
        return of < NUMBERS.length ? NUMBERS[of] : String.valueOf(of);
    }
}
