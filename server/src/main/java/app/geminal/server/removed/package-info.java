/** What was taken off the Rack, off the shelf or out of the Book, and how it comes back. */
@NullMarked
package app.geminal.server.removed;

import org.jspecify.annotations.NullMarked;
