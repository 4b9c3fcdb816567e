package yellowkite.server.drafts;

import java.util.Map;
import java.util.Set;
import yellowkite.core.gdtf.Media;

/**
 * The pictures and models that a draft's file holds.
 *
 * @param contents path to content's hash
 */
record DraftMedia(Map<String, String> contents, Media facts) {
    static final DraftMedia NONE = new DraftMedia(Map.of(), new Media(Set.of(), Map.of(), Set.of()));
}
