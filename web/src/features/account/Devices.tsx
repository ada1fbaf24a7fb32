import * as texts from 'texts/account/Devices';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { LoadFailed } from '../../ui/Notice';
import { QrCode } from '../../ui/QrCode';
import { networkQuery, openNetwork, type Network } from './api';
import { sessionQuery } from './session';
import { DeviceCode } from './DeviceCode';
import { DeviceList } from './DeviceList';

/** How a tablet or phone reaches the shop, learns to trust it, and signs in without a password. */
export function Devices() {
  const network = useQuery(networkQuery);
  const owner = useQuery(sessionQuery).data?.rank === 'OWNER';
  if (network.isError) return <LoadFailed error={network.error} again={() => void network.refetch()} />;
  if (!network.data) return null;
  const { open, mayChoose, origin, trustPage } = network.data;
  return (
    <section aria-label={texts.devices} className="border-t border-ink py-3">
      <h2 className="text-lg">{texts.devices}</h2>
      {origin === '' && <p className="max-w-prose text-soft">{texts.onlyThisMachine}</p>}
      {owner && mayChoose && <Switch open={open} />}
      {trustPage !== '' && <Trust network={network.data} />}
      {origin !== '' && <DeviceCode />}
      <DeviceList />
    </section>
  );
}

/** Opens the shop to its network, or closes it. */
function Switch({ open }: { open: boolean }) {
  const client = useQueryClient();
  const change = useMutation({
    mutationFn: () => openNetwork(!open),
    onSuccess: (network) => client.setQueryData(networkQuery.queryKey, network),
  });
  return (
    <div className="grid max-w-prose justify-items-start gap-2 pt-2">
      {!open && <p className="text-soft">{texts.whatOpeningDoes}</p>}
      <Button disabled={change.isPending} onClick={() => change.mutate()}>
        {open ? texts.closeToTheNetwork : texts.openToTheNetwork}
      </Button>
      {change.error && <p role="alert">▲ {Problem.from(change.error).detail}</p>}
    </div>
  );
}

function Trust({ network }: { network: Network }) {
  const { origin, trustPage, trustCode, fingerprint } = network;
  return (
    <div className="grid gap-2 pt-4">
      <h3 className="font-semibold">{texts.firstTrust}</h3>
      <div className="flex flex-wrap gap-x-8 gap-y-3">
        <QrCode code={trustCode} label={texts.codeOf({ address: trustPage })} />
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
    </div>
  );
}
