import * as texts from 'texts/account/OwnSignIn';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { Field, INPUT } from '../../ui/Field';
import { shortTime } from '../book/time';
import { changePassword, endOtherSignIns, signInsQuery } from './api';

/** One's own password, and where one is signed in. */
export function OwnSignIn() {
  const client = useQueryClient();
  const again = () => client.invalidateQueries(signInsQuery);
  const others = useMutation({ mutationFn: endOtherSignIns, onSuccess: again });
  const all = useQuery(signInsQuery).data ?? [];
  return (
    <section aria-label={texts.yourSignIn} className="border-t border-ink py-3">
      <h2 className="text-lg">{texts.yourSignIn}</h2>
      <ul className="pb-2">
        {all.map((s, i) => (
          <li key={i}>
            {s.here ? <b>{texts.thisDevice}</b> : (s.device ?? texts.anotherDevice)}{' '}
            <span className="text-soft">
              {texts.sinceLastUsed({ since: shortTime(s.since), lastUsed: shortTime(s.lastUsed) })}
            </span>
          </li>
        ))}
      </ul>
      {all.length > 1 && (
        <Button disabled={others.isPending} onClick={() => others.mutate()}>
          {texts.signOutOnAllOtherDevices}
        </Button>
      )}
      <ChangePassword onChanged={() => void again()} />
    </section>
  );
}

const EMPTY = { old: '', password: '' };

function ChangePassword({ onChanged }: { onChanged: () => void }) {
  const [typed, setTyped] = useState(EMPTY);
  const change = useMutation({
    mutationFn: () => changePassword(typed),
    onSuccess: () => {
      setTyped(EMPTY);
      onChanged();
    },
  });
  const problem = change.error ? Problem.from(change.error) : null;
  const beside = (name: keyof typeof EMPTY) => (problem?.where === `/${name}` ? problem.detail : null);
  const field = (name: keyof typeof EMPTY, label: string, autoComplete: string) => (
    <Field label={label} error={beside(name)}>
      {(parts) => (
        <input
          {...parts}
          type="password"
          autoComplete={autoComplete}
          className={INPUT}
          value={typed[name]}
          onChange={(e) => {
            change.reset();
            setTyped({ ...typed, [name]: e.target.value });
          }}
        />
      )}
    </Field>
  );
  return (
    <form
      aria-label={texts.changePassword}
      className="flex flex-wrap items-end gap-3 pt-3"
      onSubmit={(e) => {
        e.preventDefault();
        change.mutate();
      }}
    >
      {field('old', texts.passwordNow, 'current-password')}
      {field('password', texts.newPassword10CharactersOrMore, 'new-password')}
      <Button type="submit" disabled={change.isPending || !typed.old || !typed.password}>
        {texts.changePassword}
      </Button>
      {change.isSuccess && (
        <p role="status" className="pb-2">
          {texts.passwordChangedAllOtherDevicesAre}
        </p>
      )}
      {problem && !problem.where && (
        <p role="alert" className="pb-2">
          {problem.detail} {problem.remedy}
        </p>
      )}
    </form>
  );
}
