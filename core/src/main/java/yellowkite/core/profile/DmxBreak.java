package yellowkite.core.profile;

import yellowkite.core.xml.Source;
/** Which of a fixture's start addresses a channel counts from. Source: GDTF {@code DMXChannel/@DMXBreak}. */
public sealed interface DmxBreak {
    DmxBreak FIRST = new Number(1);

    /** @param number 1 for the first start address */
    record Number(int number) implements DmxBreak {}

    /** The break of the geometry reference that repeats the channel. */
    record Overwrite() implements DmxBreak {}
}
