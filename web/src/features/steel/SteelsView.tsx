import * as texts from 'texts/steel/SteelsView';
import { useQuery } from '@tanstack/react-query';
import { Tabs } from 'radix-ui';
import { useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { LoadFailed } from '../../ui/Notice';
import { Quarantine } from '../quarantine/Quarantine';
import { useWidth } from '../../ui/useWidth';
import { OpenCutList } from '../billet/OpenCutList';
import type { AtmosphereProtection } from '../billet/plan';
import { mapQuery, verdictQuery, type Question, type Role } from '../pair/api';
import { PairMap } from '../pair/PairMap';
import { QuestionFields } from '../pair/QuestionFields';
import { VerdictPanel } from '../pair/VerdictPanel';
import { stockQuery } from '../stock/api';
import { Shelf } from '../stock/Shelf';
import { steelsQuery, type Steel } from './api';
import { ALL, toggled, wished, type Wish } from './choose';
import { HeatChart } from './HeatChart';
import { OwnSteelActions, useOffTheList } from './OwnSteelActions';
import { OwnSteels } from './OwnSteels';
import { SteelFigures } from './SteelFigures';
import { SteelList } from './SteelList';
import { Tones } from './Tones';
import { useScrollFocus } from '../../ui/useScrollFocus';

/** Which steels go together: the list, the heats overlaid, the tones, the verdict, and the map of all pairs. */
export function SteelsView() {
  const steels = useQuery(steelsQuery);
  if (steels.isError) return <LoadFailed error={steels.error} again={() => void steels.refetch()} />;
  if (!steels.data) return <p className="p-10 text-soft">{texts.loadingTheSteels}</p>;
  return <Together steels={steels.data} />;
}

/** The chosen steels stand in the address, so that a stack can open here and a pair can be sent on. */
function useChosen(steels: readonly Steel[]) {
  const [params, setParams] = useSearchParams();
  const known = new Set(steels.map((s) => s.id));
  const chosen = (params.get('with') ?? '').split(',').filter((id) => known.has(id));
  const choose = (ids: readonly string[]) =>
    setParams(ids.length > 0 ? { with: ids.join(',') } : {}, { replace: true });
  return { chosen, choose };
}

function Together({ steels }: { steels: readonly Steel[] }) {
  const scrolls = useScrollFocus();
  const { chosen, choose } = useChosen(steels);
  const [wish, setWish] = useState<Wish>(ALL);
  const [process, setProcess] = useState<AtmosphereProtection>('BORAX');
  const [cuttingEdge, setCuttingEdge] = useState(true);
  const [temperC, setTemperC] = useState(200);
  const [roles, setRoles] = useState<Readonly<Record<string, Role>>>({});
  const [opened, setOpened] = useState<string | null>(null);
  const [tab, setTab] = useState('map');
  const off = useOffTheList();
  const shelved = useQuery(stockQuery).data;
  const shelf = useMemo(() => new Set(shelved?.map((s) => s.bar.steel)), [shelved]);

  const question: Question = {
    members: chosen.map((steel) => ({ steel, role: roles[steel] ?? 'MIXED' })),
    process,
    cuttingEdge,
    temperC,
  };
  const verdict = useQuery(verdictQuery(question)).data;
  const mapped = useMemo(() => {
    const ids = steels.map((s) => s.id);
    return wish.onShelf || shelf.size > 1 ? ids.filter((id) => shelf.has(id)) : ids;
  }, [steels, shelf, wish.onShelf]);
  const [everything, setEverything] = useState(false);
  const onMap = useMemo(() => (everything ? steels.map((s) => s.id) : mapped), [everything, steels, mapped]);
  const cells = useQuery(mapQuery(onMap, process)).data ?? [];
  const all = useQuery({
    ...mapQuery(
      steels.map((s) => s.id),
      process,
    ),
    enabled: wish.worksWith,
  }).data;
  const byId = new Map(steels.map((s) => [s.id, s]));
  const picked = chosen.map((id) => byId.get(id)).filter((s) => s !== undefined);
  const [measure, width] = useWidth();
  const figure = byId.get(opened ?? chosen[0] ?? '');
  const open = (id: string) => {
    setOpened(id);
    setTab('figures');
  };

  return (
    <main className="grid h-full grid-cols-[16.5rem_1fr_20rem] max-lg:grid-cols-[16.5rem_1fr] max-lg:grid-rows-[minmax(0,1fr)_auto] phone:block phone:overflow-y-auto">
      <div className="flex min-h-0 flex-col border-r border-ink bg-panel pt-3 phone:max-h-80 phone:border-r-0 phone:border-b">
        <h1 className="px-4 pb-2 text-2xl">{texts.steels}</h1>
        <div className="px-4 pb-3">
          <Quarantine of={['STEEL']} one={texts.steel} many={texts.steels2} />
        </div>
        <SteelList
          steels={wished(steels, wish, shelf, picked[0], all ?? [])}
          chosen={chosen}
          shelf={shelf}
          wish={wish}
          onWish={setWish}
          onToggle={(id) => choose(toggled(chosen, id))}
        />
        <OwnSteels
          steels={steels}
          onAdded={(id) =>
            choose(
              toggled(
                chosen.filter((c) => c !== id),
                id,
              ),
            )
          }
        />
      </div>

      <div className="min-w-0 overflow-y-auto px-5 py-3 phone:overflow-x-auto phone:px-3" ref={measure}>
        {picked.length === 0 ? (
          <p className="py-6 text-lg text-soft">{texts.chooseTwoOrMoreSteelsTo}</p>
        ) : (
          <>
            {width > 0 && (
              <HeatChart
                steels={picked}
                weld={chosen.length > 1 ? (verdict?.verdict.weld ?? null) : null}
                hardening={chosen.length > 1 ? (verdict?.verdict.hardening ?? null) : null}
                width={width - 40}
                onOpen={open}
              />
            )}
            <Tones steels={picked} />
          </>
        )}
        <Tabs.Root value={tab} onValueChange={setTab} className="pt-4">
          <Tabs.List aria-label={texts.view} className="flex gap-5 border-b border-ink">
            {[
              ['map', texts.compatibilityMap],
              ['figures', figure ? texts.figuresOf({ id: figure.id }) : texts.figures],
              ['shelf', texts.shelf],
            ].map(([value, words]) => (
              <Tabs.Trigger
                key={value}
                value={value ?? ''}
                className="pb-1.5 text-soft hover:text-ink data-[state=active]:font-semibold data-[state=active]:text-ink data-[state=active]:underline data-[state=active]:decoration-4 data-[state=active]:underline-offset-[9px]"
              >
                {words}
              </Tabs.Trigger>
            ))}
          </Tabs.List>
          <Tabs.Content value="map" className="pt-3">
            <div className="flex items-baseline gap-4 pb-2 text-[14px] text-soft">
              <span>{texts.moreBarsBetterTogetherInA}</span>
              <button
                type="button"
                className="shrink-0 underline decoration-line underline-offset-4 hover:decoration-ink"
                onClick={() => setEverything(!everything)}
              >
                {everything ? texts.onlyMyShelf : texts.allSteels({ length: steels.length })}
              </button>
            </div>
            <div className="overflow-x-auto" ref={scrolls}>
              <PairMap steels={onMap} cells={cells} onChoose={(a, b) => choose([a, b])} />
            </div>
          </Tabs.Content>
          <Tabs.Content value="figures" className="pt-3">
            {figure ? (
              <>
                {figure.ownId !== null && (
                  <OwnSteelActions
                    key={figure.id}
                    steels={steels}
                    ownId={figure.ownId}
                    onTakeOff={() => off.take(figure)}
                  />
                )}
                <SteelFigures steel={figure} />
              </>
            ) : (
              <p className="text-soft">{texts.chooseASteelToSeeIts}</p>
            )}
          </Tabs.Content>
          <Tabs.Content value="shelf" className="pt-3">
            <Shelf steels={steels} />
            <OpenCutList />
          </Tabs.Content>
        </Tabs.Root>
      </div>

      <aside
        aria-label={texts.compatibility}
        className="overflow-y-auto border-l border-ink bg-panel px-4 py-3"
      >
        {chosen.length < 2 ? (
          <p className="text-soft">
            {chosen.length === 0
              ? texts.noSteelIsChosen
              : texts.chooseAnotherToGoWith({ value: chosen[0] ?? '' })}
          </p>
        ) : (
          <>
            <QuestionFields
              question={question}
              onRole={(id, role) => setRoles({ ...roles, [id]: role })}
              onProcess={setProcess}
              onCuttingEdge={setCuttingEdge}
              onTemper={setTemperC}
            />
            {verdict && <VerdictPanel answer={verdict} carbons={picked.map((s) => s.composition.carbon)} />}
            <Link
              to={`/billets/new?steels=${chosen.join(',')}`}
              className="my-3 block bg-ink px-4 py-2 text-center font-semibold text-ground hover:bg-ink/85"
            >
              {texts.newBilletFromThese}
            </Link>
          </>
        )}
      </aside>
      {off.passing}
    </main>
  );
}
