import type { Schemas } from '../../lib/api';
import { queryOptions } from '@tanstack/react-query';
import { answered, api, setTokenCookie, signInBy } from '../../lib/http';
import { setPerson } from '../../lib/person';
import { forget } from '../../lib/stored';
import type { QuantityKind, Units } from '../../units';

export type Session = Omit<Schemas['AccountSession'], 'units' | 'tokenCookie'> & { readonly units: Units };

export type NewOwner = Schemas['AccountNewOwner'];

export const sessionQuery = queryOptions({
  queryKey: ['session'],
  queryFn: async () => {
    const { units, tokenCookie, ...session } = await answered(api.GET('/api/v1/session'));
    setTokenCookie(tokenCookie);
    setPerson(session.login);
    return { ...session, units: readerUnits(units) };
  },
  staleTime: Infinity,
});

export const signIn = (login: string, password: string) => signInBy({ login, password });

/** Signs out; what this browser remembers of the shop is forgotten, taps that wait stay with their person. */
export async function signOut() {
  await answered(api.POST('/api/v1/sign-out'));
  forget('geminal.seen.');
  forget('geminal.signed');
  setPerson(null);
}

export const makeOwner = (owner: NewOwner) => answered(api.POST('/api/v1/owner', { body: owner }));
export const setUnits = (units: Units) =>
  answered(api.PUT('/api/v1/settings', { body: { units: { system: units.system, chosen: sent(units) } } }));

/** The quantities a person reads in the other system, by the names the interface has for them. */
const sent = (units: Units) =>
  Object.fromEntries(Object.entries(units.chosen).map(([kind, system]) => [constant(kind), system]));

const constant = (kind: string) => kind.replace(/[A-Z]/g, (letter) => `_${letter}`).toUpperCase();

/** The same as the interface says it. */
export const readerUnits = (sentUnits: Schemas['AccountUnitsBody']): Units => ({
  system: sentUnits.system,
  chosen: Object.fromEntries(
    Object.entries(sentUnits.chosen ?? {}).map(([name, system]) => [camel(name) as QuantityKind, system]),
  ),
});

const camel = (name: string) =>
  name.toLowerCase().replace(/_(.)/g, (_, letter: string) => letter.toUpperCase());

export type Rank = NonNullable<Session['rank']>;
