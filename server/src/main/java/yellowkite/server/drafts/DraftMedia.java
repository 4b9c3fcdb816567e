package yellowkite.server.drafts;

import java.util.Map;
import yellowkite.core.gdtf.Media;

/**
 * The pictures and models that a draft's file holds.
 *
 * @param contents path to content's hash
 */
record DraftMedia(Map<String, String> contents, Media facts) {
    static final DraftMedia NONE = new DraftMedia(Map.of(), Media.NONE);
}
