package app.geminal.server.account;

import app.geminal.server.turn.Turns;
import jakarta.annotation.PreDestroy;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Works requests through on threads of the operating system, each person's share at once. A
 * request's own thread is a virtual one: those wait for as little as one can have, which suits
 * streams, but two that compute would keep the processors from all others.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 4)
class WorkFilter extends OncePerRequestFilter {
  private final RequestShares shares;
  private final ExecutorService workers =
      Executors.newCachedThreadPool(Thread.ofPlatform().daemon().name("worker-", 1).factory());

  WorkFilter(RequestShares shares) {
    this.shares = shares;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    if (request.getRequestURI().endsWith("/stream")) {
      try (Turns.Turn _ = shares.stream(request)) {
        chain.doFilter(request, response);
      }
      return;
    }
    try (Turns.Turn _ = shares.request(request)) {
      await(
          workers.submit(() -> {
            chain.doFilter(request, response);
            return true;
          }));
    }
  }

  private static void await(Future<?> work) throws ServletException, IOException {
    boolean interrupted = false;
    try {
      while (true) {
        try {
          work.get();
          return;
        } catch (InterruptedException e) {
          // The answer is being written on the other thread; it must have ended before this one
          // does.
          interrupted = true;
        } catch (ExecutionException e) {
          switch (e.getCause()) {
            case IOException io -> throw io;
            case ServletException servlet -> throw servlet;
            case RuntimeException fault -> throw fault;
            case Error error -> throw error;
            case null, default -> throw new ServletException(e.getCause());
          }
        }
      }
    } finally {
      if (interrupted) {
        Thread.currentThread().interrupt();
      }
    }
  }

  @PreDestroy
  void close() {
    workers.shutdown();
  }
}
