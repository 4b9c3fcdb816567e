package yellowkite.core.library;

/** Where a profile lives: ours, which is edited here, or the one that arrives in releases and is the same in every house. */
public enum Shelf {
    HOUSE, REFERENCE
}
