import * as texts from 'texts/billet/useKeys';
import { useEffect, useLayoutEffect, useRef } from 'react';

/** What each key does; names as in KeyboardEvent.key, small letters, `ctrl+` and `shift+` in front. */
export type Keys = Readonly<Record<string, () => void>>;

const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement && target.closest(texts.inputTextareaSelectContenteditable) !== null;

function nameOf(event: KeyboardEvent): string {
  const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
  const ctrl = event.ctrlKey || event.metaKey ? 'ctrl+' : '';
  return ctrl + (ctrl && event.shiftKey ? 'shift+' : '') + key;
}

/** Single keys for the whole page, quiet while something is being typed. */
export function useKeys(keys: Keys) {
  const latest = useRef(keys);
  // With the page, not after it: a key pressed on what is seen must find its action.
  useLayoutEffect(() => {
    latest.current = keys;
  });
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.defaultPrevented || event.altKey || typing(event.target)) return;
      const action = latest.current[nameOf(event)];
      if (!action) return;
      const onButton = event.target instanceof HTMLElement && event.target.closest(texts.buttonA) !== null;
      if (onButton && event.key === 'Enter') return;
      event.preventDefault();
      action();
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);
}
