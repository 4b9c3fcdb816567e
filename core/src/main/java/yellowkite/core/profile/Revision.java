package yellowkite.core.profile;

import yellowkite.core.xml.Source;
/**
 * An entry of the file's own history: GDTF {@code Revision}.
 *
 * @param date {@code yyyy-mm-ddThh:mm:ss}, UTC
 */
public record Revision(String text, String date, String userId, String modifiedBy, Source source) {}
