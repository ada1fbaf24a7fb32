import * as texts from 'texts/fire/Checklist';
import { useState } from 'react';
import { store, stored } from '../../lib/stored';
import { Words } from '../../ui/Words';
import type { ChecklistItem } from './api';

const KEY = 'geminal.laid.';

/** What is laid out before lighting, ticked by hand; nothing waits for it. */
export function Checklist({ items, of }: { items: readonly ChecklistItem[]; of: string }) {
  const [ticked, setTicked] = useState<ReadonlySet<string>>(
    () => new Set((stored(KEY + of) as string[] | null) ?? []),
  );
  const toggle = (what: string) => {
    const next = new Set(ticked);
    if (!next.delete(what)) next.add(what);
    store(KEY + of, [...next]);
    setTicked(next);
  };
  return (
    <ul aria-label={texts.checklistBeforeLighting}>
      {items.map((item) => (
        <li key={item.what} className="border-b border-rule">
          <label className="flex min-h-11 cursor-pointer items-start gap-3 py-2">
            <input
              type="checkbox"
              className="mt-0.5 size-5 shrink-0 accent-ink"
              checked={ticked.has(item.what)}
              onChange={() => toggle(item.what)}
            />
            <span className={ticked.has(item.what) ? 'text-soft' : ''}>
              <Words of={item.what} />
              {item.caution !== null && (
                <span className="block text-[13px] leading-snug text-soft">
                  <b className="text-ink">{texts.safety} </b>
                  <Words of={item.caution} />
                </span>
              )}
            </span>
          </label>
        </li>
      ))}
    </ul>
  );
}
