/** What this browser has under a key, null where it has nothing or something that cannot be read. */
export function stored(key: string): unknown {
  try {
    return JSON.parse(localStorage.getItem(key) ?? 'null');
  } catch {
    return null;
  }
}

export const store = (key: string, value: unknown) => localStorage.setItem(key, JSON.stringify(value));
