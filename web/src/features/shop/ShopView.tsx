import * as texts from 'texts/shop/ShopView';
import { Quantity, Words } from '../../ui/Words';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Problem } from '../../lib/http';
import { putStored, useInTurn } from '../../lib/inTurn';
import { Button } from '../../ui/Button';
import { MeasureField } from '../../ui/MeasureField';
import { LoadFailed, Notice } from '../../ui/Notice';
import { changeShop, presetsQuery, shopQuery, type Kept, type Shop } from './api';
import type { Loss } from '../evidence/api';
import { LossFields } from '../evidence/LossFields';
import { Archive } from '../account/Archive';
import { ApiTokens } from '../account/ApiTokens';
import { Backups } from '../account/Backups';
import { Devices } from '../account/Devices';
import { OwnSignIn } from '../account/OwnSignIn';
import { OwnUnits } from '../account/OwnUnits';
import { People } from '../account/People';
import { sessionQuery } from '../account/session';
import { CalibrationPanel } from '../calibration/CalibrationPanel';
import { InstrumentFields } from '../fire/InstrumentFields';
import { FieldSet } from './FieldSet';
import { HiddenNoteList } from './HiddenNoteList';
import { RemovedItemList } from './RemovedItemList';
import { FORGE, FORGE_PICKS, LIMITS, TASK_TIMES, MILL, PRACTICE, SHOP_DEFAULT_PICKS, PRESS } from './fields';

const MOST_KEPT = 100;

/** The habit a learnt loss belongs to. */
const taken = ({ loss, mean }: Loss): Partial<Shop['defaults']> =>
  loss === 'KERF'
    ? { kerfMm: mean }
    : loss === 'SCALE'
      ? { scaleFactor: mean }
      : loss === 'TRIM'
        ? { endTrimMm: mean }
        : { faceGrindMm: mean };

/** The shop: what every plan is computed with. Each figure is stored as it is typed. */
export function ShopView() {
  const kept = useQuery(shopQuery);
  if (kept.isError) return <LoadFailed error={kept.error} again={() => void kept.refetch()} />;
  if (!kept.data) return <p className="p-10 text-soft">{texts.loadingTheShop}</p>;
  return <Editing kept={kept.data} />;
}

