import * as texts from 'texts/account/DeviceCode';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import type { Schemas } from '../../lib/api';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { QrCode } from '../../ui/QrCode';
import { TextField } from '../../ui/TextField';
import { clockTime } from '../book/time';
import { devicesQuery, makeDeviceCode } from './api';

type Device = Schemas['AccountSignInsDevice'];

/** While a code is shown, how often is asked whether the device has used it. */
const ASKS_EVERY_MS = 2000;

/** Names a device and makes the code that signs it in. */
export function DeviceCode() {
  const [name, setName] = useState('');
  const make = useMutation({ mutationFn: () => makeDeviceCode(name) });
  const problem = make.error ? Problem.from(make.error) : null;
  return (
    <div className="grid gap-2 pt-4">
      <h3 className="font-semibold">{texts.signADeviceIn}</h3>
      <p className="max-w-prose text-soft">{texts.itSignsInAsYou}</p>
      <form
        aria-label={texts.signADeviceIn}
        className="flex flex-wrap items-end gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          make.mutate();
        }}
      >
        <TextField
          label={texts.nameOfTheDevice}
          longest={80}
          error={problem?.where === '/name' ? problem.detail : null}
          value={name}
          onChange={(typed) => {
            make.reset();
            setName(typed);
          }}
        />
        <Button type="submit" disabled={make.isPending || name.trim() === ''}>
          {texts.showCode}
        </Button>
      </form>
      {problem && problem.where !== '/name' && (
        <p role="alert">
          ▲ {problem.detail} {problem.remedy}
        </p>
      )}
      {make.data && (
        <Code key={make.data.code} shown={make.data} name={name.trim()} onAgain={() => make.mutate()} />
      )}
    </div>
  );
}

function Code({ shown, name, onAgain }: { shown: Schemas['DeviceCode']; name: string; onAgain: () => void }) {
  const [before] = useState(() => Date.now());
  const [ended, setEnded] = useState(false);
  useEffect(() => {
    const end = setTimeout(() => setEnded(true), Date.parse(shown.until) - Date.now());
    return () => clearTimeout(end);
  }, [shown.until]);
  const used = (all: readonly Device[] | undefined) => all?.some((d) => isNew(d, name, before)) ?? false;
  const devices = useQuery({
    ...devicesQuery,
    refetchInterval: (query) => (ended || used(query.state.data) ? false : ASKS_EVERY_MS),
  });
  if (used(devices.data)) {
    return <p role="status">{texts.isSignedIn({ name })}</p>;
  }
  if (ended) {
    return (
      <p role="status" className="flex flex-wrap items-baseline gap-3">
        {texts.codeEnded} <Button onClick={onAgain}>{texts.newCode}</Button>
      </p>
    );
  }
  return (
    <div className="flex flex-wrap gap-x-8 gap-y-3" role="status">
      <QrCode code={shown.qr} label={texts.codeOf({ address: shown.address })} />
      <div className="grid content-start gap-1">
        <p className="max-w-prose">{texts.scanOrEnter({ address: shown.address.split('#')[0] ?? '' })}</p>
        <p className="text-3xl tabular-nums">{`${shown.code.slice(0, 4)} ${shown.code.slice(4)}`}</p>
        <p className="text-soft">{texts.onceUntil({ until: clockTime(shown.until) })}</p>
      </div>
    </div>
  );
}

/** Signed in since the code was made; the two clocks may differ by a minute. */
const isNew = (device: Device, name: string, beforeMs: number) =>
  device.name === name && Date.parse(device.since) > beforeMs - 60_000;
