/** The database below the server: a MariaDB of our own on loopback, and transactions. */
@NullMarked
package yellowkite.server.database;

import org.jspecify.annotations.NullMarked;
