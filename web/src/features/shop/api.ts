import type { Schemas } from '../../lib/api';
import { queryOptions } from '@tanstack/react-query';
import { answered, api } from '../../lib/http';

/** The smith's shop as the core knows it; see the core's package shop. */
export type Shop = Schemas['Shop'];

export type Forge = Schemas['ShopForge'];

export type Press = Schemas['ShopPress'];

export type Hammer = Schemas['ShopHammer'];

export type Mill = Schemas['ShopMill'];

export type ShopDefaults = Schemas['ShopDefaults'];

export type Limits = Schemas['ShopLimits'];

/** How long the work takes, and what it burns. */
export type TaskTimes = Schemas['ShopTaskTimes'];

export type Kept = Schemas['ShopView'];

export const shopQuery = queryOptions({
  queryKey: ['shop'],
  queryFn: () => answered(api.GET('/api/v1/shop')),
});

export const presetsQuery = queryOptions({
  queryKey: ['outfits'],
  queryFn: () => answered(api.GET('/api/v1/shop/outfits')),
  staleTime: Infinity,
});

export const changeShop = (version: number, shop: Shop) =>
  answered(api.PUT('/api/v1/shop', { body: { version, shop } }));
