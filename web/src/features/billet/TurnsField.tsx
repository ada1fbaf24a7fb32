import * as texts from 'texts/billet/TurnsField';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { INPUT } from '../../ui/Field';
import { TURN_WORDS } from './planWords';
import type { Turn } from './plan';

const USUAL: Readonly<Record<string, { readonly show: string; readonly turns: readonly Turn[] }>> = {
  same: { show: texts.sameWayUp, turns: ['SAME'] },
  turned: { show: texts.everySecondTurnedOver, turns: ['SAME', 'OVER'] },
  end: { show: texts.endForEnd, turns: ['END'] },
  quarter: { show: texts.onEdge, turns: ['QUARTER'] },
};

const same = (a: readonly Turn[], b: readonly Turn[]) =>
  a.length === b.length && a.every((turn, i) => turn === b[i]);

/** Which way the bars are laid: one of the usual ways, or bar by bar, gone through again and again. */
export function TurnsField({
  turns,
  onTurns,
}: {
  turns: readonly Turn[];
  onTurns: (turns: readonly Turn[]) => void;
}) {
  const usual = Object.entries(USUAL).find(([, way]) => same(way.turns, turns))?.[0] ?? 'free';
  return (
    <div className="grid gap-2">
      <Choice
        label={texts.orientation}
        value={usual}
        options={[
          ...Object.entries(USUAL).map(([value, { show }]) => ({ value, show })),
          { value: 'free', show: texts.barByBar },
        ]}
        onChoose={(way) => onTurns(USUAL[way]?.turns ?? ['SAME', 'SAME', 'OVER'])}
      />
      {usual === 'free' && (
        <div className="flex flex-wrap items-center gap-2" role="group" aria-label={texts.barByBar2}>
          {turns.map((turn, i) => (
            <select
              key={i}
              aria-label={texts.bar({ value: i + 1 })}
              className={`${INPUT} w-36!`}
              value={turn}
              onChange={(e) => onTurns(turns.map((t, k) => (k === i ? (e.target.value as Turn) : t)))}
            >
              {Object.entries(TURN_WORDS).map(([value, words]) => (
                <option key={value} value={value}>
                  {words}
                </option>
              ))}
            </select>
          ))}
          <Button weight="quiet" onClick={() => onTurns([...turns, 'SAME'])}>
            {texts.oneMore}
          </Button>
          {turns.length > 1 && (
            <Button weight="quiet" onClick={() => onTurns(turns.slice(0, -1))}>
              {texts.oneLess}
            </Button>
          )}
        </div>
      )}
    </div>
  );
}
