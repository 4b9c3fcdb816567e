package yellowkite.server.library;

import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import yellowkite.server.database.Transactions;
import yellowkite.server.library.TagRepository.Tags;
import yellowkite.server.web.Line;
import yellowkite.server.web.Refusal;

/** The page of a profile: all that is known of it, to read; and what it is found by beside its name. */
@RestController
class ProfileController {
    private static final int LONGEST = 300;
    private final ProfilePages pages;
    private final ProfileRepository profiles;
    private final TagRepository tags;
    private final Transactions transactions;

    ProfileController(ProfilePages pages, ProfileRepository profiles, TagRepository tags, Transactions transactions) {
        this.pages = pages;
        this.profiles = profiles;
        this.tags = tags;
        this.transactions = transactions;
    }

    /** 200 with a profile as a revision has it; 404 if there is none. @param revision null = the newest */
    @GetMapping("/api/profiles/{profileId}")
    ProfilePages.ProfileView page(@PathVariable String profileId, @RequestParam(required = false) @Nullable Integer revision) {
        return pages.of(profileId, revision);
    }

    record TagsRequest(int version, String tags, String otherNames) {
        TagsRequest {
            Objects.requireNonNull(tags, "tags");
            Objects.requireNonNull(otherNames, "otherNames");
        }
    }

    /**
     * 200 with tags and other names as they are now; 409 if someone else has changed them since that version; 422 with the {@code field}
     * that does not fit.
     */
    @PutMapping("/api/profiles/{profileId}/tags")
    Tags tag(@PathVariable String profileId, @RequestBody TagsRequest request) {
        if (profiles.findById(profileId).isEmpty()) {
            throw Refusal.notFound("This profile is not in the library.");
        }
        var seen = new Tags(request.version(), Line.of("tags", request.tags(), LONGEST),
                Line.of("otherNames", request.otherNames(), LONGEST));
        if (!transactions.run(() -> tags.putTags(profileId, seen))) {
            throw Refusal.stale("Someone has changed tags or other names meanwhile. Yours were not saved; look at theirs and try again.",
                    Map.of());
        }
        return tags.tags(profileId);
    }
}
