/** Who may sign in, and how. Entry class: {@link app.geminal.server.account.AccountController}. */
@NullMarked
package app.geminal.server.account;

import org.jspecify.annotations.NullMarked;
