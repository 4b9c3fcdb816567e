package yellowkite.core.xml;

/**
 * A value that was tolerated while reading: it is not of its form, stands for its default, and is written back as it was.
 *
 * @param where the element, as {@code DMXMode 'Extended' / DMXChannel / ...}
 * @param text as found
 * @param expected what the standard wants there
 */
public record ReadNote(String where, String attribute, String text, String expected) {}
