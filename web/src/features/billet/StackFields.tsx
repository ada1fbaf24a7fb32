import * as texts from 'texts/billet/StackFields';
import { useQuery } from '@tanstack/react-query';
import { Button } from '../../ui/Button';
import { MeasureField } from '../../ui/MeasureField';
import { Select } from '../../ui/Select';
import { steelsQuery } from '../steel/api';
import { SteelChoice } from '../steel/SteelChoice';
import { stockQuery } from '../stock/api';
import { COATING_WORDS } from './planWords';
import { patternOf, repeated } from './laid';
import type { Piece, Stack } from './plan';

/** The stack in place: how many pieces, the pattern they follow from the bottom up, and their size. */
export function StackFields({
  stack,
  onChange,
}: {
  stack: Stack;
  onChange: (edit: (stack: Stack) => Stack) => Promise<string | null>;
}) {
  const pattern = patternOf(stack.pieces);
  const count = stack.pieces.length;
  const withPattern = (edit: (pattern: readonly Piece[]) => readonly Piece[], n?: number) =>
    onChange((s) => {
      const pieces = edit(patternOf(s.pieces));
      return { ...s, pieces: repeated(pieces, n ?? Math.max(s.pieces.length, pieces.length)) };
    });
  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap gap-3">
        <MeasureField
          label={texts.pieces}
          measure="count"
          width="w-20"
          value={count}
          onCommit={(n) =>
            n < 1
              ? texts.aStackNeedsAtLeastOne
              : n > 500
                ? texts.aStackHasAtMost500
                : withPattern((p) => p, n)
          }
        />
        <MeasureField
          label={texts.width}
          measure="length"
          value={stack.widthMm}
          onCommit={(widthMm) => onChange((s) => ({ ...s, widthMm }))}
        />
        <MeasureField
          label={texts.length}
          measure="length"
          value={stack.lengthMm}
          onCommit={(lengthMm) => onChange((s) => ({ ...s, lengthMm }))}
        />
      </div>
      <PatternFields pattern={pattern} onPattern={withPattern} />
    </div>
  );
}

/** The pieces of a pattern, bottom first. */
export function PatternFields({
  pattern,
  onPattern,
  least = 1,
  most = 20,
  legend = texts.patternBottomFirst,
  add = texts.addAPieceToThePattern,
}: {
  pattern: readonly Piece[];
  onPattern: (edit: (pattern: readonly Piece[]) => readonly Piece[]) => Promise<string | null>;
  least?: number;
  most?: number;
  legend?: string;
  add?: string;
}) {
  const steels = useQuery(steelsQuery).data ?? [];
  const bars = useQuery(stockQuery).data ?? [];
  const next: Piece = pattern.at(-1) ?? {
    steel: steels.find((s) => s.id === '15N20')?.id ?? '15N20',
    thicknessMm: 1.5,
  };
  const onPiece = (i: number, change: Partial<Piece>) =>
    onPattern((all) => all.map((p, k) => (k === i ? { ...p, ...change } : p)));
  return (
    <fieldset className="grid max-h-64 gap-1.5 overflow-y-auto">
      <legend className="condensed pb-0.5 text-[13px] text-soft">{legend}</legend>
      {pattern.map((piece, i) => (
        <div key={i} className="flex items-end gap-2 max-sm:flex-wrap">
          <SteelChoice
            label={texts.steel({ value: i + 1 })}
            steels={steels}
            value={piece.steel}
            onChoose={(steel) => void onPiece(i, { steel })}
            bars={bars}
            onBar={({ steel, thicknessMm }) => void onPiece(i, { steel, thicknessMm })}
          />
          <MeasureField
            label={
              i === 0 ? (
                texts.thickness
              ) : (
                <span className="sr-only">{texts.thicknessOfPiece({ value: i + 1 })}</span>
              )
            }
            measure="length"
            width="w-20"
            hideUnit={i > 0}
            value={piece.thicknessMm}
            onCommit={(thicknessMm) => onPiece(i, { thicknessMm })}
          />
          <div className="w-28 shrink-0">
            <Select
              label={texts.surfaceOfPieceAsBought({ value: i + 1 })}
              hideLabel
              value={piece.coating ?? 'NONE'}
              options={COATING_WORDS}
              onChoose={(coating) => void onPiece(i, { coating })}
            />
          </div>
          {pattern.length > least && (
            <Button
              weight="quiet"
              className="pb-1"
              aria-label={texts.removePieceOfThePattern({ value: i + 1 })}
              onClick={() => void onPattern((all) => all.filter((_, k) => k !== i))}
            >
              {texts.remove}
            </Button>
          )}
        </div>
      ))}
      {pattern.length < most && (
        <div>
          <Button weight="quiet" onClick={() => void onPattern((all) => [...all, next])}>
            {add}
          </Button>
        </div>
      )}
    </fieldset>
  );
}
