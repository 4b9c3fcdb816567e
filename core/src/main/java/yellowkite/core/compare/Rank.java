package yellowkite.core.compare;

/** What a difference does to a show that was programmed with the left side, the worst first. */
public enum Rank {
    /** Addresses, widths or meanings have moved: stored values do something else. */
    BREAKS,
    /** Stored values mean something slightly different. */
    SHIFTS,
    /** There is more to use; what was stored stays as it is. */
    ADDS,
    /** Names, texts and pictures. */
    COSMETIC
}
