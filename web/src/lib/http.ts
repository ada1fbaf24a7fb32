import { person } from './person';
import { noteSignedOut, signedInAgain } from './signedOut';

/** A problem as the server tells it (RFC 9457): what, where in the request, and how to mend it. */
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

  /** From the document that tells it. */
  static of(document: Readonly<Record<string, unknown>>): Problem {
    const text = (value: unknown, otherwise: string) => (typeof value === 'string' ? value : otherwise);
    return new Problem(
      typeof document['status'] === 'number' ? document['status'] : 0,
      text(document['title'], 'Refused'),
      text(document['detail'], 'The server gave no reason.'),
      text(document['where'], ''),
      text(document['remedy'], ''),
      document,
    );
  }

  /** Nobody answered. */
  static offline(): Problem {
    return new Problem(
      0,
      'No connection',
      'The shop does not answer.',
      '',
      'Check that it is running; what you typed is still here.',
    );
  }
}

/** What shows that a change comes from this page. */
function token(): Record<string, string> {
  const cookie = document.cookie.split('; ').find((c) => c.startsWith('XSRF-TOKEN='));
  return { 'X-XSRF-TOKEN': cookie ? decodeURIComponent(cookie.slice('XSRF-TOKEN='.length)) : '' };
}

async function problemOf(response: Response): Promise<Problem> {
  try {
    const document = (await response.json()) as Record<string, unknown>;
    return Problem.of({ title: response.statusText, ...document, status: response.status });
  } catch {
    return new Problem(response.status, response.statusText, 'The server gave no reason.', '', 'Try again.');
  }
}

const changes = ({ method }: Ask) => method === 'POST' || method === 'PUT';

interface Ask extends RequestInit {
  readonly headers?: Record<string, string>;
}

/** Whether an ask waits where the sign-in has ended, or is told at once. */
type WhenSignedOut = 'wait' | 'tell';

async function send(path: string, init: Ask, when: WhenSignedOut = 'wait'): Promise<Response> {
  let response: Response;
  try {
    response = await fetch(path, {
      ...init,
      // The token is another one after signing in again.
      headers: { ...init.headers, ...(changes(init) ? token() : {}) },
      credentials: 'same-origin',
    });
  } catch {
    throw Problem.offline();
  }
  if (response.ok) return response;
  // Where nobody was signed in on this page there is nothing to go on with.
  if (response.status === 401 && path !== '/api/v1/sign-in' && person() !== null) {
    if (when === 'tell') noteSignedOut();
    else if (await signedInAgain()) return send(path, init);
  }
  throw await problemOf(response);
}

/** Reads a resource. */
export async function get<T>(path: string): Promise<T> {
  return (await (await send(path, {})).json()) as T;
}

/**
 * Sends JSON and reads the answer; undefined where there is none. With an id of its own a request that is sent
 * twice, because no answer was heard, is done once.
 */
export async function change<T = undefined>(
  method: 'POST' | 'PUT',
  path: string,
  body?: unknown,
  requestId?: string,
  when: WhenSignedOut = 'wait',
): Promise<T> {
  const init = {
    method,
    headers: {
      'Content-Type': 'application/json',
      ...(requestId ? { 'Request-Id': requestId } : {}),
    },
    body: body === undefined ? null : typeof body === 'string' ? body : JSON.stringify(body),
  };
  const response = await send(path, init, when);
  const text = await response.text();
  return (text === '' ? undefined : JSON.parse(text)) as T;
}

/** Sends text of some type and reads the answer. */
export async function sendText<T>(path: string, type: string, body: string): Promise<T> {
  const response = await send(path, {
    method: 'POST',
    headers: { 'Content-Type': type },
    body,
  });
  return (await response.json()) as T;
}

/** Sends a file as it is and reads the answer. */
export async function sendFile<T>(path: string, file: File): Promise<T> {
  const response = await send(path, {
    method: 'POST',
    headers: { 'Content-Type': file.type },
    body: file,
  });
  return (await response.json()) as T;
}

/** Sends a form, for signing in. */
export async function postForm(path: string, fields: Record<string, string>): Promise<void> {
  await send(path, {
    method: 'POST',
    body: new URLSearchParams(fields),
  });
}

/** Sends JSON and hands the answer over as it comes; called off by the signal. */
export const post = (path: string, body: unknown, signal: AbortSignal | null = null): Promise<Response> =>
  send(path, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
    signal,
  });

/**
 * Sends JSON and reads an answer that comes as one JSON object a line, each as it arrives. Called off, it
 * ends without a word.
 */
export const readLines = async (
  path: string,
  body: unknown,
  signal: AbortSignal,
  onLine: (line: unknown) => void,
): Promise<void> => eachLine(await post(path, body, signal), onLine);

/** Reads a resource that goes on telling, one JSON object a line; an empty line says that it still does. */
export async function listen(
  path: string,
  signal: AbortSignal,
  onLine: (line: unknown) => void,
  onHeard: () => void,
): Promise<void> {
  await eachLine(await send(path, { signal }, 'tell'), onLine, onHeard);
}

async function eachLine(response: Response, onLine: (line: unknown) => void, onHeard?: () => void) {
  const reader = response.body?.pipeThrough(new TextDecoderStream()).getReader();
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
