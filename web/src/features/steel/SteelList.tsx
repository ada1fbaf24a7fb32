import * as texts from 'texts/steel/SteelList';
import { toneColour } from '../../figures/tone';
import { INPUT } from '../../ui/Field';
import type { Steel } from './api';
import type { Wish } from './choose';

const NARROW: readonly {
  readonly wish: keyof Omit<Wish, 'words'>;
  readonly show: (first: string) => string;
}[] = [
  { wish: 'onShelf', show: () => texts.onMyShelf },
  { wish: 'worksWith', show: (f) => texts.weldsWith({ f }) },
  { wish: 'blacker', show: (f) => texts.blackerThan({ f }) },
  { wish: 'tougher', show: (f) => texts.tougherThan({ f }) },
];

/** Every steel at hand; a click chooses it or lets it go. */
export function SteelList({
  steels,
  chosen,
  shelf,
  wish,
  onWish,
  onToggle,
}: {
  steels: readonly Steel[];
  chosen: readonly string[];
  shelf: ReadonlySet<string>;
  wish: Wish;
  onWish: (wish: Wish) => void;
  onToggle: (id: string) => void;
}) {
  const first = chosen[0];
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <div className="px-4 pb-2">
        <input
          type="search"
          aria-label={texts.findASteel}
          placeholder={texts.n12842SpringNickel}
          className={INPUT}
          value={wish.words}
          onChange={(e) => onWish({ ...wish, words: e.target.value })}
        />
        <div className="flex flex-wrap gap-1.5 pt-2">
          {NARROW.map((n) => (
            <button
              key={n.wish}
              type="button"
              aria-pressed={wish[n.wish]}
              disabled={n.wish !== 'onShelf' && !first}
              className="condensed border border-line px-1.5 py-0.5 text-[13px] hover:border-ink aria-pressed:bg-ink aria-pressed:text-ground"
              onClick={() => onWish({ ...wish, [n.wish]: !wish[n.wish] })}
            >
              {n.show(first ?? texts.theFirst)}
            </button>
          ))}
        </div>
      </div>
      <ul aria-label={texts.steels} className="min-h-0 flex-1 overflow-y-auto border-t border-rule">
        {steels.map((s) => (
          <li key={s.id}>
            <button
              type="button"
              aria-pressed={chosen.includes(s.id)}
              className="flex w-full items-center gap-2.5 border-b border-rule px-4 py-1 text-left hover:bg-raised aria-pressed:bg-ink aria-pressed:text-ground"
              onClick={() => onToggle(s.id)}
            >
              <span
                aria-hidden
                className="h-6 w-4 shrink-0 border border-line"
                style={{ background: toneColour(s.etchTone.value) }}
              />
              <span className="min-w-0 flex-1 leading-tight">
                <b>{s.id}</b>
                <span className="condensed block truncate text-[12px]">
                  {s.family}
                  {s.ownId !== null && texts.yours}
                  {s.confidence === 'LOW' && texts.uncertain}
                </span>
              </span>
              {shelf.has(s.id) && <span className="condensed text-[12px]">{texts.onTheShelf}</span>}
            </button>
          </li>
        ))}
        {steels.length === 0 && <li className="px-4 py-6 text-soft">{texts.noSteelMatches}</li>}
      </ul>
    </div>
  );
}
