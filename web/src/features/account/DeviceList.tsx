import * as texts from 'texts/account/DeviceList';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { shortTime } from '../book/time';
import { devicesQuery, shutOutDevice } from './api';
import { sessionQuery } from './session';

/** The devices that are signed in by a code, and shutting one out. */
export function DeviceList() {
  const client = useQueryClient();
  const own = useQuery(sessionQuery).data?.login;
  const devices = useQuery(devicesQuery).data ?? [];
  const [asked, setAsked] = useState<string | null>(null);
  const shutOut = useMutation({
    mutationFn: shutOutDevice,
    onSettled: () => {
      setAsked(null);
      return client.invalidateQueries(devicesQuery);
    },
  });
  if (devices.length === 0) return null;
  return (
    <div className="pt-4">
      <h3 className="font-semibold">{texts.signedInDevices}</h3>
      <ul>
        {devices.map((d) => (
          <li
            key={d.id}
            className="flex max-w-3xl flex-wrap items-baseline gap-x-3 border-b border-line py-1"
          >
            <b>{d.name}</b>
            {d.here && <span>{texts.thisDevice}</span>}
            <span className="text-soft">
              {d.login === own ? '' : `${d.login}, `}
              {texts.lastSeen({ lastUsed: shortTime(d.lastUsed) })}
            </span>
            <span className="ml-auto flex gap-2">
              {asked === d.id ? (
                <>
                  <Button weight="strong" disabled={shutOut.isPending} onClick={() => shutOut.mutate(d.id)}>
                    {texts.shutOutNow({ name: d.name })}
                  </Button>
                  <Button onClick={() => setAsked(null)}>{texts.cancel}</Button>
                </>
              ) : (
                <Button aria-label={texts.shutOutName({ name: d.name })} onClick={() => setAsked(d.id)}>
                  {texts.shutOut}
                </Button>
              )}
            </span>
          </li>
        ))}
      </ul>
      {shutOut.error && (
        <p role="alert" className="pt-1">
          ▲ {Problem.from(shutOut.error).detail}
        </p>
      )}
    </div>
  );
}
