import * as texts from 'texts/fire/instruments';
import type { Schemas } from '../../lib/api';
import { queryOptions } from '@tanstack/react-query';
import { answered, api } from '../../lib/http';

export type Instrument = Schemas['Instrument'];

export type InstrumentView = Schemas['InstrumentsInstrumentView'];

export const instrumentsQuery = queryOptions({
  queryKey: ['instruments'],
  queryFn: () => answered(api.GET('/api/v1/instruments')),
  refetchInterval: 3000,
});

export const addInstrument = (i: Instrument) => answered(api.POST('/api/v1/instruments', { body: i }));
export const changeInstrument = (id: number, i: Instrument) =>
  answered(api.PUT('/api/v1/instruments/{id}', { params: { path: { id } }, body: i }));
export const removeInstrument = (id: number) =>
  answered(api.POST('/api/v1/instruments/{id}/remove', { params: { path: { id } } }));

/** A thermocouple on the bench that ships with Geminal; what a new one starts from. */
export const FIRST: Instrument = {
  name: texts.thermocouple,
  channel: 'FORGE',
  host: 'simulated',
  port: 502,
  unit: 1,
  registers: 'INPUT',
  address: 0,
  format: 'INT16',
  scale: 0.1,
  shift: 0,
  switched: true,
};
