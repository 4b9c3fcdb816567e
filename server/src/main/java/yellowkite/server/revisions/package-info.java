/** What never changes: revisions, their files and pictures. */
@NullMarked
package yellowkite.server.revisions;

import org.jspecify.annotations.NullMarked;
