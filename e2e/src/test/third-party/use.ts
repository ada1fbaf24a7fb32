// A third party's program: plans a billet, logs its first weld and reads Evidence, with nothing but a token and a
// client generated from docs/openapi.json. Prints what it found, as JSON.
import { client } from './client/client.gen';
import {
  calculatePlan,
  createBillet,
  getBillet,
  getEvidence,
  logWeld,
  readShorthand,
  changeShop,
} from './client';

const { GEMINAL_URL, GEMINAL_TOKEN } = process.env;
client.setConfig({ baseUrl: GEMINAL_URL, auth: GEMINAL_TOKEN, throwOnError: true });
const options = { throwOnError: true } as const;

const before = (await getEvidence(options)).data.all;
// With units, since a line without is read in those of the token's person.
const line =
  '13 (1084 3mm, 15N20 1.5mm) 40mm x 150mm > set 3 > draw 40mm x 6mm, 4 heats > cut 4 > restack same > set 3';
const { plan } = (await readShorthand({ ...options, body: { line } })).data;
const run = (await calculatePlan({ ...options, body: { plan } })).data;
const billet = (
  await createBillet({ ...options, body: { name: 'Mast hoop', purpose: 'from a script', plan } })
).data;
const stepKey = billet.progress.nextWeld ?? '';
const weld = (
  await logWeld({
    ...options,
    path: { id: billet.id },
    body: { stepKey, temperatureC: 1180, protection: 'BORAX', outcome: 'HELD' },
  })
).data;
const after = (await getBillet({ ...options, path: { id: billet.id } })).data;
// What is refused is a problem document, with the place.
const refused = await createBillet({
  body: { name: '', purpose: '', plan },
  throwOnError: false,
});
// A token of a lower rank than this asks for is refused.
const shop = await changeShop({ body: { version: 0 } as never, throwOnError: false });

console.log(
  JSON.stringify({
    layers: run.stages.at(-1)?.visibleCount,
    weldsPlanned: after.progress.weldsPlanned,
    weldsMade: after.progress.weldsMade,
    logged: weld.outcome,
    heldBefore: before.held,
    heldAfter: (await getEvidence(options)).data.all.held,
    refused: refused.error?.where,
    shop: shop.response?.status,
  }),
);
