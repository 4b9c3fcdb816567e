/**
 * Manufacturers' charts while they are read into a profile: kept with what people said of them, corrected, applied to the profile's draft.
 */
@NullMarked
package yellowkite.server.charts;

import org.jspecify.annotations.NullMarked;