function Editing({ kept }: { kept: Kept }) {
  const client = useQueryClient();
  const presets = useQuery(presetsQuery).data ?? [];
  const owner = useQuery(sessionQuery).data?.rank === 'OWNER';
  const [past, setPast] = useState<readonly Shop[]>([]);
  const [problem, setProblem] = useState<Problem | null>(null);
  const { shop } = kept;

  const inTurn = useInTurn();

  /** One change after the other, each made to what is stored by then. */
  const store = (edit: (stored: Shop) => Shop, remember: (past: readonly Shop[], stored: Shop) => Shop[]) =>
    inTurn(() => storeNow(client.getQueryData<Kept>(shopQuery.queryKey) ?? kept, edit, remember));

  const storeNow = async (
    now: Kept,
    edit: (stored: Shop) => Shop,
    remember: (past: readonly Shop[], stored: Shop) => Shop[],
  ): Promise<string | null> => {
    try {
      const stored = await changeShop(now.version, edit(now.shop));
      await putStored(client, shopQuery.queryKey, stored);
      setPast((past) => remember(past, now.shop).slice(-MOST_KEPT));
      setProblem(null);
      // Every plan is worked through with the shop; what is on other pages is old now.
      await client.invalidateQueries({ predicate: (q) => q.queryKey[0] !== 'shop' });
      return null;
    } catch (e) {
      const wrong = Problem.from(e);
      if (wrong.status === 409) {
        setProblem(wrong);
        await client.invalidateQueries(shopQuery);
      }
      return wrong.detail;
    }
  };
  const put = (change: (stored: Shop) => Partial<Shop>) =>
    store(
      (stored) => ({ ...stored, ...change(stored) }),
      (before, stored) => [...before, stored],
    );
  const undo = () => {
    const last = past.at(-1);
    if (last)
      void store(
        () => last,
        (before) => before.slice(0, -1),
      );
  };

  return (
    <main className="h-full overflow-y-auto px-5 py-4">
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-2 pb-3">
        <h1 className="text-2xl">{texts.shop}</h1>
        <p className="text-soft">{texts.usedByEveryPlan}</p>
        <span className="ml-auto" />
        <Button onClick={undo} disabled={past.length === 0}>
          {texts.undo}
        </Button>
      </div>
      <p className="flex flex-wrap items-baseline gap-x-4 gap-y-1 pb-3">
        <span className="text-soft">{texts.preset}</span>
        {presets.map((o) => (
          <Button key={o.id} weight="quiet" onClick={() => void put(() => o.shop)}>
            {o.name}
          </Button>
        ))}
      </p>
      {problem && (
        <div className="pb-3">
          <Notice title={problem.title}>{texts.theSavedValuesAreShown({ detail: problem.detail })}</Notice>
        </div>
      )}
      <FieldSet
        title={texts.forge}
        thing={shop.forge}
        figures={FORGE}
        picks={FORGE_PICKS}
        onPut={(change) => put((s) => ({ forge: { ...s.forge, ...change } }))}
      >
        <div className="pt-2">
          <MeasureField
            label={texts.gaugeOffset}
            measure="temperatureChange"
            width="w-24"
            value={shop.forge.gaugeOffsetC ?? 0}
            hint={shop.forge.gaugeOffsetC === null ? texts.notCalibrated : undefined}
            onCommit={(gaugeOffsetC) => put((s) => ({ forge: { ...s.forge, gaugeOffsetC } }))}
          />
        </div>
        {kept.findings.map((f) => (
          <p key={f.id} className="max-w-prose pt-2 text-[13px] text-soft" data-finding={f.id}>
            <b className="text-ink">
              <Words of={f.what} />
            </b>{' '}
            <Words of={`${f.why} ${f.action}`} />
          </p>
        ))}
      </FieldSet>
      {shop.press ? (
        <FieldSet
          title={texts.press}
          thing={shop.press}
          figures={PRESS}
          onPut={(change) => put((s) => ({ press: s.press && { ...s.press, ...change } }))}
        >
          {kept.forceKn !== null && (
            <p className="text-[13px] text-soft">
              {texts.force} <Quantity kind="force" value={kept.forceKn} />
            </p>
          )}
          <Button weight="quiet" onClick={() => void put(() => ({ press: null }))}>
            {texts.remove}
          </Button>
        </FieldSet>
      ) : (
        <Missing
          title={texts.press}
          onAdd={() => put(() => ({ press: presets.find((o) => o.shop.press)?.shop.press ?? null }))}
        />
      )}
      {shop.hammer ? (
        <FieldSet
          title={texts.hammer}
          thing={shop.hammer}
          figures={[{ name: 'highestMm', label: texts.highestBar, measure: 'length' }]}
          onPut={(change) => put((s) => ({ hammer: s.hammer && { ...s.hammer, ...change } }))}
        >
          <p className="text-[13px] text-soft">{shop.hammer.name}</p>
        </FieldSet>
      ) : (
        <Missing
          title={texts.hammer}
          onAdd={() => put(() => ({ hammer: { name: texts.handHammer, highestMm: 50 } }))}
        />
      )}
      {shop.mill ? (
        <FieldSet
          title={texts.rollingMill}
          thing={shop.mill}
          figures={MILL}
          onPut={(change) => put((s) => ({ mill: s.mill && { ...s.mill, ...change } }))}
        >
          <Button weight="quiet" onClick={() => void put(() => ({ mill: null }))}>
            {texts.remove}
          </Button>
        </FieldSet>
      ) : (
        <Missing
          title={texts.rollingMill}
          onAdd={() => put(() => ({ mill: { rollMm: 100, openingMm: 50 } }))}
        />
      )}
      <InstrumentFields />
      <CalibrationPanel />
      <LossFields onTake={(loss) => void put((s) => ({ defaults: { ...s.defaults, ...taken(loss) } }))} />
      <FieldSet
        title={texts.shopDefaults}
        thing={shop.defaults}
        figures={PRACTICE}
        picks={SHOP_DEFAULT_PICKS}
        onPut={(change) => put((s) => ({ defaults: { ...s.defaults, ...change } }))}
      >
        <p className="text-[13px] text-soft">{texts.usedWhenThePlanDoesNot}</p>
        <p className="pt-2 text-[13px] text-soft">{texts.measuredLossesAppearHereOnceThe}</p>
      </FieldSet>
      <FieldSet
        title={texts.taskTimes}
        thing={shop.taskTimes}
        figures={TASK_TIMES}
        onPut={(change) => put((s) => ({ taskTimes: { ...s.taskTimes, ...change } }))}
      >
        <p className="text-[13px] text-soft">{texts.usedByTheFinder}</p>
      </FieldSet>
      <FieldSet
        title={texts.limits}
        thing={shop.limits}
        figures={LIMITS}
        onPut={(change) => put((s) => ({ limits: { ...s.limits, ...change } }))}
      >
        <p className="text-[13px] text-soft">{texts.whereWarningsStart}</p>
        <div className="pt-2">
          <MeasureField
            label={texts.costOfAnHoursWork}
            measure="number"
            width="w-24"
            value={shop.hourPrice}
            hint={texts.forPreparingReclaimedStock}
            onCommit={(hourPrice) => put(() => ({ hourPrice }))}
          />
        </div>
      </FieldSet>
      <HiddenNoteList />
      <RemovedItemList />
      <OwnUnits />
      <OwnSignIn />
      <Devices />
      <ApiTokens />
      {owner && (
        <>
          <People />
          <section aria-label={texts.backup} className="border-t border-ink py-3">
            <h2 className="text-lg">{texts.saveTheWholeShopAsOne}</h2>
            <p className="pb-2 text-soft">{texts.billetsBookSteelsStockSessionsPhotos}</p>
            <a className="border border-line px-3 py-1.5 hover:border-ink" href="/api/v1/archive" download>
              {texts.saveShop}
            </a>
            <Backups />
            <div className="max-w-md pt-4">
              <Archive first={false} />
            </div>
          </section>
        </>
      )}
    </main>
  );
}

function Missing({ title, onAdd }: { title: string; onAdd: () => Promise<string | null> }) {
  return (
    <section aria-label={title} className="grid grid-cols-[9rem_1fr] gap-4 border-t border-ink py-3">
      <h2 className="text-lg">{title}</h2>
      <p>
        <span className="text-soft">{texts.none} </span>
        <Button weight="quiet" onClick={() => void onAdd()}>
          {texts.add}
        </Button>
      </p>
    </section>
  );
}
