/** What RDM says of a fixture, against what a profile says. */
@NullMarked
package yellowkite.core.bench.rdm;

import org.jspecify.annotations.NullMarked;
