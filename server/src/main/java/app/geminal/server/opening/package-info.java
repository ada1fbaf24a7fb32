/**
 * Before a shop opens: one process takes it, a broken-off upgrade and a later release are
 * recognised, and what is there is backed up before its tables change.
 */
@NullMarked
package app.geminal.server.opening;

import org.jspecify.annotations.NullMarked;
