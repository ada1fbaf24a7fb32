import { queryOptions } from '@tanstack/react-query';
import { change, get, postForm } from '../../lib/http';
import { setPerson } from '../../lib/person';
import { forget } from '../../lib/stored';
import type { UnitSystem } from '../../units';

export interface Session {
  readonly login: string | null;
  readonly name: string | null;
  readonly units: UnitSystem;
  readonly rank: Rank | null;
  readonly ownerNeeded: boolean;
  readonly demo: { readonly login: string; readonly password: string } | null;
}

export interface NewOwner {
  readonly code: string;
  readonly login: string;
  readonly name: string;
  readonly password: string;
  readonly units: UnitSystem;
}

export const sessionQuery = queryOptions({
  queryKey: ['session'],
  queryFn: async () => {
    const session = await get<Session>('/api/v1/session');
    setPerson(session.login);
    return session;
  },
  staleTime: Infinity,
});

export const signIn = (login: string, password: string) => postForm('/api/v1/sign-in', { login, password });

/** Signs out; what this browser remembers of the shop goes with it, taps that wait stay with their person. */
export async function signOut() {
  await change('POST', '/api/v1/sign-out');
  forget('geminal.seen.');
  forget('geminal.signed');
  setPerson(null);
}

export const makeOwner = (owner: NewOwner) => change('POST', '/api/v1/owner', owner);
export const setUnits = (units: UnitSystem) =>
  change<{ units: UnitSystem }>('PUT', '/api/v1/settings', { units });

export type Rank = 'OWNER' | 'SMITH' | 'APPRENTICE' | 'GUEST';

export const RANK_WORDS: Record<Rank, string> = {
  OWNER: 'owner: all of it',
  SMITH: 'smith: plans, mends the Book',
  APPRENTICE: 'apprentice: rehearses and logs',
  GUEST: 'guest: reads',
};

export const RANK_NAMES: Record<Rank, string> = {
  OWNER: 'Owner',
  SMITH: 'Smith',
  APPRENTICE: 'Apprentice',
  GUEST: 'Guest',
};

export interface Person {
  readonly id: number;
  readonly login: string;
  readonly name: string;
  readonly rank: Rank;
  readonly mayEnter: boolean;
}

export const peopleQuery = queryOptions({
  queryKey: ['people'],
  queryFn: () => get<Person[]>('/api/v1/people'),
});

export const letIn = (person: {
  login: string;
  name: string;
  password: string;
  units: UnitSystem;
  rank: Rank;
}) => change<Person>('POST', '/api/v1/people', person);

export const changePerson = ({ id, rank, mayEnter }: Person) =>
  change<Person>('PUT', `/api/v1/people/${id}`, { rank, mayEnter });

/** A new password for somebody who forgot theirs. */
export const givePassword = ({ id, password }: { id: number; password: string }) =>
  change('PUT', `/api/v1/people/${id}/password`, { password });

export const changePassword = (own: { old: string; password: string }) =>
  change('PUT', '/api/v1/settings/password', own);

/** After how many days without use a rank's sign-ins end. */
export interface SignInLength {
  readonly rank: Rank;
  readonly days: number;
}

export const signInLengthsQuery = queryOptions({
  queryKey: ['sign-in-lengths'],
  queryFn: () => get<SignInLength[]>('/api/v1/sign-in-lengths'),
});

export const chooseSignInLength = ({ rank, days }: SignInLength) =>
  change<SignInLength[]>('PUT', `/api/v1/sign-in-lengths/${rank}`, { days });

export interface SignedIn {
  readonly since: string;
  readonly lastUsed: string;
  readonly here: boolean;
}

export const signInsQuery = queryOptions({
  queryKey: ['sign-ins'],
  queryFn: () => get<SignedIn[]>('/api/v1/settings/sign-ins'),
});

export const endOtherSignIns = () => change('POST', '/api/v1/settings/sign-ins/end-others');
