import { render, screen, waitFor } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { useAwake } from './useAwake';

function Screen() {
  return <p>{useAwake() ? 'may go dark' : 'stays on'}</p>;
}

function browser(request: (() => Promise<{ release: () => Promise<void> }>) | null) {
  Object.defineProperty(navigator, 'wakeLock', {
    configurable: true,
    value: request ? { request } : undefined,
  });
}

afterEach(() => {
  Reflect.deleteProperty(navigator, 'wakeLock');
});

describe('the screen of a session', () => {
  it('is kept on, asked for again when the page is seen again, and let go at the end', async () => {
    const release = vi.fn(() => Promise.resolve());
    const request = vi.fn(() => Promise.resolve({ release }));
    browser(request);
    const page = render(<Screen />);
    await waitFor(() => expect(request).toHaveBeenCalledTimes(1));
    document.dispatchEvent(new Event('visibilitychange'));
    await waitFor(() => expect(request).toHaveBeenCalledTimes(2));
    expect(screen.getByText('stays on')).toBeVisible();
    page.unmount();
    expect(release).toHaveBeenCalled();
  });

  it('may go dark where the browser refuses, and the smith is informed', async () => {
    browser(() => Promise.reject(new DOMException('battery', 'NotAllowedError')));
    render(<Screen />);
    expect(await screen.findByText('may go dark')).toBeVisible();
  });

  it('may go dark where the browser knows nothing of it', async () => {
    browser(null);
    render(<Screen />);
    expect(await screen.findByText('may go dark')).toBeVisible();
  });
});
