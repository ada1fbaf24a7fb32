package app.geminal.server.device;

import app.geminal.server.account.Accounts;
import app.geminal.server.account.SignInLengths;
import app.geminal.server.account.SignIns;
import app.geminal.validation.InvalidValue;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.stereotype.Component;

/** Signs a device in for the person whose code it was given, as their password would. */
@Component
class DeviceSignIn {
  private final SecurityContextRepository contexts = new HttpSessionSecurityContextRepository();
  private final Accounts accounts;
  private final SignIns signIns;
  private final SignInLengths lengths;
  private final CsrfTokenRepository csrfTokens;

  DeviceSignIn(
      Accounts accounts, SignIns signIns, SignInLengths lengths, CsrfTokenRepository csrfTokens) {
    this.accounts = accounts;
    this.signIns = signIns;
    this.lengths = lengths;
    this.csrfTokens = csrfTokens;
  }

  /**
   * Signs in; the person who was signed in on this device is signed out.
   *
   * @throws InvalidValue when the person may not sign in any more
   */
  void signIn(DeviceCodes.Code code, HttpServletRequest request, HttpServletResponse response) {
    UserDetails person = accounts.loadUserByUsername(code.login());
    if (!person.isEnabled()) {
      throw new InvalidValue("code", DeviceText.CODE_IS_NOT_VALID.with());
    }
    HttpSession before = request.getSession(false);
    if (before != null) {
      signIns.ended(before.getId());
      before.invalidate();
    }
    HttpSession session = request.getSession();
    session.setAttribute(SignIns.DEVICE, code.device());
    session.setMaxInactiveInterval(Math.toIntExact(lengths.of(code.login()).toSeconds()));
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(
        UsernamePasswordAuthenticationToken.authenticated(person, null, person.getAuthorities()));
    contexts.saveContext(context, request, response);
    csrfTokens.saveToken(null, request, response);
  }
}
