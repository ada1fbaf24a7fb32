import * as texts from 'texts/billet/newPart';
import type { QueryClient } from '@tanstack/react-query';
import { historyOf, waitingQuery } from './api';
import { NEW_PART, waitingKey } from './LaidFields';
import { freeName } from './parts';
import type { Part, Plan } from './plan';

/** A part to lay into a plan: a plain bar to begin with, or a bar that was set aside, with its history. */
export async function newPart(plan: Plan, choice: string, client: QueryClient): Promise<Part> {
  if (choice === NEW_PART) {
    return {
      name: freeName(plan, 'edge'),
      plan: {
        stack: { pieces: [{ steel: '1084', thicknessMm: 12.7 }], widthMm: 15.875, lengthMm: 200 },
        steps: [],
        parts: [],
        wanted: [],
      },
      origin: null,
    };
  }
  const waiting = await client.query(waitingQuery);
  const picked = waiting.find((w) => waitingKey(w) === choice);
  if (!picked) throw new Error(texts.noLongerSetAside);
  const { billetId, billet, stepKey } = picked;
  const origin = { billetId, billet, stepKey };
  return { name: freeName(plan, 'bar'), plan: await historyOf(origin, 1), origin };
}
