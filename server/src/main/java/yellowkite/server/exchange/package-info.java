/** What comes from other programs as whole scenes: kept while it is looked at, decided kind by kind, and made a rig. */
@NullMarked
package yellowkite.server.exchange;

import org.jspecify.annotations.NullMarked;
