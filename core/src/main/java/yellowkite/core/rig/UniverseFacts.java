package yellowkite.core.rig;

/**
 * What is said of a universe. @param place where it goes: {@code Rail}, {@code Floor}. @param colour its tag, such as {@code teal}; may be
 * empty
 */
public record UniverseFacts(int universe, String name, String place, Output output, String colour) {}
