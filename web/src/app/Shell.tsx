import * as texts from 'texts/app/Shell';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Navigate, NavLink, Outlet, useLocation } from 'react-router';
import { SignInAgain } from '../features/account/SignInAgain';
import { sessionQuery, setUnits, signOut } from '../features/account/session';
import { HelpButton } from '../features/help/HelpButton';
import { LoadFailed } from '../ui/Notice';
import { Units } from '../ui/Words';
import type { Units as ReaderUnits } from '../units';

const VIEWS = [
  { to: '/rack', name: texts.rack, under: '/billets' },
  { to: '/finder', name: texts.finder, under: '/finder' },
  { to: '/fire', name: texts.fire, under: '/fire' },
  { to: '/steels', name: texts.steels, under: '/steels' },
  { to: '/book', name: texts.book, under: '/book' },
  { to: '/evidence', name: texts.evidence, under: '/evidence' },
  { to: '/shop', name: texts.shop, under: '/shop' },
  { to: '/glossary', name: texts.glossary, under: '/glossary' },
] as const;

/** What is said beside the name of someone who may not do everything. */
const READS = { OWNER: '', SMITH: '', APPRENTICE: texts.apprentice, GUEST: texts.guest } as const;

type Ground = 'bench' | 'dusk';
const GROUND_KEY = 'geminal.ground';

function useGround() {
  const [ground, setGround] = useState<Ground>(() =>
    localStorage.getItem(GROUND_KEY) === 'dusk' ? 'dusk' : 'bench',
  );
  useEffect(() => {
    document.documentElement.dataset['ground'] = ground;
    localStorage.setItem(GROUND_KEY, ground);
  }, [ground]);
  return { ground, turn: () => setGround(ground === 'bench' ? 'dusk' : 'bench') };
}

/** The frame of every view; sends strangers to sign in. */
export function Shell() {
  const client = useQueryClient();
  const session = useQuery(sessionQuery);
  const { ground, turn } = useGround();
  const location = useLocation();
  const units = useMutation({
    mutationFn: (to: ReaderUnits) => setUnits(to),
    // The shorthand line comes in the reader's units, so everything read is read again.
    onSuccess: () => client.invalidateQueries(),
  });
  const out = useMutation({
    mutationFn: signOut,
    onSuccess: () => {
      client.clear();
      window.location.assign('/sign-in');
    },
  });
  if (session.isError) return <LoadFailed error={session.error} again={() => void session.refetch()} />;
  if (!session.data) return null;
  if (session.data.login === null) {
    return <Navigate to="/sign-in" state={{ from: location.pathname }} replace />;
  }
  const read = session.data.units;
  return (
    <Units value={read}>
      <div className="flex h-dvh flex-col print:block print:h-auto">
        <SignInAgain />
        <header className="flex flex-wrap items-baseline gap-x-8 gap-y-1 border-b border-ink px-5 py-2.5 max-sm:gap-x-3 max-sm:px-3 print:hidden">
          <span className="wide text-lg font-bold max-sm:hidden">{texts.geminal}</span>
          <nav
            aria-label={texts.views}
            className="flex gap-6 max-lg:order-last max-lg:w-full max-lg:overflow-x-auto max-lg:pb-3 pointer-coarse:pb-1 max-sm:gap-5"
          >
            {VIEWS.map((v) => (
              <NavLink
                key={v.to}
                to={v.to}
                className={({ isActive }) =>
                  isActive || location.pathname.startsWith(v.under)
                    ? 'font-semibold underline decoration-4 underline-offset-[11px]'
                    : 'text-soft hover:text-ink'
                }
              >
                {v.name}
              </NavLink>
            ))}
          </nav>
          <div className="ml-auto flex items-center gap-6 whitespace-nowrap text-soft max-sm:gap-2.5 max-sm:text-[13px]">
            <HelpButton />
            <button
              type="button"
              className="hover:text-ink"
              onClick={() => units.mutate({ ...read, system: read.system === 'INCH' ? 'METRIC' : 'INCH' })}
              title={texts.switchBetweenUsShopUnitsAnd}
            >
              {read.system === 'INCH' ? texts.usUnits : texts.metricUnits}
            </button>
            <button
              type="button"
              className="hover:text-ink"
              onClick={turn}
              title={texts.switchBetweenALightAndA}
            >
              {ground === 'bench' ? texts.light : texts.dark}
            </button>
            <span aria-label={texts.signedInAs}>
              {session.data.name}
              {session.data.rank !== null && READS[session.data.rank]}
            </span>
            <button type="button" className="hover:text-ink" onClick={() => out.mutate()}>
              {texts.signOut}
            </button>
          </div>
        </header>
        <div className="min-h-0 flex-1">
          <Outlet />
        </div>
      </div>
    </Units>
  );
}
