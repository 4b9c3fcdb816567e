/**
 * What RDM says of a fixture, against what a profile says. {@link yellowkite.core.bench.rdm.DeviceMatch} finds profile and mode,
 * {@link yellowkite.core.bench.rdm.DeviceDifference} what differs, with the cure on either side.
 */
@NullMarked
package yellowkite.core.bench.rdm;

import org.jspecify.annotations.NullMarked;
