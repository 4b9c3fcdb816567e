/**
 * Units of somebody else's file on their way into a rig: what each kind of fixture was asked for as, what was found for it, and what is
 * decided for the whole kind ({@link Taking}).
 */
@NullMarked
package yellowkite.core.rig.taking;

import org.jspecify.annotations.NullMarked;
