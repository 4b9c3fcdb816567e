/** What a chart seems to say, before anybody accepted it. */
@NullMarked
package yellowkite.core.chart.proposal;

import org.jspecify.annotations.NullMarked;
