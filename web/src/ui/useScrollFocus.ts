import { useCallback } from 'react';

/** The ref of something that scrolls by itself: reachable by the keyboard while there is more of it than is shown. */
export function useScrollFocus() {
  return useCallback((element: HTMLElement | null) => {
    if (!element) return undefined;
    const look = () => {
      const more =
        element.scrollWidth > element.clientWidth + 1 || element.scrollHeight > element.clientHeight + 1;
      if (more) element.tabIndex = 0;
      else element.removeAttribute('tabindex');
    };
    const sizes = new ResizeObserver(look);
    const parts = () => {
      for (const part of element.children) sizes.observe(part);
      look();
    };
    sizes.observe(element);
    const changes = new MutationObserver(parts);
    changes.observe(element, { childList: true });
    parts();
    return () => {
      sizes.disconnect();
      changes.disconnect();
    };
  }, []);
}
