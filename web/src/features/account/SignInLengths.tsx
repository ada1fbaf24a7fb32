import * as texts from 'texts/account/SignInLengths';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Problem } from '../../lib/http';
import { putStored } from '../../lib/inTurn';
import { Select } from '../../ui/Select';
import { chooseSignInLength, RANK_NAMES, signInLengthsQuery } from './api';

/** What can be chosen; a number of days chosen elsewhere is shown too. */
const DAYS = [1, 7, 30, 90];

/** After how long without use people are signed out; the owner's choice, for each rank. */
export function SignInLengths() {
  const client = useQueryClient();
  const lengths = useQuery(signInLengthsQuery);
  const choose = useMutation({
    mutationFn: chooseSignInLength,
    onSuccess: (all) => putStored(client, signInLengthsQuery.queryKey, all),
  });
  const problem = choose.error ? Problem.from(choose.error) : null;
  return (
    <section aria-label={texts.signedOutWhenUnused} className="pt-4">
      <h3>{texts.signedOutWhenUnusedFor}</h3>
      <div className="flex flex-wrap gap-3 pt-1">
        {lengths.data?.map(({ rank, days }) => (
          <Select
            key={rank}
            label={RANK_NAMES[rank]}
            value={String(days)}
            options={options(days)}
            onChoose={(d) => choose.mutate({ rank, days: Number(d) })}
          />
        ))}
      </div>
      {problem && (
        <p role="alert" className="pt-1">
          ▲ {problem.detail}
        </p>
      )}
    </section>
  );
}

function options(chosen: number): Record<string, string> {
  const all = DAYS.includes(chosen) ? DAYS : [...DAYS, chosen].sort((a, b) => a - b);
  return Object.fromEntries(all.map((d) => [String(d), texts.days({ d })]));
}
