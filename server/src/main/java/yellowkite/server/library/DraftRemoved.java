package yellowkite.server.library;

/** Told within the program once a profile went into the bin: nobody edits it, and a draft of it that was open and not edited is gone. */
public record DraftRemoved(String profileId) {}
