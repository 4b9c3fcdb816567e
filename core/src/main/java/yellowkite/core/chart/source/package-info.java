/** Where a chart comes from: text, tables and pages, each as lines of cells that remember their place. */
@NullMarked
package yellowkite.core.chart.source;

import org.jspecify.annotations.NullMarked;
