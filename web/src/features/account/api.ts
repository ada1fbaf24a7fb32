import * as texts from 'texts/account/api';
import type { Schemas } from '../../lib/api';
import { queryOptions } from '@tanstack/react-query';
import { answered, api, asItIs } from '../../lib/http';
import type { UnitSystem } from '../../units';
import type { Rank } from './session';

/** From the highest to the lowest. */
export const RANKS: readonly Rank[] = ['OWNER', 'SMITH', 'APPRENTICE', 'GUEST'];

export const RANK_WORDS: Record<Rank, string> = {
  OWNER: texts.ownerEverything,
  SMITH: texts.smithPlansEditsTheBook,
  APPRENTICE: texts.apprenticePracticesAndLogs,
  GUEST: texts.guestReads,
};

export const RANK_NAMES: Record<Rank, string> = {
  OWNER: texts.owner,
  SMITH: texts.smith,
  APPRENTICE: texts.apprentice,
  GUEST: texts.guest,
};

export type Person = Schemas['AccountPeoplePersonView'];

export const peopleQuery = queryOptions({
  queryKey: ['people'],
  queryFn: () => answered(api.GET('/api/v1/people')),
});

export const letIn = (person: {
  login: string;
  name: string;
  password: string;
  units: UnitSystem;
  rank: Rank;
}) => answered(api.POST('/api/v1/people', { body: person }));

export const changePerson = ({ id, rank, mayEnter }: Person) =>
  answered(api.PUT('/api/v1/people/{id}', { params: { path: { id } }, body: { rank, mayEnter } }));

/** A new password for someone who forgot theirs. */
export const givePassword = ({ id, password }: { id: number; password: string }) =>
  answered(api.PUT('/api/v1/people/{id}/password', { params: { path: { id } }, body: { password } }));

export const changePassword = (own: { old: string; password: string }) =>
  answered(api.PUT('/api/v1/settings/password', { body: own }));

/** After how many days without use a rank's sign-ins end. */
export type SignInLength = Schemas['AccountSignInLengthsSignInLength'];

export const signInLengthsQuery = queryOptions({
  queryKey: ['sign-in-lengths'],
  queryFn: () => answered(api.GET('/api/v1/sign-in-lengths')),
});

export const chooseSignInLength = ({ rank, days }: SignInLength) =>
  answered(api.PUT('/api/v1/sign-in-lengths/{rank}', { params: { path: { rank } }, body: { days } }));

export type SignedIn = Schemas['AccountSignInsSignIn'];

export const signInsQuery = queryOptions({
  queryKey: ['sign-ins'],
  queryFn: () => answered(api.GET('/api/v1/settings/sign-ins')),
});

export const endOtherSignIns = () => answered(api.POST('/api/v1/settings/sign-ins/end-others'));

export const tokensQuery = queryOptions({
  queryKey: ['tokens'],
  queryFn: () => answered(api.GET('/api/v1/tokens')),
});

export const makeToken = (token: { name: string; rank: Rank }) =>
  answered(api.POST('/api/v1/tokens', { body: token }));

export const revokeToken = (id: number) =>
  answered(api.POST('/api/v1/tokens/{id}/revoke', { params: { path: { id } } }));

export type ArchiveContents = Schemas['ArchiveUploadsContents'];

/** The code from the console, where no one can sign in yet. */
const byCode = (code: string) => (code === '' ? {} : { 'Owner-Code': code });

export const lookIntoArchive = (file: File, code: string) =>
  answered(
    api.POST('/api/v1/archives', {
      body: file as unknown as string,
      ...asItIs('application/zip', byCode(code)),
    }),
  );

export const restoreArchive = (id: string, code: string) =>
  answered(api.POST('/api/v1/archives/{id}/restore', { params: { path: { id } }, headers: byCode(code) }));

export type Backups = Schemas['ArchiveNightlyBackupsStatus'];

export const backupsQuery = queryOptions({
  queryKey: ['backups'],
  queryFn: () => answered(api.GET('/api/v1/backups')),
});

export const backUp = () => answered(api.POST('/api/v1/backups'));

export const networkQuery = queryOptions({
  queryKey: ['network'],
  queryFn: () => answered(api.GET('/api/v1/network')),
});

export type Network = Schemas['NetworkView'];

export const openNetwork = (open: boolean) => answered(api.PUT('/api/v1/network', { body: { open } }));

export const devicesQuery = queryOptions({
  queryKey: ['devices'],
  queryFn: () => answered(api.GET('/api/v1/devices')),
});

export const makeDeviceCode = (name: string) =>
  answered(api.POST('/api/v1/devices/codes', { body: { name } }));

export const signInByCode = (code: string) =>
  answered(api.POST('/api/v1/devices/sign-in', { body: { code } }));

export const shutOutDevice = (id: string) =>
  answered(api.POST('/api/v1/devices/{id}/shut-out', { params: { path: { id } } }));
