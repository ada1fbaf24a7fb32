import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { createElement, type ReactNode } from 'react';
import { vi } from 'vitest';

/** A request a page has sent. */
export interface Sent {
  readonly method: string;
  readonly path: string;
  readonly body: unknown;
  /** By their names in small letters. */
  readonly headers: Readonly<Record<string, string>>;
  /** Calls it off. */
  readonly signal: AbortSignal;
}

/** What was asked and no test has said how to answer; looked at after each test. */
export const unanswered: string[] = [];

type Answer = (sent: Sent) => Response | Promise<Response>;

/** An answer as the server words a refusal. */
export const refusal = (status: number, detail: string, where = '', remedy = '') =>
  Response.json({ title: 'Refused', detail, where, remedy }, { status });

const pathOf = ({ url }: Request) => url.replace(/^https?:\/\/[^/]*/, '');

/**
 * Replaces the server in tests: answers by method and path without its query, keeps what was sent. What
 * no one has said how to answer is a fault of the test.
 */
export function standIn(answers: Record<string, unknown>) {
  const sent: Sent[] = [];
  const known = new Map(Object.entries(answers));
  vi.stubGlobal('fetch', async (request: Request) => {
    const { method, signal } = request;
    const path = pathOf(request);
    const text = await request.text();
    const headers = Object.fromEntries(request.headers);
    const json = headers['content-type'] === 'application/json' && text !== '';
    const one: Sent = { method, path, body: json ? (JSON.parse(text) as unknown) : text, headers, signal };
    sent.push(one);
    const answer = known.get(`${method} ${path.replace(/\?.*/, '')}`);
    if (answer === undefined) {
      unanswered.push(`${method} ${path}`);
      throw new TypeError('no answer');
    }
    return typeof answer === 'function' ? (answer as Answer)(one) : Response.json(answer);
  });
  return {
    sent,
    /** Answers in another way from now on. */
    answers: (to: string, answer: unknown) => known.set(to, answer),
    /** What was sent to change something, in order. */
    changes: () => sent.filter((s) => s.method !== 'GET'),
  };
}

/** A stand-in that receives each request by its path and body. */
export const answeredBy =
  (answer: (path: string, init: RequestInit & { readonly body: string }) => Promise<Response>) =>
  async (request: Request): Promise<Response> =>
    answer(pathOf(request), {
      method: request.method,
      headers: Object.fromEntries(request.headers),
      body: await request.text(),
      signal: request.signal,
    });

/** The queries of a page around a part of it, with no second tries. */
export function within(children: ReactNode, client = new QueryClient(quiet)) {
  return createElement(QueryClientProvider, { client }, children);
}

export const quiet = { defaultOptions: { queries: { retry: false }, mutations: { retry: false } } };
