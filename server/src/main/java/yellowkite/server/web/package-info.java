/** What all answers share: problems in words, JSON of edits, the page itself. */
@NullMarked
package yellowkite.server.web;

import org.jspecify.annotations.NullMarked;
