/**
 * What differs between two profiles, in the terms of those who have programmed a show with one of them.
 * {@link yellowkite.core.compare.Comparison} finds every {@link yellowkite.core.compare.Difference}; its
 * {@link yellowkite.core.compare.Rank} says what it does to that show. {@code ...Diff} each look at one level, from the profile down to the
 * named range; {@link yellowkite.core.compare.Pairs} decides what is compared with what.
 */
@NullMarked
package yellowkite.core.compare;

import org.jspecify.annotations.NullMarked;
