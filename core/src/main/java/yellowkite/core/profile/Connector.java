package yellowkite.core.profile;

import yellowkite.core.xml.Source;
/**
 * A socket or plug on the fixture: GDTF {@code Connector}.
 *
 * @param dmxBreak break that it feeds; 0 = none
 * @param gender -1 female, 0 universal, 1 male
 * @param length of its cable in metres
 */
public record Connector(String name, String type, int dmxBreak, int gender, double length, Source source) {}
