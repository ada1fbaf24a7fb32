import * as texts from 'texts/pooling/OtherShops';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/Words';
import { shortTime } from '../book/time';
import { Chance } from '../weldmap/Chance';
import { AddShop } from './AddShop';
import { act, effectQuery, otherShopsQuery, type OtherShop } from './api';
import { OwnRecord } from './OwnRecord';

/** Records of other shops, counted with the own one only when someone says so. */
export function OtherShops() {
  const client = useQueryClient();
  const shops = useQuery({ ...otherShopsQuery, staleTime: 0 }).data;
  const [removed, setRemoved] = useState<OtherShop | null>(null);
  const put = async (now: readonly OtherShop[]) => {
    client.setQueryData(otherShopsQuery.queryKey, [...now]);
    // What the record says of welds has changed with it.
    await client.invalidateQueries({ predicate: (q) => q.queryKey[1] !== 'other-shops' });
  };
  const change = useMutation({
    mutationFn: ({ shop, what }: { shop: OtherShop; what: Parameters<typeof act>[1] }) => act(shop.id, what),
    onSuccess: async (now, { shop, what }) => {
      setRemoved(what === 'delete' ? shop : null);
      await put(now);
    },
  });
  if (!shops) return null;
  const used = shops.filter((s) => s.used).map((s) => s.id);
  return (
    <section aria-label={texts.otherShops} className="grid gap-3 border-t border-ink py-3">
      <div>
        <h2 className="text-lg">{texts.otherShops}</h2>
        <p className="max-w-prose text-[14px] text-soft">{texts.what}</p>
      </div>
      {shops.map((shop) => (
        <Shop
          key={shop.id}
          shop={shop}
          used={used}
          busy={change.isPending}
          onChange={(what) => change.mutate({ shop, what })}
        />
      ))}
      {removed && (
        <p className="flex flex-wrap items-baseline gap-x-3" aria-live="polite">
          {texts.removed({ name: removed.name })}
          <Button
            weight="quiet"
            disabled={change.isPending}
            onClick={() => change.mutate({ shop: removed, what: 'restore' })}
          >
            {texts.undo}
          </Button>
        </p>
      )}
      {change.error && <p role="alert">▲ {Problem.from(change.error).detail}</p>}
      <AddShop onAdded={put} />
      <OwnRecord />
    </section>
  );
}

function Shop({
  shop,
  used,
  busy,
  onChange,
}: {
  shop: OtherShop;
  used: readonly number[];
  busy: boolean;
  onChange: (what: Parameters<typeof act>[1]) => void;
}) {
  return (
    <article aria-label={shop.name} className="grid max-w-3xl gap-1 border-t border-rule pt-2">
      <p className="flex flex-wrap items-baseline gap-x-3">
        <b className="font-semibold">{shop.name}</b>
        <span>{texts.welds({ welds: shop.welds.held + shop.welds.open, open: shop.welds.open })}</span>
        <span className="text-[14px] text-soft">
          {texts.added({ at: shortTime(shop.addedAt), by: shop.addedBy })}
        </span>
      </p>
      {shop.doubts.map((doubt) => (
        <p key={doubt} className="text-[14px]">
          ▲ <Words of={doubt} />
        </p>
      ))}
      {shop.used ? <p className="text-[14px]">{texts.counted}</p> : <EffectOf shop={shop} used={used} />}
      <p className="flex flex-wrap items-baseline gap-x-4 gap-y-2 pt-1">
        {shop.used ? (
          <Button weight="quiet" disabled={busy} onClick={() => onChange('undo-use')}>
            {texts.stopCounting}
          </Button>
        ) : (
          <Button disabled={busy} onClick={() => onChange('use')}>
            {shop.doubts.length > 0 ? texts.countAnyway : texts.count}
          </Button>
        )}
        <Button weight="quiet" disabled={busy} onClick={() => onChange('delete')}>
          {texts.remove}
        </Button>
      </p>
    </article>
  );
}

/** What counting it would change, before it is counted. */
function EffectOf({ shop, used }: { shop: OtherShop; used: readonly number[] }) {
  const effect = useQuery(effectQuery(shop.id, used)).data;
  return (
    <p className="text-[14px] text-soft" data-effect={effect ? 'known' : 'unknown'}>
      {texts.notCounted}{' '}
      {effect && (
        <>
          {texts.usualWeld} <Chance of={effect.without.mean} /> <span aria-label={texts.becomes}>→</span>{' '}
          <b className="text-ink">
            <Chance of={effect.with.mean} />
          </b>
          .
        </>
      )}{' '}
      {shop.replaces && texts.replaces({ name: shop.replaces })}
    </p>
  );
}
