/**
 * The demo house, The Marigold: invented manufacturers and fixtures, written as source. {@link yellowkite.demo.DemoHouse} lists them,
 * {@link yellowkite.demo.Samples} writes them as files to try imports with.
 */
@NullMarked
package yellowkite.demo;

import org.jspecify.annotations.NullMarked;
