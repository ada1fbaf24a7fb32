import * as texts from 'texts/schedule/FinderView';
import { useQuery } from '@tanstack/react-query';
import { useCallback, useMemo, useState } from 'react';
import { useLocation, useSearchParams } from 'react-router';
import { LoadFailed, Notice } from '../../ui/Notice';
import { useUnits, Words } from '../../ui/Words';
import { billetQuery, type Billet } from '../billet/api';
import { steelsQuery, type Steel } from '../steel/api';
import { stockQuery } from '../stock/api';
import type { Asked, Size, Way } from './api';
import { firstQuestion } from './ask';
import { Compare } from './Compare';
import { QuestionFields } from './QuestionFields';
import { RuledOut } from './RuledOut';
import { SearchState } from './SearchState';
import { useAsk } from './useAsk';
import { useOpen } from './useOpen';
import { useSearch } from './useSearch';
import { WayList } from './WayList';
import { WayPlot } from './WayPlot';
import { brushed, isGiven, keyOf, ordered, type Axis, type Brush } from './weigh';

const MOST_COMPARED = 3;

/** Every way to a count; from new stacks, from the shelf, or from a billet's bar named in the address. */
export function FinderView() {
  const [params] = useSearchParams();
  const state = useLocation().state as { asked?: Asked } | null;
  const id = Number(params.get('billet') ?? 0);
  const stage = Number(params.get('stage') ?? 0);
  const steels = useQuery(steelsQuery);
  const shelf = useQuery(stockQuery);
  const billet = useQuery({ ...billetQuery(id), enabled: id > 0 });
  if (steels.isError) return <LoadFailed error={steels.error} again={() => void steels.refetch()} />;
  if (billet.isError) return <LoadFailed error={billet.error} again={() => void billet.refetch()} />;
  if (!steels.data || shelf.isPending || (id > 0 && !billet.data)) {
    return <p className="p-10 text-soft">{texts.loadingTheSteels}</p>;
  }
  const first = state?.asked ?? firstQuestion(steels.data, shelf.data ?? []);
  return (
    <Finding
      key={`${id} ${stage}`}
      first={billet.data ? fromBar(first, billet.data, stage) : first}
      steels={steels.data}
      billet={billet.data}
    />
  );
}

/** The question of what to do with a billet's bar: at least twice the layers it has. */
function fromBar(first: Asked, billet: Billet, stage: number): Asked {
  const bar = billet.run.stages[Math.min(stage, billet.run.stages.length - 1)];
  if (!bar) return first;
  return {
    ...first,
    count: Math.max(first.count, 2 * bar.visibleCount),
    tolerance: 0.1,
    from: {
      kind: 'BAR',
      outside: null,
      inside: null,
      widthMm: null,
      plan: billet.plan,
      stage: Math.min(stage, billet.run.stages.length - 1),
      measured: { widthMm: bar.widthMm, heightMm: bar.heightMm, lengthMm: tenth(bar.lengthMm) },
    },
    finished: yieldOf(billet) ?? first.finished,
    insert: null,
  };
}

/** The bar all pieces come out of that the billet should yield; nothing where it does not say. */
function yieldOf({ plan: { wanted } }: Billet): Size | null {
  if (wanted.length === 0) return null;
  return {
    lengthMm: wanted.reduce((sum, w) => sum + w.count * w.lengthMm, 0),
    widthMm: Math.max(...wanted.map((w) => w.widthMm)),
    heightMm: Math.max(...wanted.map((w) => w.heightMm)),
  };
}

/** No one measures finer. */
const tenth = (mm: number) => Math.round(mm * 10) / 10;

function Finding({
  first,
  steels,
  billet,
}: {
  first: Asked;
  steels: readonly Steel[];
  billet: Billet | undefined;
}) {
  const { asked, ask, canUndo, undo } = useAsk(first);
  const search = useSearch(asked);
  const [axes, setAxes] = useState<{ x: Axis; y: Axis }>({ x: 'steel', y: 'welds' });
  const [orderedBy, setBy] = useState<Axis | null>(null);
  const by = orderedBy ?? (asked.tolerance === null ? 'count' : 'welds');
  const [brush, setBrush] = useState<Brush | null>(null);
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [marked, setMarked] = useState<string | null>(null);
  const open = useOpen(asked, billet);
  const tones = useMemo(() => tonesOf(asked, steels), [asked, steels]);
  const given = isGiven(asked);
  const ways = brushed(ordered(search.ways, by, given), brush, axes, given, useUnits());
  const compared = chosen.flatMap((key) => search.ways.filter((w) => keyOf(w) === key));
  const toggle = useCallback(
    (way: Way) =>
      setChosen((c) =>
        c.includes(keyOf(way)) ? c.filter((k) => k !== keyOf(way)) : [...c, keyOf(way)].slice(-MOST_COMPARED),
      ),
    [],
  );
  return (
    <main
      className="grid h-full grid-cols-[20rem_1fr] phone:block phone:overflow-y-auto"
      onKeyDown={(e) => {
        if ((e.ctrlKey || e.metaKey) && e.key === 'z' && !(e.target instanceof HTMLInputElement)) undo();
      }}
    >
      <QuestionFields
        asked={asked}
        begun={search.begun}
        steels={steels}
        billet={billet}
        onAsk={ask}
        onUndo={canUndo ? undo : null}
      />
      <div className="flex min-w-0 flex-col overflow-y-auto px-5 py-3 phone:overflow-visible phone:px-3">
        <SearchState search={search} asked={asked} onAsk={ask} />
        {search.problem && (
          <Notice title={search.problem.title}>
            <Words of={`${search.problem.detail} ${search.problem.remedy}`} />
          </Notice>
        )}
        {open.problem && (
          <Notice title={open.problem.title}>
            <Words of={open.problem.detail} />
          </Notice>
        )}
        <div className="flex gap-6 pt-2 max-xl:flex-wrap">
          {search.ways.length > 0 && (
            <WayPlot
              ways={search.ways}
              given={given}
              axes={axes}
              onAxes={(a) => {
                setBrush(null);
                setAxes(a);
              }}
              brush={brush}
              onBrush={setBrush}
              marked={marked}
              chosen={chosen}
              onChoose={toggle}
              onMark={setMarked}
            />
          )}
          <RuledOut search={search} asked={asked} onAsk={ask} />
        </div>
        {compared.length > 0 && <Compare ways={compared} onClose={() => setChosen([])} onOpen={open.open} />}
        <WayList
          ways={ways}
          all={search.ways.length}
          by={by}
          given={given}
          tones={tones}
          chosen={chosen}
          marked={marked}
          busy={open.busy}
          searching={search.running}
          canOpen={search.asked === asked}
          onBy={setBy}
          onChoose={toggle}
          onMark={setMarked}
          onOpen={open.open}
        />
      </div>
    </main>
  );
}

/** Tones of the pieces of a stack in turn; of a bar's steels. */
function tonesOf({ from }: Asked, steels: readonly Steel[]): readonly number[] {
  const pieces = from.plan?.stack.pieces ?? [...(from.outside ?? []), ...(from.inside ?? [])];
  const used = new Set(pieces.map((p) => p.steel));
  return [...used].flatMap((id) => steels.filter((s) => s.id === id).map((s) => s.etchTone.value));
}
