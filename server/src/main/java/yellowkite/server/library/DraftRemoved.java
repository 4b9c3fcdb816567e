package yellowkite.server.library;

/** Told within the program once a draft is gone that was open and not edited: its profile went into the bin. */
public record DraftRemoved(String draftId) {}
