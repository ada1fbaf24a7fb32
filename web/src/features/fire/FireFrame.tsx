import * as texts from 'texts/fire/FireFrame';
import { useQuery } from '@tanstack/react-query';
import { useEffect, type ReactNode } from 'react';
import { Navigate, useLocation } from 'react-router';
import { sessionQuery, type Session } from '../account/session';
import { SignInAgain } from '../account/SignInAgain';
import { setPerson } from '../../lib/person';
import { store, stored } from '../../lib/stored';
import { Units } from '../../ui/Words';
import type { Units as ReaderUnits, UnitSystem } from '../../units';

const KEY = 'geminal.signed';

/** Who was signed in last on this device; an earlier release stored their units as the system alone. */
function signedBefore(): Session | null {
  const who = stored(KEY) as (Omit<Session, 'units'> & { units: ReaderUnits | UnitSystem }) | null;
  if (who === null) return null;
  return { ...who, units: typeof who.units === 'string' ? { system: who.units, chosen: {} } : who.units };
}

/**
 * The frame of a live session: dusk, no other views, and the person who was signed in last where the shop does
 * not answer, because the fire does not wait for it.
 */
export function FireFrame({ children }: { children: ReactNode }) {
  const session = useQuery({ ...sessionQuery, retry: false });
  const location = useLocation();
  useEffect(() => {
    const root = document.documentElement;
    const before = root.dataset['ground'];
    root.dataset['ground'] = 'dusk';
    return () => {
      if (before !== undefined) root.dataset['ground'] = before;
    };
  }, []);
  useEffect(() => {
    if (session.data?.login) store(KEY, session.data);
  }, [session.data]);
  useEffect(() => {
    // Without the shop the person who was signed in last taps on, under their own name.
    if (session.isError) setPerson(signedBefore()?.login ?? null);
  }, [session.isError]);
  const who = session.data ?? (session.isError ? signedBefore() : null);
  if (session.data?.login === null) {
    return <Navigate to="/sign-in" state={{ from: location.pathname }} replace />;
  }
  if (!who) {
    return (
      <p className="p-10 text-soft">
        {session.isError ? texts.theShopDoesNotAnswer : texts.loadingTheSession}
      </p>
    );
  }
  return (
    <Units value={who.units}>
      <div className="flex h-dvh flex-col">
        <SignInAgain />
        <div className="min-h-0 flex-1 overflow-y-auto">{children}</div>
      </div>
    </Units>
  );
}
