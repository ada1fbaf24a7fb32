import { queryOptions } from '@tanstack/react-query';
import { change, get } from '../../lib/http';

export interface Instrument {
  readonly name: string;
  readonly channel: 'FORGE' | 'PRESS';
  readonly host: string;
  readonly port: number;
  readonly unit: number;
  readonly registers: 'INPUT' | 'HOLDING';
  readonly address: number;
  readonly format: 'INT16' | 'UINT16' | 'INT32' | 'FLOAT32';
  readonly scale: number;
  readonly shift: number;
  readonly switched: boolean;
}

export interface Standing {
  readonly id: number;
  readonly instrument: Instrument;
  readonly address: string;
  readonly value: number | null;
  readonly state: string;
}

export const instrumentsQuery = queryOptions({
  queryKey: ['instruments'],
  queryFn: () => get<Standing[]>('/api/v1/instruments'),
  refetchInterval: 3000,
});

export const addInstrument = (i: Instrument) => change<Standing>('POST', '/api/v1/instruments', i);
export const changeInstrument = (id: number, i: Instrument) =>
  change<Standing>('PUT', `/api/v1/instruments/${id}`, i);
export const removeInstrument = (id: number) => change('POST', `/api/v1/instruments/${id}/remove`);

/** A thermocouple on the bench that ships with Geminal; what a new one starts from. */
export const FIRST: Instrument = {
  name: 'Thermocouple',
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
