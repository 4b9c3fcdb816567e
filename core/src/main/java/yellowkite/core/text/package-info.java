/** How the core writes what people read: {@link yellowkite.core.text.Figures} is the one way that a number becomes text. */
@NullMarked
package yellowkite.core.text;

import org.jspecify.annotations.NullMarked;
