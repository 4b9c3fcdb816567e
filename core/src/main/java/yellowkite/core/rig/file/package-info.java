/**
 * Rigs as files: {@link yellowkite.core.rig.file.RigJson} is our own form, which keeps everything, also what it does not know;
 * {@link yellowkite.core.rig.file.RigTable} reads and writes patch sheets, whoever made them.
 */
@NullMarked
package yellowkite.core.rig.file;

import org.jspecify.annotations.NullMarked;
