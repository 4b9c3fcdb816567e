/** Charts out of files: pages and sheets are opened under limits and handed to the core as lines of cells. */
@NullMarked
package yellowkite.media.chart;

import org.jspecify.annotations.NullMarked;
