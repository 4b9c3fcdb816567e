package yellowkite.server.web;

import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import yellowkite.core.text.TypedText;

/**
 * Who is working: a name that the browser keeps and sends with whatever changes something. It is no proof of anything; what keeps foreign
 * pages out is {@link Doorkeeper}.
 */
public record Author(String name) {
    public static final String HEADER = "Kite-Author";
    private static final int MAX_LENGTH = 100;

    /** @throws Refusal if there is no name, or it is longer than a name can be */
    public static Author of(String header) {
        String name;
        try {
            name = URLDecoder.decode(header, StandardCharsets.UTF_8).strip();
        } catch (IllegalArgumentException notEncoded) {
            name = "";
        }
        if (name.isEmpty()) {
            throw Refusal.unfit("author", "Say who is working first: every change carries a name.");
        }
        if (name.length() > MAX_LENGTH || name.codePoints().anyMatch(TypedText::isUnseen)) {
            throw Refusal.unfit("author", "A name has at most " + MAX_LENGTH + " letters and no control characters.");
        }
        return new Author(name);
    }
}
