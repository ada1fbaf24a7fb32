import type { components } from './schema';

/** What may be null is optional of what is sent; pages always say it, and the shop always writes it. */
export type Written<T> = T extends readonly (infer E)[]
  ? readonly Written<E>[]
  : T extends object
    ? { readonly [K in keyof T as null extends T[K] ? K : never]-?: Written<Exclude<T[K], undefined>> } & {
        readonly [K in keyof T as null extends T[K] ? never : K]: Written<T[K]>;
      }
    : T;

/** What the shop says and takes, by the names of docs/openapi.json. */
export type Schemas = { readonly [K in keyof components['schemas']]: Written<components['schemas'][K]> };

/** What the shop takes: what may be null is optional. */
export type Sent = components['schemas'];
