import * as texts from 'texts/account/Devices';
import { useQuery } from '@tanstack/react-query';
import { LoadFailed } from '../../ui/Notice';
import { networkQuery } from './api';

/** How a tablet or phone reaches the shop, and how it learns to trust it. */
export function Devices() {
  const network = useQuery(networkQuery);
  if (network.isError) return <LoadFailed error={network.error} again={() => void network.refetch()} />;
  if (!network.data) return null;
  const { open, origin, trustPage, trustCode, fingerprint } = network.data;
  return (
    <section aria-label={texts.devices} className="border-t border-ink py-3">
      <h2 className="text-lg">{texts.devices}</h2>
      {!open ? (
        <p className="max-w-prose text-soft">{texts.onlyThisMachine}</p>
      ) : (
        <div className="flex flex-wrap gap-x-8 gap-y-3 pt-2">
          <svg
            role="img"
            aria-label={texts.codeOf({ address: trustPage })}
            viewBox={`0 0 ${trustCode.dots} ${trustCode.dots}`}
            className="size-44 bg-white"
            shapeRendering="crispEdges"
          >
            <path d={trustCode.path} fill="black" />
          </svg>
          <div className="grid max-w-prose content-start gap-2">
            <p>{texts.scanThis}</p>
            <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-1">
              <dt className="text-soft">{texts.pageAboutTrust}</dt>
              <dd className="break-all">{trustPage}</dd>
              <dt className="text-soft">{texts.shop}</dt>
              <dd className="break-all">{origin}</dd>
              <dt className="text-soft">{texts.fingerprint}</dt>
              <dd className="max-w-[26rem] font-semibold tabular-nums">{fingerprint}</dd>
            </dl>
            <p className="text-soft">{texts.compare}</p>
          </div>
        </div>
      )}
    </section>
  );
}
