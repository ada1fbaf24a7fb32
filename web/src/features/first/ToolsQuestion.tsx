import * as texts from 'texts/first/ToolsQuestion';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { LoadFailed } from '../../ui/Notice';
import { Length, Quantity } from '../../ui/Words';
import { changeShop, presetsQuery, shopQuery, type Shop } from '../shop/api';
import type { Question } from './question';

/** Forge, press and hammer, from presets close to most shops. */
export function ToolsQuestion({ onDone }: Question) {
  const client = useQueryClient();
  const presets = useQuery(presetsQuery);
  const kept = useQuery(shopQuery);
  const [chosen, setChosen] = useState<string | null>(null);
  const put = useMutation({
    mutationFn: async () => {
      const preset = presets.data?.find((o) => o.id === chosen);
      if (preset && kept.data) await changeShop(kept.data.version, preset.shop);
    },
    onSuccess: async () => {
      await client.invalidateQueries();
      onDone();
    },
  });
  const failed = presets.error ?? kept.error;
  if (failed) {
    return (
      <LoadFailed
        error={failed}
        again={() => {
          void presets.refetch();
          void kept.refetch();
        }}
      />
    );
  }
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        put.mutate();
      }}
    >
      <fieldset className="grid gap-2">
        <legend className="sr-only">{texts.forgeAndPress}</legend>
        {(presets.data ?? []).map((o) => (
          <label
            key={o.id}
            className="flex min-h-11 cursor-pointer items-baseline gap-3 border border-line px-4 py-3 hover:border-ink has-checked:border-ink has-checked:bg-raised"
          >
            <input
              type="radio"
              name="outfit"
              className="accent-ink"
              checked={chosen === o.id}
              onChange={() => setChosen(o.id)}
            />
            <span>
              <b className="block">{o.name}</b>
              <span className="text-soft">
                <Figures shop={o.shop} />
              </span>
            </span>
          </label>
        ))}
      </fieldset>
      <p className="py-3 text-soft">{texts.chooseTheClosestOneYouCan}</p>
      <Button weight="strong" type="submit" disabled={chosen === null || !kept.data || put.isPending}>
        {texts.useThisShop}
      </Button>
      {put.error && (
        <p role="alert" className="pt-2">
          ▲ {Problem.from(put.error).detail}
        </p>
      )}
    </form>
  );
}

function Figures({ shop }: { shop: Shop }) {
  return (
    <>
      {texts.door} <Length mm={shop.forge.doorWidthMm} /> × <Length mm={shop.forge.doorHeightMm} unit />
      {texts.chamber}
      <Length mm={shop.forge.lengthMm} unit /> {texts.long}
      {shop.press && (
        <>
          {texts.pressUpTo} <Quantity kind="force" value={shop.press.ratedForceKn} />
        </>
      )}
      {shop.hammer && <> · {shop.hammer.name}</>}
      {shop.mill && <> {texts.rollingMill}</>}
    </>
  );
}
