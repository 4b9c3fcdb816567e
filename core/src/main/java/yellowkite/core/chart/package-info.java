/**
 * What a manufacturer's chart says. {@link yellowkite.core.chart.ChartReader} reads one that came as a file: {@code source} has its lines,
 * {@code layout} its columns, {@code meaning} its words, {@code proposal} what comes of it; {@link yellowkite.core.chart.ChartProfile}
 * makes a profile of that. What is typed or pasted in the editor goes through {@link yellowkite.core.chart.ChartWords} and
 * {@link yellowkite.core.chart.ChannelTable}.
 */
@NullMarked
package yellowkite.core.chart;

import org.jspecify.annotations.NullMarked;
