package yellowkite.core.library;

import java.time.LocalDateTime;

/**
 * A profile as it lies in the library: what it is found, sorted and narrowed by.
 *
 * @param id of the profile
 * @param tags words parted by spaces
 * @param author of its newest revision; empty if it has none
 * @param proven whether its newest revision rests on a lamp on the bench
 * @param changed when its newest revision was made, UTC
 */
public record Card(String id, String manufacturer, String name, Shelf shelf, String tags, String otherNames, String production,
        String author, State state, boolean proven, LocalDateTime changed, Synopsis synopsis) {

    /** What the checks said of the newest revision; {@code DRAFT} where there is none yet, {@code WITHDRAWN} where it is not to be used. */
    public enum State {
        CLEAN, WARNINGS, ERRORS, WITHDRAWN, DRAFT
    }
}
