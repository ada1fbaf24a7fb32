import * as texts from 'texts/lib/http';
import createClient from 'openapi-fetch';
import type { Written } from './api';
import { person } from './person';
import { store, stored } from './stored';
import type { paths } from './schema';
import { noteSignedOut, signedInAgain } from './signedOut';

/** A problem as the server says it (RFC 9457): what, where in the request, and how to correct it. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly detail: string,
    readonly where: string,
    readonly remedy: string,
    readonly more: Readonly<Record<string, unknown>> = {},
  ) {
    super(detail);
  }

  /** Whatever was thrown, as a problem: what is none came of no answer. */
  static from(thrown: unknown): Problem {
    return thrown instanceof Problem ? thrown : Problem.offline();
  }

  /** From the document that says it. */
  static of(document: Readonly<Record<string, unknown>>): Problem {
    const text = (value: unknown, otherwise: string) => (typeof value === 'string' ? value : otherwise);
    return new Problem(
      typeof document['status'] === 'number' ? document['status'] : 0,
      text(document['title'], texts.refused),
      measured(document) ?? text(document['detail'], texts.noReason),
      text(document['where'], ''),
      text(document['remedy'], ''),
      document,
    );
  }

  /** No one answered. */
  static offline(): Problem {
    return new Problem(0, texts.noConnection, texts.noAnswer, '', texts.checkItRuns);
  }
}

/** A detail with its figures marked, as all sentences of the core are, for a reader's own units. */
function measured({ words, figures }: Readonly<Record<string, unknown>>): string | null {
  if (typeof words !== 'string' || !Array.isArray(figures)) return null;
  return (figures as { unit: string; value: number }[]).reduce(
    (said, { unit, value }, i) => said.replace(`{${i}}`, `[[${unit} ${value}]]`),
    words,
  );
}

const TOKEN_COOKIE = 'geminal.token';
let tokenCookie: string | null = null;

/**
 * Two shops of one machine share a browser's cookies; each names its own. The name is kept, for a page that
 * opens while the shop does not answer and has entries to send when it does.
 */
export function setTokenCookie(name: string) {
  tokenCookie = name;
  store(TOKEN_COOKIE, name);
}

/** What shows that a change comes from this page. */
function token(): string {
  const kept = tokenCookie ?? stored(TOKEN_COOKIE);
  const name = typeof kept === 'string' ? kept : 'XSRF-TOKEN';
  const cookie = document.cookie.split('; ').find((c) => c.startsWith(`${name}=`));
  return cookie ? decodeURIComponent(cookie.slice(name.length + 1)) : '';
}

async function problemOf(response: Response): Promise<Problem> {
  try {
    const document = (await response.json()) as Record<string, unknown>;
    return Problem.of({ title: response.statusText, ...document, status: response.status });
  } catch {
    return new Problem(response.status, response.statusText, texts.noReason, '', texts.tryAgain);
  }
}

/** Whether a request waits where the sign-in has ended, or is reported at once. */
type WhenSignedOut = 'wait' | 'tell';

async function send(request: Request, when: WhenSignedOut): Promise<Response> {
  // What is sent can be read once only, and may have to be sent again.
  const again = request.clone();
  // The token is another one after signing in again.
  if (request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', token());
  let response: Response;
  try {
    response = await fetch(request);
  } catch {
    throw Problem.offline();
  }
  if (response.ok) return response;
  // Where no one was signed in on this page there is nothing to go on with.
  if (response.status === 401 && !request.url.endsWith(SIGN_IN) && person() !== null) {
    if (when === 'tell') noteSignedOut();
    else if (await signedInAgain()) return send(again, when);
  }
  throw await problemOf(response);
}

const SIGN_IN = '/api/v1/sign-in';

const client = (when: WhenSignedOut) =>
  createClient<paths>({
    baseUrl: typeof location === 'undefined' ? '' : location.origin,
    fetch: (request) => send(request, when),
  });

/** The shop over HTTP, as docs/openapi.json describes it; a refusal is thrown as a Problem. */
export const api = client('wait');

/** The same for what continues by itself: where the sign-in has ended it is reported at once. */
export const apiAtOnce = client('tell');

/** What was answered; undefined where nothing is. */
export const answered = async <T>(answer: Promise<{ data?: T }>): Promise<Written<T>> =>
  (await answer).data as Written<T>;

/** A page of a list, and where the next begins, as its header Link names it; null where there is none. */
export async function onePage<T>(
  asked: Promise<{ data?: readonly T[]; response: Response }>,
): Promise<{ readonly items: readonly Written<T>[]; readonly next: string | null }> {
  const { data = [], response } = await asked;
  const next = /[?&]after=([^&>]+)/.exec(response.headers.get('Link') ?? '')?.[1] ?? null;
  return { items: data as readonly Written<T>[], next };
}

/** A list that comes a page at a time, whole. */
export async function everyPage<T>(
  ask: (query: { after?: string }) => Promise<{ data?: readonly T[]; response: Response }>,
): Promise<readonly Written<T>[]> {
  const all: Written<T>[] = [];
  let next: string | null = null;
  do {
    const page: { readonly items: readonly Written<T>[]; readonly next: string | null } = await onePage(
      ask(next === null ? {} : { after: next }),
    );
    all.push(...page.items);
    next = page.next;
  } while (next !== null);
  return all;
}

/** A request that is sent twice, because no answer was heard, is done once. */
export const once = (requestId: string) => ({ 'Request-Id': requestId });

/** For what is sent as it is, text or a file. */
export const asItIs = (type: string, more: Readonly<Record<string, string>> = {}) => ({
  headers: { 'Content-Type': type, ...more },
  bodySerializer: (body: string) => body,
});

/** Sends a form, for signing in. */
export async function signInBy(fields: { readonly login: string; readonly password: string }): Promise<void> {
  await api.POST(SIGN_IN, {
    body: fields,
    headers: { 'Content-Type': 'application/x-www-form-urlencoded' },
  });
}

/** Reads an answer that comes as one JSON object a line, each as it arrives; an empty line says that more comes. */
export async function eachLine(
  asked: Promise<{ data?: ReadableStream<Uint8Array<ArrayBuffer>> | null }>,
  onLine: (line: unknown) => void,
  onHeard?: () => void,
): Promise<void> {
  const reader = (await asked).data?.pipeThrough(new TextDecoderStream()).getReader();
  let rest = '';
  for (;;) {
    const part = await reader?.read();
    if (!part || part.done) return;
    onHeard?.();
    const lines = (rest + part.value).split('\n');
    rest = lines.pop() ?? '';
    lines.filter((l) => l !== '').forEach((l) => onLine(JSON.parse(l)));
  }
}
