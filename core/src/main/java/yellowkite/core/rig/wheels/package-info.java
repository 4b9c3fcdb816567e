/**
 * What a production puts into the wheels and strings of its fixtures: read from a sheet ({@link WheelSheet}), and laid out against the
 * profiles of its rig ({@link WheelPlan}) before anything is made of it.
 */
@NullMarked
package yellowkite.core.rig.wheels;

import org.jspecify.annotations.NullMarked;
