import { queryOptions } from '@tanstack/react-query';
import { change, get, postForm } from '../../lib/http';
import type { UnitSystem } from '../../units';

export interface Session {
  readonly login: string | null;
  readonly name: string | null;
  readonly units: UnitSystem;
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
  queryFn: () => get<Session>('/api/session'),
  staleTime: Infinity,
});

export const signIn = (login: string, password: string) => postForm('/api/sign-in', { login, password });
export const signOut = () => change('POST', '/api/sign-out');
export const makeOwner = (owner: NewOwner) => change('POST', '/api/owner', owner);
export const setUnits = (units: UnitSystem) =>
  change<{ units: UnitSystem }>('PUT', '/api/settings', { units });
