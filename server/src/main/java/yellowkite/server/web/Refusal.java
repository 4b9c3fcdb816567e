package yellowkite.server.web;

import java.util.Map;
import org.springframework.http.HttpStatus;

/** A request that is answered with a problem: a status, one sentence for the technician, and facts for the page. */
public final class Refusal extends RuntimeException {
    private final HttpStatus status;
    private final transient Map<String, Object> facts;

    private Refusal(HttpStatus status, String sentence, Map<String, Object> facts) {
        super(sentence);
        this.status = status;
        this.facts = facts;
    }

    public static Refusal notFound(String sentence) {
        return new Refusal(HttpStatus.NOT_FOUND, sentence, Map.of());
    }

    public static Refusal stale(String sentence, Map<String, Object> facts) {
        return new Refusal(HttpStatus.CONFLICT, sentence, facts);
    }

    /** @param field which part of the request does not fit */
    public static Refusal unfit(String field, String sentence) {
        return new Refusal(HttpStatus.UNPROCESSABLE_CONTENT, sentence, Map.of("field", field));
    }

    HttpStatus status() {
        return status;
    }

    Map<String, Object> facts() {
        return facts;
    }
}
