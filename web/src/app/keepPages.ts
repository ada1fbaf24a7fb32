const AGAIN_MS = 10_000;

/**
 * Has the page keeper installed. An install that breaks off, on a line that is not always there, is tried again from
 * here: otherwise it would wait for the next visit, which may be the one without a line.
 */
export async function keepPages(): Promise<void> {
  const again = () => void setTimeout(() => void keepPages(), AGAIN_MS);
  try {
    const { installing } = await navigator.serviceWorker.register('/keeper.js');
    installing?.addEventListener('statechange', () => installing.state === 'redundant' && again());
  } catch {
    again();
  }
}
