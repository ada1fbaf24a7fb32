import * as texts from 'texts/shop/RemovedItemList';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { Length } from '../../ui/Words';
import { shortTime } from '../book/time';
import { KIND_NAME, nameOf, removedItemsQuery, restore, type RemovedItem } from './removedItems';

const FIRST = 10;

/** Everything that was archived or deleted, latest first, each with its way back. */
export function RemovedItemList() {
  const client = useQueryClient();
  const list = useQuery(removedItemsQuery);
  const [all, setAll] = useState(false);
  const back = useMutation({
    mutationFn: restore,
    // It is shown again on pages that were fetched before.
    onSettled: () => client.invalidateQueries(),
  });
  const problem = back.error ? Problem.from(back.error) : list.error ? Problem.from(list.error) : null;
  const things = list.data ?? [];
  const shown = all ? things : things.slice(0, FIRST);
  return (
    <section aria-label={texts.archivedAndDeleted} className="border-t border-ink py-3">
      <h2 className="text-lg">{texts.archivedAndDeleted}</h2>
      {list.data && things.length === 0 && (
        <p className="text-soft">{texts.emptyArchivedBilletsRemovedBarsAnd}</p>
      )}
      <ul className="max-w-3xl">
        {shown.map((thing) => (
          <Line
            key={`${thing.kind} ${thing.id}`}
            thing={thing}
            busy={back.isPending}
            onBack={() => back.mutate(thing)}
          />
        ))}
      </ul>
      {shown.length < things.length && (
        <Button weight="quiet" onClick={() => setAll(true)}>
          {texts.showTheOther({ value: things.length - shown.length })}
        </Button>
      )}
      {problem && (
        <p role="alert" className="pt-1">
          ▲ {problem.detail} {problem.remedy}
        </p>
      )}
    </section>
  );
}

function Line({ thing, busy, onBack }: { thing: RemovedItem; busy: boolean; onBack: () => void }) {
  const [width, thickness, length] = thing.sizesMm;
  return (
    <li className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-t border-rule py-1.5">
      <span className="w-24 text-[13px] text-soft">{KIND_NAME[thing.kind]}</span>
      <span className="min-w-0 flex-1">
        <b className="font-semibold">{nameOf(thing)}</b>
        {width !== undefined && thickness !== undefined && length !== undefined && (
          <>
            {' '}
            <Length mm={width} /> × <Length mm={thickness} /> × <Length mm={length} unit />
          </>
        )}
        {thing.where && <span className="text-soft"> · {thing.where}</span>}
      </span>
      {thing.at && <span className="text-[13px] text-soft">{shortTime(thing.at)}</span>}
      <Button
        weight="quiet"
        disabled={busy}
        aria-label={texts.restore2({ thing: nameOf(thing) })}
        onClick={onBack}
      >
        {texts.restore}
      </Button>
    </li>
  );
}
