/** A random UUID, also where the page did not come over a safe line. */
export function uuid(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  const marked = bytes.map((b, i) => (i === 6 ? (b & 0x0f) | 0x40 : i === 8 ? (b & 0x3f) | 0x80 : b));
  const hex = [...marked].map((b) => b.toString(16).padStart(2, '0')).join('');
  return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join('-');
}
