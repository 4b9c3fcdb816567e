/**
 * The body at a probe: which way its axes are turned, where light leaves it and what it meets. Read {@link yellowkite.core.pose.Pose}
 * first, then {@link yellowkite.core.pose.Shine} (one beam), {@link yellowkite.core.pose.Throw} (how wide and how bright), and
 * {@link yellowkite.core.pose.Forward} (which way is forward, and what is wrong where it is not).
 */
@NullMarked
package yellowkite.core.pose;

import org.jspecify.annotations.NullMarked;
