/** What was done. Entry class: {@link app.geminal.server.book.BookService}. */
@NullMarked
package app.geminal.server.book;

import org.jspecify.annotations.NullMarked;
