import * as texts from 'texts/account/DeviceSignIn';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, Navigate, useLocation } from 'react-router';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { Field, INPUT } from '../../ui/Field';
import { signInByCode } from './api';
import { sessionQuery } from './session';

/** Where a device lands from the code in the Shop: one tap signs it in. The code is behind #, which is not sent. */
export function DeviceSignIn() {
  const client = useQueryClient();
  const { hash } = useLocation();
  const [code, setCode] = useState(() => digits(hash));
  const session = useQuery(sessionQuery).data;
  const enter = useMutation({
    mutationFn: () => signInByCode(code),
    onSuccess: () => client.invalidateQueries(sessionQuery),
  });
  if (enter.isSuccess && session?.login) return <Navigate to="/rack" replace />;
  const problem = enter.error ? Problem.from(enter.error) : null;
  return (
    <main className="mx-auto grid min-h-dvh max-w-md content-center gap-5 p-6">
      <h1 className="wide text-3xl">{texts.geminal}</h1>
      <p className="text-lg">{digits(hash) === '' ? texts.enterTheCode : texts.thisDeviceWasGivenACode}</p>
      <form
        aria-label={texts.signThisDeviceIn}
        className="grid gap-4"
        onSubmit={(e) => {
          e.preventDefault();
          enter.mutate();
        }}
      >
        <Field label={texts.code} error={problem?.where === '/code' ? problem.detail : null}>
          {(parts) => (
            <input
              {...parts}
              className={`${INPUT} py-3 text-3xl tabular-nums`}
              inputMode="numeric"
              autoComplete="one-time-code"
              maxLength={12}
              value={code}
              onChange={(e) => {
                enter.reset();
                setCode(e.target.value);
              }}
            />
          )}
        </Field>
        {problem && problem.where !== '/code' && (
          <p role="alert">
            ▲ {problem.detail} {problem.remedy}
          </p>
        )}
        <Button
          weight="strong"
          type="submit"
          className="min-h-16 text-lg"
          disabled={!session || enter.isPending || digits(code).length !== 8}
        >
          {texts.signThisDeviceIn}
        </Button>
      </form>
      <Link to="/sign-in" className="justify-self-start py-2 underline underline-offset-4">
        {texts.withAPassword}
      </Link>
    </main>
  );
}

const digits = (typed: string) => typed.replace(/\D/g, '');
