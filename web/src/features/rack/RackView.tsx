import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { EndSection } from '../../figures/EndSection';
import { JointGlyph } from '../../figures/JointGlyph';
import { shelfScale } from '../../figures/shelf';
import { CannotBeRead } from '../../ui/CannotBeRead';
import { LoadFailed, Passing } from '../../ui/Notice';
import { Length, Mass } from '../../ui/Words';
import { rackQuery, setOnRack, unreadableQuery, type BilletOnRack } from '../billet/api';
import { firesQuery } from '../fire/api';
import { useTones } from '../steel/api';
import { ReadPlanFile } from './ReadPlanFile';
import { waitsFor } from './progress';
import { WaitingBars } from './WaitingBars';

/** Room for one end on a shelf, px. */
const PLACE = { width: 150, height: 170 };

/** All billets of the shop, standing end-on to one scale. */
export function RackView() {
  const rack = useQuery(rackQuery);
  const unreadable = (useQuery(unreadableQuery).data ?? []).map(({ id, name, unreadable }) => ({
    id,
    what: name,
    why: unreadable,
    data: `/api/v1/billets/${id}/stored`,
  }));
  const client = useQueryClient();
  const [taken, setTaken] = useState<BilletOnRack | null>(null);
  const move = useMutation({
    mutationFn: ({ id, onRack }: { id: number; onRack: boolean }) => setOnRack(id, onRack),
    onSuccess: () => client.invalidateQueries(rackQuery),
  });
  if (rack.isError) return <LoadFailed error={rack.error} again={() => void rack.refetch()} />;
  const billets = rack.data;
  return (
    <main className="h-full overflow-y-auto px-5 py-4">
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-3">
        <h1 className="text-2xl">Rack</h1>
        {billets && <p className="flex-1 text-soft">{summary(billets)}</p>}
        <div className="ml-auto flex items-baseline gap-5 whitespace-nowrap">
          <ReadPlanFile />
          <Link to="/billets/new" className="bg-ink px-4 py-2 font-semibold text-ground hover:bg-ink/85">
            New billet
          </Link>
        </div>
      </div>
      <CannotBeRead one="billet" many="billets" things={unreadable} />
      {!billets && <p className="py-10 text-soft">Loading the billets …</p>}
      {billets?.length === 0 && <EmptyRack />}
      {billets && billets.length > 0 && (
        <Shelves
          billets={billets}
          onTake={(b) => {
            setTaken(b);
            move.mutate({ id: b.id, onRack: false });
          }}
        />
      )}
      {taken && (
        <Passing
          words={`“${taken.name}” is archived.`}
          undo={() => {
            move.mutate({ id: taken.id, onRack: true });
            setTaken(null);
          }}
          close={() => setTaken(null)}
        />
      )}
    </main>
  );
}

function summary(billets: readonly BilletOnRack[]): string {
  const flaws = billets.filter((b) => b.progress.flaw !== null).length;
  const all = `${billets.length} ${billets.length === 1 ? 'billet' : 'billets'}, ends drawn to one scale`;
  return flaws === 0 ? all : `${all}; ${flaws} with a joint to check`;
}

function EmptyRack() {
  return (
    <div className="mx-auto max-w-md py-20">
      <h2 className="text-xl">No billets yet</h2>
      <p className="pt-2 text-soft">
        A billet begins with its stack: which steels, how many pieces, how wide and how long. From there the
        Run shows every layer and every loss down to the finished bar.
      </p>
      <p className="flex flex-wrap gap-x-6 gap-y-2 pt-4">
        <Link to="/first-steps" className="font-semibold underline underline-offset-4">
          Set up this shop in three questions
        </Link>
        <Link to="/billets/new" className="underline decoration-line underline-offset-4">
          Create the first billet
        </Link>
      </p>
    </div>
  );
}

function Shelves({
  billets,
  onTake,
}: {
  billets: readonly BilletOnRack[];
  onTake: (b: BilletOnRack) => void;
}) {
  const toneOf = useTones();
  const fires = useQuery(firesQuery).data ?? [];
  const inFire = (id: number) =>
    fires.find((f) => !f.rehearsal && f.endedAt === null && f.billets.some((b) => b.billetId === id));
  const scale = shelfScale(
    billets.map((b) => b.now),
    PLACE,
  );
  return (
    <>
      <ul aria-label="Billets" className="grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] pt-5">
        {billets.map((b) => (
          <li key={b.id} className="group relative flex flex-col pb-7">
            <Link to={`/billets/${b.id}`} className="flex flex-1 flex-col" aria-label={b.name}>
              <span
                className="flex items-end border-b-[3px] border-ink pt-2"
                style={{ height: PLACE.height + 14 }}
              >
                <EndSection
                  section={b.now.section}
                  round={b.now.form === 'ROUND'}
                  scale={scale}
                  toneOf={toneOf}
                  label={`End of ${b.name}: ${b.now.visibleCount} visible layers`}
                />
              </span>
              <span className="pt-2 pr-4 text-[17px] leading-snug font-semibold group-hover:underline">
                {b.name}
              </span>
              <BilletProgress billet={b} />
              <span className="condensed pt-1 pr-4 text-[14px] text-soft">
                {b.now.count > 1 && `${b.now.count} of `}
                <Length mm={b.now.widthMm} /> × <Length mm={b.now.heightMm} /> ×{' '}
                <Length mm={b.now.lengthMm} />, <Mass kg={b.now.massKg} />
                <br />
                {b.stops ? (
                  'no finished bar yet'
                ) : (
                  <>
                    finished <Length mm={b.end.widthMm} /> × <Length mm={b.end.heightMm} /> ×{' '}
                    <Length mm={b.end.lengthMm} />, {b.end.visibleCount.toLocaleString('en')} layers
                  </>
                )}
              </span>
            </Link>
            <InFire fire={inFire(b.id)?.id} />
            <button
              type="button"
              className="mt-1.5 w-fit text-[13px] text-soft underline decoration-line underline-offset-4 hover:decoration-ink"
              aria-label={`Archive ${b.name}`}
              title="Its plan and welds are kept"
              onClick={() => onTake(b)}
            >
              Archive
            </button>
          </li>
        ))}
      </ul>
      <WaitingBars scale={scale} />
    </>
  );
}

function InFire({ fire }: { fire: number | undefined }) {
  return fire === undefined ? null : (
    <Link to={`/fire/${fire}`} className="mt-1.5 w-fit font-semibold underline underline-offset-4">
      session active
    </Link>
  );
}

function BilletProgress({ billet }: { billet: BilletOnRack }) {
  const { flawKind, weldsMade, weldsPlanned } = billet.progress;
  const state = flawKind ?? (weldsPlanned > 0 && weldsMade === weldsPlanned ? 'HELD' : 'UNMADE');
  return (
    <span className="flex items-start gap-2 pt-1 pr-4 leading-snug">
      <span className="pt-0.5">
        <JointGlyph state={state} size={17} />
      </span>
      <span>
        {flawKind && <b>{flawKind === 'OPEN' ? 'Delaminated: ' : 'Suspect joint: '}</b>}
        {waitsFor(billet)}
      </span>
    </span>
  );
}
