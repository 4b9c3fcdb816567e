/**
 * What the house keeps beside a profile: how it is stored ({@link yellowkite.core.house.StoredHouse}) and what an export leaves behind
 * ({@link yellowkite.core.house.LeftBehind}).
 */
@NullMarked
package yellowkite.core.house;

import org.jspecify.annotations.NullMarked;
