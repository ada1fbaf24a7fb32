package app.geminal.server.account;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * Who may do this, at least. Where nothing is said, reading is for everyone who is signed in and
 * everything else for a {@link Rank#SMITH}.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface RequiredRank {
  /** The least of them. */
  Rank value();

  /** Whether only a person may who has signed in with a password, and no script. */
  boolean inPerson() default false;
}
