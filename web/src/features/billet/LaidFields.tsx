import * as texts from 'texts/billet/LaidFields';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { INPUT } from '../../ui/Field';
import { MeasureField } from '../../ui/MeasureField';
import { Length, Words } from '../../ui/Words';
import { steelsQuery } from '../steel/api';
import { SteelChoice } from '../steel/SteelChoice';
import { stockQuery } from '../stock/api';
import { waitingQuery, type Waiting } from './api';
import { isPartBar, type Laid, type PartBar, type Piece, type Turn } from './plan';
import { TURN_WORDS } from './planWords';

/** How a choice of what to lay is written: a part's name after this, or one of the others. */
export const PART = texts.part;
export const NEW_PART = 'new';
export const WAITING = texts.waiting;
export const waitingKey = (w: Waiting) => `${WAITING}${w.billetId}/${w.stepKey}`;

/** Pieces and bars of parts laid to a bar, in order. */
export function LaidFields({
  legend,
  laid,
  parts,
  onLaid,
  onPart,
}: {
  legend: string;
  laid: readonly Laid[];
  parts: readonly string[];
  onLaid: (edit: (laid: readonly Laid[]) => readonly Laid[]) => Promise<string | null>;
  onPart: (choice: string) => Promise<string | null>;
}) {
  const steels = useQuery(steelsQuery).data ?? [];
  const bars = useQuery(stockQuery).data ?? [];
  const waiting = (useQuery(waitingQuery).data ?? []).filter((w) => w.free > 0);
  const [error, setError] = useState<string | null>(null);
  const change = (i: number, next: Laid) => onLaid((all) => all.map((l, k) => (k === i ? next : l)));
  const takeOut = (i: number) => void onLaid((all) => all.filter((_, k) => k !== i));
  const add = async (choice: string) => {
    setError(await (choice === 'piece' ? onLaid((all) => [...all, PIECE]) : onPart(choice)));
  };
  return (
    <fieldset className="grid content-start gap-1.5">
      <legend className="condensed pb-0.5 text-[13px] text-soft">{legend}</legend>
      {laid.map((l, i) =>
        isPartBar(l) ? (
          <PartLine key={i} bar={l} onChange={(bar) => void change(i, bar)} onTakeOut={() => takeOut(i)} />
        ) : (
          <div key={i} className="flex items-end gap-2">
            <SteelChoice
              label={texts.steel({ value: i + 1 })}
              steels={steels}
              value={l.steel}
              onChoose={(steel) => void change(i, { ...l, steel })}
              bars={bars}
              onBar={({ steel, thicknessMm }) => void change(i, { ...l, steel, thicknessMm })}
            />
            <MeasureField
              label={<span className="sr-only">{texts.thicknessOfPiece({ value: i + 1 })}</span>}
              measure="length"
              width="w-20"
              hideUnit
              value={l.thicknessMm}
              onCommit={(thicknessMm) => change(i, { ...l, thicknessMm })}
            />
            <Button weight="quiet" className="pb-1" onClick={() => takeOut(i)}>
              {texts.remove}
            </Button>
          </div>
        ),
      )}
      <select
        aria-label={texts.add({ legend })}
        className={`${INPUT} w-56!`}
        value=""
        onChange={(e) => void add(e.target.value)}
      >
        <option value="">{texts.add2}</option>
        <option value="piece">{texts.aPieceOfSteel}</option>
        {parts.map((name) => (
          <option key={name} value={PART + name}>
            {texts.aBarOf({ name })}
          </option>
        ))}
        <option value={NEW_PART}>{texts.aPartSeparateBar}</option>
        {waiting.map((w) => (
          <option key={waitingKey(w)} value={waitingKey(w)}>
            {texts.setAsideOf({ free: w.free, billet: w.billet })}
          </option>
        ))}
      </select>
      {error && (
        <p role="alert" className="text-[13px]">
          <span aria-hidden>▲ </span>
          <Words of={error} />
        </p>
      )}
    </fieldset>
  );
}

const PIECE: Piece = { steel: '1084', thicknessMm: 3.175 };

function PartLine({
  bar,
  onChange,
  onTakeOut,
}: {
  bar: PartBar;
  onChange: (bar: PartBar) => void;
  onTakeOut: () => void;
}) {
  return (
    <div className="flex flex-wrap items-center gap-2">
      <b>“{bar.part}”</b>
      <select
        aria-label={texts.orientationOf({ part: bar.part })}
        className={`${INPUT} w-36!`}
        value={bar.turn}
        onChange={(e) => onChange({ ...bar, turn: e.target.value as Turn })}
      >
        {Object.entries(TURN_WORDS).map(([value, words]) => (
          <option key={value} value={value}>
            {words}
          </option>
        ))}
      </select>
      {bar.shims.map((shim, i) => (
        <span key={i} className="condensed text-[14px]">
          {texts.shim({ steel: shim.steel })} <Length mm={shim.thicknessMm} unit />
        </span>
      ))}
      {bar.shims.length > 0 && (
        <Button weight="quiet" onClick={() => onChange({ ...bar, shims: [] })}>
          {texts.noShims}
        </Button>
      )}
      <Button weight="quiet" aria-label={texts.remove2({ part: bar.part })} onClick={onTakeOut}>
        {texts.remove}
      </Button>
    </div>
  );
}
