import * as texts from 'texts/account/People';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { Field, INPUT } from '../../ui/Field';
import { Select } from '../../ui/Select';
import { useUnits } from '../../ui/Words';
import { SignInLengths } from './SignInLengths';
import { changePerson, givePassword, letIn, peopleQuery, RANK_WORDS, type Person } from './api';
import { type Rank } from './session';

/** Who may come into the shop and what they may do there; the owner's business. */
export function People() {
  const client = useQueryClient();
  const people = useQuery(peopleQuery);
  const again = () => client.invalidateQueries(peopleQuery);
  const change = useMutation({ mutationFn: changePerson, onSuccess: again });
  const problem = change.error ? Problem.from(change.error) : null;
  return (
    <section aria-label={texts.people} className="border-t border-ink py-3">
      <h2 className="text-lg">{texts.people}</h2>
      <ul className="max-w-3xl">
        {people.data?.map((p) => (
          <li
            key={p.id}
            className="flex flex-wrap items-center gap-x-5 gap-y-1.5 border-t border-rule py-1.5"
          >
            <span className="w-44">
              <span className={p.mayEnter ? 'font-semibold' : 'text-soft line-through'}>{p.name}</span>{' '}
              <span className="text-soft">{p.login}</span>
            </span>
            <span className="w-72 max-w-full">
              <Select
                label={texts.whatMayDo({ name: p.name })}
                hideLabel
                value={p.rank}
                options={RANK_WORDS}
                onChoose={(rank) => change.mutate({ ...p, rank })}
              />
            </span>
            <Button weight="quiet" onClick={() => change.mutate({ ...p, mayEnter: !p.mayEnter })}>
              {p.mayEnter ? texts.block : texts.unblock}
            </Button>
            <GivePassword person={p} />
          </li>
        ))}
      </ul>
      {problem && (
        <p role="alert" className="pt-1">
          ▲ {problem.detail}
        </p>
      )}
      <LetIn onIn={() => void again()} />
      <SignInLengths />
    </section>
  );
}

/** For someone who forgot theirs; say it to them, they can change it. */
function GivePassword({ person }: { person: Person }) {
  const [password, setPassword] = useState<string | null>(null);
  const give = useMutation({ mutationFn: givePassword, onSuccess: () => setPassword(null) });
  if (password === null) {
    return (
      <Button weight="quiet" onClick={() => setPassword('')}>
        {give.isSuccess ? texts.newPasswordSet : texts.setNewPassword}
      </Button>
    );
  }
  const problem = give.error ? Problem.from(give.error) : null;
  return (
    <form
      className="flex items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault();
        give.mutate({ id: person.id, password });
      }}
    >
      <Field label={texts.newPasswordFor({ name: person.name })} error={problem?.detail ?? null}>
        {(parts) => (
          <input
            {...parts}
            autoComplete="off"
            autoFocus
            className={INPUT}
            value={password}
            onChange={(e) => setPassword(e.target.value)}
            onKeyDown={(e) => {
              if (e.key === 'Escape') setPassword(null);
            }}
          />
        )}
      </Field>
      <Button type="submit" disabled={give.isPending || password === ''}>
        {texts.set}
      </Button>
    </form>
  );
}

const NEW_PERSON = { login: '', name: '', password: '' };

function LetIn({ onIn }: { onIn: () => void }) {
  const units = useUnits();
  const [who, setWho] = useState(NEW_PERSON);
  const [rank, setRank] = useState<Rank>('APPRENTICE');
  const add = useMutation({
    mutationFn: () => letIn({ ...who, units: units.system, rank }),
    onSuccess: () => {
      setWho(NEW_PERSON);
      onIn();
    },
  });
  const problem = add.error ? Problem.from(add.error) : null;
  const field = (name: keyof typeof NEW_PERSON, label: string, type = 'text') => (
    <Field label={label} error={problem?.where === `/${name}` ? problem.detail : null}>
      {(parts) => (
        <input
          {...parts}
          type={type}
          autoComplete="off"
          className={INPUT}
          value={who[name]}
          onChange={(e) => setWho({ ...who, [name]: e.target.value })}
        />
      )}
    </Field>
  );
  return (
    <form
      aria-label={texts.addPerson}
      className="flex flex-wrap items-end gap-3 pt-3"
      onSubmit={(e) => {
        e.preventDefault();
        add.mutate();
      }}
    >
      {field('name', texts.name)}
      {field('login', texts.signInName)}
      {field('password', texts.firstPassword, 'password')}
      <Select label={texts.rank} value={rank} options={RANK_WORDS} onChoose={setRank} />
      <Button type="submit" disabled={add.isPending}>
        {texts.addPerson}
      </Button>
    </form>
  );
}
