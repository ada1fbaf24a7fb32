import * as texts from 'texts/stock/Shelf';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { INPUT } from '../../ui/Field';
import { MeasureField } from '../../ui/MeasureField';
import { LoadFailed, Passing } from '../../ui/Notice';
import { Select } from '../../ui/Select';
import { Length, useUnits } from '../../ui/Words';
import { show } from '../../units';
import type { Steel } from '../steel/api';
import { SteelChoice } from '../steel/SteelChoice';
import { addBar, changeBar, setOnShelf, stockQuery, type Shelved, type StockBar } from './api';

const FIRST: StockBar = {
  steel: '1084',
  widthMm: 38.1,
  thicknessMm: 3.175,
  lengthMm: 914.4,
  pieces: 1,
  price: null,
  pricePer: null,
  prepMinutes: null,
  source: '',
  note: '',
};

/** The bars of the shop, changed where they stand. */
export function Shelf({ steels }: { steels: readonly Steel[] }) {
  const stock = useQuery(stockQuery);
  const units = useUnits();
  const client = useQueryClient();
  const [taken, setTaken] = useState<Shelved | null>(null);
  const [opened, setOpened] = useState<number | null>(null);
  const again = () => client.invalidateQueries(stockQuery);
  const add = useMutation({
    mutationFn: addBar,
    onSuccess: async (bar) => {
      await again();
      setOpened(bar.id);
    },
  });
  const move = useMutation({
    mutationFn: ({ id, on }: { id: number; on: boolean }) => setOnShelf(id, on),
    onSuccess: again,
  });
  if (stock.isError) return <LoadFailed error={stock.error} again={() => void stock.refetch()} />;
  return (
    <>
      <table className="w-full text-left">
        <thead className="condensed text-[13px] text-soft">
          <tr className="border-b border-line [&>th]:py-1 [&>th]:pr-4 [&>th]:font-normal">
            <th>{texts.steel}</th>
            <th>{texts.size}</th>
            <th>{texts.quantity}</th>
            <th>{texts.price}</th>
            <th>{texts.from}</th>
            <th>
              <span className="sr-only">{texts.change}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {stock.data?.map((s) =>
            opened === s.id ? (
              <tr key={s.id} className="border-b border-rule">
                <td colSpan={6} className="py-3">
                  <BarFields shelved={s} steels={steels} onStored={again} onClose={() => setOpened(null)} />
                </td>
              </tr>
            ) : (
              <tr key={s.id} className="border-b border-rule [&>td]:py-1.5 [&>td]:pr-4">
                <td className="font-semibold">{s.bar.steel}</td>
                <td className="condensed">
                  <Length mm={s.bar.widthMm} /> × <Length mm={s.bar.thicknessMm} /> ×{' '}
                  <Length mm={s.bar.lengthMm} unit />
                </td>
                <td>{s.bar.pieces}</td>
                <td className="condensed whitespace-nowrap">
                  {s.bar.price === null
                    ? '—'
                    : show(
                        s.bar.pricePer === 'METRE' ? 'pricePerLength' : 'pricePerMass',
                        s.bar.price,
                        units,
                      )}
                  {s.bar.prepMinutes ? texts.minToPrepare({ prepMinutes: s.bar.prepMinutes }) : ''}
                </td>
                <td className="condensed text-soft">
                  {[s.bar.source, s.bar.note].filter(Boolean).join(' · ')}
                </td>
                <td className="pr-0! text-right text-[13px] whitespace-nowrap">
                  <Button
                    weight="quiet"
                    aria-label={texts.change2({ steel: s.bar.steel })}
                    onClick={() => setOpened(s.id)}
                  >
                    {texts.change}
                  </Button>{' '}
                  <Button
                    weight="quiet"
                    aria-label={texts.remove2({ steel: s.bar.steel })}
                    onClick={() => {
                      setTaken(s);
                      move.mutate({ id: s.id, on: false });
                    }}
                  >
                    {texts.remove}
                  </Button>
                </td>
              </tr>
            ),
          )}
        </tbody>
      </table>
      {stock.data?.length === 0 && <p className="py-4 text-soft">{texts.theShelfIsEmptyStockListed}</p>}
      <Button className="mt-3" onClick={() => add.mutate(FIRST)} disabled={add.isPending}>
        {texts.addBar}
      </Button>
      {taken && (
        <Passing
          words={texts.is({ steel: taken.bar.steel })}
          undo={() => {
            move.mutate({ id: taken.id, on: true });
            setTaken(null);
          }}
          close={() => setTaken(null)}
        />
      )}
    </>
  );
}

function BarFields({
  shelved,
  steels,
  onStored,
  onClose,
}: {
  shelved: Shelved;
  steels: readonly Steel[];
  onStored: () => Promise<void>;
  onClose: () => void;
}) {
  const { bar } = shelved;
  const put = async (edit: Partial<StockBar>): Promise<string | null> => {
    try {
      await changeBar(shelved.id, shelved.version, { ...bar, ...edit });
      await onStored();
      return null;
    } catch (e) {
      return Problem.from(e).detail;
    }
  };
  return (
    <div className="flex flex-wrap items-end gap-3" data-bar-fields>
      <SteelChoice
        label={texts.steel}
        steels={steels}
        value={bar.steel}
        onChoose={(steel) => void put({ steel })}
      />
      <MeasureField
        label={texts.width}
        measure="length"
        width="w-20"
        value={bar.widthMm}
        onCommit={(widthMm) => put({ widthMm })}
      />
      <MeasureField
        label={texts.thickness}
        measure="length"
        width="w-20"
        value={bar.thicknessMm}
        onCommit={(thicknessMm) => put({ thicknessMm })}
      />
      <MeasureField
        label={texts.length}
        measure="length"
        width="w-20"
        value={bar.lengthMm}
        onCommit={(lengthMm) => put({ lengthMm })}
      />
      <MeasureField
        label={texts.quantity}
        measure="count"
        width="w-16"
        value={bar.pieces}
        onCommit={(pieces) => put({ pieces })}
      />
      <MeasureField
        label={texts.price}
        measure={bar.pricePer === 'KILOGRAM' ? 'pricePerMass' : 'pricePerLength'}
        width="w-24"
        value={bar.price ?? 0}
        onCommit={(price) => put({ price, pricePer: bar.pricePer ?? 'METRE' })}
      />
      <Select
        label={texts.pricedBy}
        value={bar.pricePer ?? 'METRE'}
        options={{ METRE: texts.length, KILOGRAM: texts.mass }}
        onChoose={(per) =>
          void put({ price: bar.price ?? 0, pricePer: per === 'KILOGRAM' ? 'KILOGRAM' : 'METRE' })
        }
      />
      <MeasureField
        label={texts.preparationPerBar}
        measure="minutes"
        width="w-20"
        value={bar.prepMinutes ?? 0}
        onCommit={(prepMinutes) => put({ prepMinutes: prepMinutes === 0 ? null : prepMinutes })}
      />
      <label className="block">
        <span className="condensed block pb-0.5 text-[13px] text-soft">{texts.from}</span>
        <input
          className={`${INPUT} w-52!`}
          defaultValue={bar.source}
          maxLength={200}
          onBlur={(e) => {
            if (e.target.value !== bar.source) void put({ source: e.target.value });
          }}
        />
      </label>
      <Button onClick={onClose}>{texts.done}</Button>
    </div>
  );
}
