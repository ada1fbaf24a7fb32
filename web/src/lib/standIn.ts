import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { createElement, type ReactNode } from 'react';
import { vi } from 'vitest';

/** A request a page has sent. */
export interface Sent {
  readonly method: string;
  readonly path: string;
  readonly body: unknown;
  readonly headers: Readonly<Record<string, string>>;
  /** Calls it off. */
  readonly signal: AbortSignal | null;
}

/** What was asked and no test has said how to answer; looked at after each test. */
export const unanswered: string[] = [];

type Answer = (sent: Sent) => Response | Promise<Response>;

/** An answer as the server words a refusal. */
export const refusal = (status: number, detail: string, where = '', remedy = '') =>
  Response.json({ title: 'Refused', detail, where, remedy }, { status });

/**
 * Stands in for the server in tests: answers by method and path without its query, keeps what was sent. What
 * nobody has said how to answer is a fault of the test.
 */
export function standIn(answers: Record<string, unknown>) {
  const sent: Sent[] = [];
  const known = new Map(Object.entries(answers));
  vi.stubGlobal('fetch', (path: string, init: RequestInit = {}) => {
    const method = init.method ?? 'GET';
    const text = typeof init.body === 'string' ? init.body : '';
    const headers = (init.headers ?? {}) as Record<string, string>;
    const json = headers['Content-Type'] === 'application/json' && text !== '';
    const one: Sent = {
      method,
      path,
      body: json ? (JSON.parse(text) as unknown) : init.body,
      headers,
      signal: init.signal ?? null,
    };
    sent.push(one);
    const answer = known.get(`${method} ${path.replace(/\?.*/, '')}`);
    if (answer === undefined) {
      unanswered.push(`${method} ${path}`);
      throw new TypeError('no answer');
    }
    return typeof answer === 'function' ? (answer as Answer)(one) : Promise.resolve(Response.json(answer));
  });
  return {
    sent,
    /** Answers in another way from now on. */
    answers: (to: string, answer: unknown) => known.set(to, answer),
    /** What was sent to change something, in order. */
    changes: () => sent.filter((s) => s.method !== 'GET'),
  };
}

/** The queries of a page around a part of it, with no second tries. */
export function within(children: ReactNode, client = new QueryClient(quiet)) {
  return createElement(QueryClientProvider, { client }, children);
}

export const quiet = { defaultOptions: { queries: { retry: false }, mutations: { retry: false } } };
