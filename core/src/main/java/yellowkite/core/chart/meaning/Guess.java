package yellowkite.core.chart.meaning;

import org.jspecify.annotations.Nullable;

/**
 * What a channel's words seem to be. @param attribute as the standard calls it; null if they fit nothing. @param sure in [0, 1]. @param why
 * one sentence
 */
record Guess(@Nullable String attribute, double sure, String why) {}
