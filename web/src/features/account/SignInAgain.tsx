import * as texts from 'texts/account/SignInAgain';
import { useState, useSyncExternalStore, type SubmitEvent } from 'react';
import { Problem } from '../../lib/http';
import { person } from '../../lib/person';
import { endWait, isSignedOut, onSignedOut } from '../../lib/signedOut';
import { Button } from '../../ui/Button';
import { Field, INPUT } from '../../ui/Field';
import { signIn } from './session';

/**
 * Comes up over any view when the sign-in has ended: the same person signs in again and everything continues where
 * it was. It covers nothing, so that taps at the fire go on meanwhile.
 */
export function SignInAgain() {
  const out = useSyncExternalStore(onSignedOut, isSignedOut);
  const login = person();
  return out && login !== null ? <Strip login={login} /> : null;
}

function Strip({ login }: { login: string }) {
  const [password, setPassword] = useState('');
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const go = (event: SubmitEvent) => {
    event.preventDefault();
    setBusy(true);
    signIn(login, password)
      .then(() => endWait(true))
      .catch((e: unknown) => setProblem(Problem.from(e)))
      .finally(() => setBusy(false));
  };
  return (
    <form
      aria-label={texts.signInAgain}
      onSubmit={go}
      className="flex flex-wrap items-end gap-x-4 gap-y-2 border-b-2 border-ink bg-raised px-5 py-2.5"
    >
      <p role="alert" className="pb-1.5">
        <b>{texts.youAreSignedOut}</b> {texts.signInAgainToGoOn}
      </p>
      <Field label={texts.passwordOf({ login })} error={problem?.detail ?? null}>
        {(parts) => (
          <input
            {...parts}
            type="password"
            autoComplete="current-password"
            autoFocus
            className={INPUT}
            value={password}
            onChange={(e) => {
              setProblem(null);
              setPassword(e.target.value);
            }}
          />
        )}
      </Field>
      <Button type="submit" disabled={busy || password === ''}>
        {texts.signIn}
      </Button>
      <Button
        weight="quiet"
        onClick={() => {
          endWait(false);
          window.location.assign('/sign-in');
        }}
      >
        {texts.signInAsSomeoneElse}
      </Button>
    </form>
  );
}
