/** What the Book teaches. Entry class: {@link app.geminal.server.evidence.EvidenceController}. */
@NullMarked
package app.geminal.server.evidence;

import org.jspecify.annotations.NullMarked;
