package yellowkite.core.library;

import java.net.URI;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What a house knows of a manufacturer.
 *
 * @param shortName may be empty, as may website and contact
 * @param rdmId manufacturer id of ANSI E1.20, in [1, 0xFFFF]; null = unknown
 * @param website an address that begins with http:// or https://
 */
public record ManufacturerFacts(String shortName, @Nullable Integer rdmId, String website, String contact) {
    public static final ManufacturerFacts NONE = new ManufacturerFacts("", null, "", "");
    private static final int MOST_ID = 0xFFFF;

    /** @param field which component does not fit. @param reason one sentence */
    public record Unfit(String field, String reason) {}

    /** {@return what of it cannot be; none if all can} */
    public Optional<Unfit> unfit() {
        if (shortName.length() > 40 || isBroken(shortName)) {
            return Optional.of(new Unfit("shortName", "A short name is one line of at most 40 letters."));
        }
        if (rdmId != null && (rdmId < 1 || rdmId > MOST_ID)) {
            return Optional.of(new Unfit("rdmId", "An RDM manufacturer id lies from 0001 to FFFF."));
        }
        if (!website.isEmpty() && !isWebsite(website)) {
            return Optional
                .of(new Unfit("website", "A website begins with http:// or https:// and names a host, such as https://tidewick.example."));
        }
        return contact.length() > 500 || isBroken(contact.replace("\n", ""))
                ? Optional.of(new Unfit("contact", "A contact has at most 500 letters."))
                : Optional.empty();
    }

    private static boolean isBroken(String text) {
        return text.codePoints().anyMatch(Character::isISOControl);
    }

    /** What is shown as a link leads to the web and nowhere else. */
    private static boolean isWebsite(String text) {
        try {
            var address = URI.create(text);
            return text.length() <= 300 && address.getHost() != null
                    && ("http".equals(address.getScheme()) || "https".equals(address.getScheme()));
        } catch (IllegalArgumentException none) {
            return false;
        }
    }
}
