import * as texts from 'texts/rack/RackView';
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
        <h1 className="text-2xl">{texts.rack}</h1>
        {billets && <p className="flex-1 text-soft">{summary(billets)}</p>}
        <div className="ml-auto flex items-baseline gap-5 whitespace-nowrap">
          <ReadPlanFile />
          <Link to="/billets/new" className="bg-ink px-4 py-2 font-semibold text-ground hover:bg-ink/85">
            {texts.newBillet}
          </Link>
        </div>
      </div>
      <CannotBeRead one={texts.billet} many={texts.billets} things={unreadable} />
      {!billets && <p className="py-10 text-soft">{texts.loadingTheBillets}</p>}
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
          words={texts.isArchived({ name: taken.name })}
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
  const all = texts.billetEndsDrawnToOneScale({ length: billets.length });
  return flaws === 0 ? all : texts.withAJointToCheck({ all, flaws });
}

function EmptyRack() {
  return (
    <div className="mx-auto max-w-md py-20">
      <h2 className="text-xl">{texts.noBilletsYet}</h2>
      <p className="pt-2 text-soft">{texts.aBilletBeginsWithItsStack}</p>
      <p className="flex flex-wrap gap-x-6 gap-y-2 pt-4">
        <Link to="/first-steps" className="font-semibold underline underline-offset-4">
          {texts.setUpThisShopInThree}
        </Link>
        <Link to="/billets/new" className="underline decoration-line underline-offset-4">
          {texts.createTheFirstBillet}
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
      <ul aria-label={texts.billets2} className="grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] pt-5">
        {billets.map((b) => (
          <li key={b.id} className="group relative flex flex-col pb-7">
            <div className="flex flex-1 flex-col">
              <span
                className="flex items-end border-b-[3px] border-ink pt-2"
                style={{ height: PLACE.height + 14 }}
              >
                <EndSection
                  section={b.now.section}
                  round={b.now.form === 'ROUND'}
                  scale={scale}
                  toneOf={toneOf}
                  label={texts.endOfVisibleLayers({ name: b.name, visibleCount: b.now.visibleCount })}
                />
              </span>
              <Link
                to={`/billets/${b.id}`}
                className="pt-2 pr-4 text-[17px] leading-snug font-semibold group-hover:underline after:absolute after:inset-0"
              >
                {b.name}
              </Link>
              <BilletProgress billet={b} />
              <span className="condensed pt-1 pr-4 text-[14px] text-soft">
                {b.now.count > 1 && texts.ofText({ count: b.now.count })}
                <Length mm={b.now.widthMm} /> × <Length mm={b.now.heightMm} /> ×{' '}
                <Length mm={b.now.lengthMm} />, <Mass kg={b.now.massKg} />
                <br />
                {b.stops ? (
                  texts.noFinishedBarYet
                ) : (
                  <>
                    {texts.finished} <Length mm={b.end.widthMm} /> × <Length mm={b.end.heightMm} /> ×{' '}
                    <Length mm={b.end.lengthMm} />
                    {texts.layers({ value: b.end.visibleCount.toLocaleString('en') })}
                  </>
                )}
              </span>
            </div>
            <InFire fire={inFire(b.id)?.id} />
            <button
              type="button"
              className="relative mt-1.5 w-fit text-[13px] text-soft underline decoration-line underline-offset-4 hover:decoration-ink"
              aria-label={texts.archive2({ name: b.name })}
              title={texts.itsPlanAndWeldsAreKept}
              onClick={() => onTake(b)}
            >
              {texts.archive}
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
      {texts.sessionActive}
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
        {flawKind && <b>{flawKind === 'OPEN' ? texts.delaminated : texts.suspectJoint}</b>}
        {waitsFor(billet)}
      </span>
    </span>
  );
}
