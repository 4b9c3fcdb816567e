package yellowkite.core.profile;

import yellowkite.core.xml.Source;
/**
 * One channel acting on another: GDTF {@code Relation}.
 *
 * @param master link to a channel
 * @param follower link to a channel function
 */
public record Relation(String name, String master, String follower, Type type, Source source) {

    /** How the master acts. Source: GDTF {@code Relation/@Type}. */
    public enum Type {
        MULTIPLY, OVERRIDE
    }

    public Relation withLinks(String toMaster, String toFollower) {
        return toMaster.equals(master) && toFollower.equals(follower) ? this
                : new Relation(name, toMaster, toFollower, type, source);
    }
}
