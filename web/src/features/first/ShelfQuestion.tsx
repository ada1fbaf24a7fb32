import * as texts from 'texts/first/ShelfQuestion';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { LoadFailed } from '../../ui/Notice';
import { MeasureField } from '../../ui/MeasureField';
import { steelsQuery } from '../steel/api';
import { addBar } from '../stock/api';
import type { Question } from './question';
import { barOf, usualSteels, type ShelfRow } from './usualSteels';

/** Steels most smiths have, to tick with the size of their bars. */
export function ShelfQuestion({ onDone }: Question) {
  const steels = useQuery(steelsQuery);
  if (steels.isError) return <LoadFailed error={steels.error} again={() => void steels.refetch()} />;
  if (!steels.data) return <p className="text-soft">{texts.loadingTheSteels}</p>;
  return <Rows first={usualSteels(steels.data)} onDone={onDone} />;
}

function Rows({ first, onDone }: Question & { first: readonly ShelfRow[] }) {
  const client = useQueryClient();
  const [rows, setRows] = useState(first);
  const [stored, setStored] = useState<ReadonlySet<string>>(new Set());
  const ticked = rows.filter((r) => r.ticked && !stored.has(r.steel));
  const change = (steel: string, to: Partial<ShelfRow>) => {
    setRows(rows.map((r) => (r.steel === steel ? { ...r, ...to } : r)));
    return null;
  };
  const put = useMutation({
    mutationFn: async () => {
      // One that failed is tried again alone: what is on the shelf is not put there twice.
      for (const row of ticked) {
        await addBar(barOf(row));
        setStored((s) => new Set([...s, row.steel]));
      }
    },
    onSuccess: async () => {
      await client.invalidateQueries();
      onDone();
    },
  });
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        put.mutate();
      }}
    >
      <ul aria-label={texts.steels}>
        {rows.map((r) => (
          <li key={r.steel} className="border-t border-rule py-1.5">
            <label className="flex min-h-9 cursor-pointer items-center gap-3">
              <input
                type="checkbox"
                className="accent-ink size-5"
                checked={r.ticked}
                onChange={(e) => change(r.steel, { ticked: e.target.checked })}
              />
              <b className="w-20">{r.steel}</b>
              <span className="text-soft">{r.about}</span>
            </label>
            {r.ticked && (
              <div className="flex flex-wrap gap-x-4 gap-y-2 pb-2 pl-8">
                <MeasureField
                  label={texts.thicknessOf({ steel: r.steel })}
                  measure="length"
                  value={r.thicknessMm}
                  onCommit={(thicknessMm) => change(r.steel, { thicknessMm })}
                />
                <MeasureField
                  label={texts.widthOf({ steel: r.steel })}
                  measure="length"
                  value={r.widthMm}
                  onCommit={(widthMm) => change(r.steel, { widthMm })}
                />
                <MeasureField
                  label={texts.lengthOf({ steel: r.steel })}
                  measure="length"
                  value={r.lengthMm}
                  onCommit={(lengthMm) => change(r.steel, { lengthMm })}
                />
                <MeasureField
                  label={texts.barsOf({ steel: r.steel })}
                  measure="count"
                  width="w-16"
                  value={r.pieces}
                  onCommit={(pieces) => change(r.steel, { pieces })}
                />
              </div>
            )}
          </li>
        ))}
      </ul>
      <p className="py-3 text-soft">{texts.steelsHasTheFullListYour}</p>
      <Button weight="strong" type="submit" disabled={ticked.length === 0 || put.isPending}>
        {ticked.length === 1
          ? texts.add1SteelToTheShelf
          : texts.addSteelsToTheShelf({ length: ticked.length })}
      </Button>
      {put.error && (
        <p role="alert" className="pt-2">
          ▲ {Problem.from(put.error).detail}
        </p>
      )}
    </form>
  );
}
