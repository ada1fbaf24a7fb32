package app.geminal.server.opening;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** Says on the console why a shop is not opened, without a stack of calls. */
class NotOpenedAnalyzer extends AbstractFailureAnalyzer<NotOpened> {

  @Override
  protected FailureAnalysis analyze(Throwable whole, NotOpened why) {
    return new FailureAnalysis(why.getMessage(), why.remedy(), why);
  }
}
