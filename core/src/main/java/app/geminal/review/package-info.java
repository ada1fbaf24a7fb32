/**
 * What the log of a session shows afterwards. Entry class: {@link
 * app.geminal.review.SessionReview}.
 */
@NullMarked
package app.geminal.review;

import org.jspecify.annotations.NullMarked;
