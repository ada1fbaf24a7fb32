import { useQuery } from '@tanstack/react-query';
import { Button } from '../../ui/Button';
import { MeasureField } from '../../ui/MeasureField';
import { steelsQuery } from '../steel/api';
import { SteelChoice } from '../steel/SteelChoice';
import { patternOf, repeated, type Piece, type Stack } from './plan';

/** The stack in place: how many pieces, the pattern they follow from the bottom up, and their size. */
export function StackFields({
  stack,
  onChange,
}: {
  stack: Stack;
  onChange: (stack: Stack) => Promise<string | null>;
}) {
  const pattern = patternOf(stack.pieces);
  const count = stack.pieces.length;
  const withPattern = (pieces: readonly Piece[], n = count) =>
    onChange({ ...stack, pieces: repeated(pieces, n) });
  const withPiece = (i: number, piece: Piece) => withPattern(pattern.map((p, k) => (k === i ? piece : p)));
  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap gap-3">
        <MeasureField
          label="Pieces"
          measure="count"
          width="w-20"
          value={count}
          onCommit={(n) =>
            n < 1
              ? 'A stack has at least one piece.'
              : n > 500
                ? 'A stack has at most 500 pieces.'
                : withPattern(pattern, n)
          }
        />
        <MeasureField
          label="Width"
          measure="length"
          value={stack.widthMm}
          onCommit={(widthMm) => onChange({ ...stack, widthMm })}
        />
        <MeasureField
          label="Length"
          measure="length"
          value={stack.lengthMm}
          onCommit={(lengthMm) => onChange({ ...stack, lengthMm })}
        />
      </div>
      <PatternFields
        pattern={pattern}
        onPiece={withPiece}
        onPattern={(pieces) => void withPattern(pieces, Math.max(count, pieces.length))}
      />
    </div>
  );
}

/** The pieces of a pattern, bottom first. */
export function PatternFields({
  pattern,
  onPiece,
  onPattern,
  least = 1,
  legend = 'Pattern, bottom first',
}: {
  pattern: readonly Piece[];
  onPiece: (index: number, piece: Piece) => Promise<string | null>;
  onPattern: (pattern: readonly Piece[]) => void;
  least?: number;
  legend?: string;
}) {
  const steels = useQuery(steelsQuery).data ?? [];
  const next: Piece = pattern.at(-1) ?? {
    steel: steels.find((s) => s.id === '15N20')?.id ?? '15N20',
    thicknessMm: 1.5,
  };
  return (
    <fieldset className="grid max-h-64 gap-1.5 overflow-y-auto">
      <legend className="condensed pb-0.5 text-[13px] text-soft">{legend}</legend>
      {pattern.map((piece, i) => (
        <div key={i} className="flex items-end gap-2">
          <SteelChoice
            label={`Steel ${i + 1}`}
            steels={steels}
            value={piece.steel}
            onChoose={(steel) => void onPiece(i, { ...piece, steel })}
          />
          <MeasureField
            label={i === 0 ? 'Thickness' : <span className="sr-only">Thickness of piece {i + 1}</span>}
            measure="length"
            width="w-24"
            value={piece.thicknessMm}
            onCommit={(thicknessMm) => onPiece(i, { ...piece, thicknessMm })}
          />
          {pattern.length > least && (
            <Button
              weight="quiet"
              className="pb-1"
              aria-label={`Take out piece ${i + 1} of the pattern`}
              onClick={() => onPattern(pattern.filter((_, k) => k !== i))}
            >
              Take out
            </Button>
          )}
        </div>
      ))}
      <div>
        <Button weight="quiet" onClick={() => onPattern([...pattern, next])}>
          Add a piece {least > 0 ? 'to the pattern' : 'between'}
        </Button>
      </div>
    </fieldset>
  );
}
