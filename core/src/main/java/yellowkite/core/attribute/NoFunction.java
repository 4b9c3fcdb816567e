package yellowkite.core.attribute;

import java.util.regex.Pattern;
import yellowkite.core.profile.ChannelFunction;

/**
 * Values that do nothing: GDTF has no attribute for them, but the name {@code NoFeature}, which technicians look for in their own words.
 */
public final class NoFunction {
    public static final String ATTRIBUTE = ChannelFunction.NO_FEATURE;
    private static final Pattern WORDS = Pattern
        .compile("(?i)\\s*(?:no|none|nothing|no func.*|no feat.*|no effect|reserved|unused|not used|off)\\s*");

    private NoFunction() {}

    /** {@return whether words mean that nothing happens, and nothing else} */
    public static boolean isMeant(String words) {
        return WORDS.matcher(words).matches();
    }
}
