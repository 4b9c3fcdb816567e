/** What a person says of a chart where its words did not suffice, as data, and how it changes the reading. */
@NullMarked
package yellowkite.core.chart.correct;

import org.jspecify.annotations.NullMarked;
