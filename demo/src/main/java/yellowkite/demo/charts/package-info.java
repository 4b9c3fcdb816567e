/**
 * Charts of invented fixtures in the layouts that charts come in, with the truth beside each: what the reading of charts is measured by.
 */
@NullMarked
package yellowkite.demo.charts;

import org.jspecify.annotations.NullMarked;
