package yellowkite.server.sheets;

import java.time.LocalDate;

/**
 * What stands at the head of a sheet.
 *
 * @param firmware of the fixture from which it holds; empty = not said
 * @param proven what it was proven on, in words; empty = nothing
 * @param link back to the profile
 * @param warns why this revision is not to be used any more; empty if it is
 */
record SheetFacts(String manufacturer, String name, int revision, LocalDate date, String firmware, String proven, String link,
        String warns) {
    String title() {
        return manufacturer + " " + name;
    }
}
