/** Records of other shops. Entry class: {@link app.geminal.server.pooling.PooledRecords}. */
@NullMarked
package app.geminal.server.pooling;

import org.jspecify.annotations.NullMarked;
