import * as texts from 'texts/account/ApiTokens';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { Select } from '../../ui/Select';
import { TextField } from '../../ui/TextField';
import { shortTime } from '../book/time';
import { makeToken, RANK_NAMES, RANKS, revokeToken, tokensQuery } from './api';
import { sessionQuery, type Rank } from './session';

/** Tokens that scripts sign in with: a backup, a scale, a spreadsheet. */
export function ApiTokens() {
  const client = useQueryClient();
  const tokens = useQuery(tokensQuery);
  const own = useQuery(sessionQuery).data;
  const again = () => client.invalidateQueries(tokensQuery);
  const revoke = useMutation({ mutationFn: revokeToken, onSettled: again });
  return (
    <section aria-label={texts.tokensForScripts} className="border-t border-ink py-3">
      <h2 className="text-lg">{texts.tokensForScripts}</h2>
      <p className="max-w-prose text-soft">
        {texts.aScriptSendsATokenInstead} <code>{texts.authorizationBearer}</code>
        {texts.itCanDoWhatItsRank}
      </p>
      <ul className="pt-2">
        {tokens.data?.map((t) => (
          <li
            key={t.id}
            className="flex max-w-3xl flex-wrap items-baseline gap-x-3 border-b border-line py-1"
          >
            <b>{t.name}</b>
            <span>{RANK_NAMES[t.rank]}</span>
            <span className="text-soft">
              {t.login === own?.login ? '' : `${t.person}, `}
              {texts.created({ createdAt: shortTime(t.createdAt) })}
              {t.lastUsedAt === null
                ? texts.neverUsed
                : texts.lastUsed({ lastUsedAt: shortTime(t.lastUsedAt) })}
            </span>
            <span className="ml-auto">
              <Button
                aria-label={texts.revoke2({ name: t.name })}
                disabled={revoke.isPending}
                onClick={() => revoke.mutate(t.id)}
              >
                {texts.revoke}
              </Button>
            </span>
          </li>
        ))}
      </ul>
      {tokens.data?.length === 0 && <p className="pt-1">{texts.noTokensYet}</p>}
      {revoke.error && (
        <p role="alert" className="pt-1">
          ▲ {Problem.from(revoke.error).detail}
        </p>
      )}
      {own?.rank && <NewToken most={own.rank} onMade={() => void again()} />}
    </section>
  );
}

function NewToken({ most, onMade }: { most: Rank; onMade: () => void }) {
  const [name, setName] = useState('');
  const [rank, setRank] = useState<Rank>('GUEST');
  const make = useMutation({
    mutationFn: () => makeToken({ name, rank }),
    onSuccess: () => {
      setName('');
      onMade();
    },
  });
  const problem = make.error ? Problem.from(make.error) : null;
  const ranks = RANKS.slice(RANKS.indexOf(most));
  return (
    <>
      <form
        aria-label={texts.newToken}
        className="flex flex-wrap items-end gap-3 pt-3"
        onSubmit={(e) => {
          e.preventDefault();
          make.mutate();
        }}
      >
        <TextField
          label={texts.whatItIsFor}
          longest={80}
          error={problem?.where === '/name' ? problem.detail : null}
          value={name}
          onChange={(typed) => {
            make.reset();
            setName(typed);
          }}
        />
        <Select
          label={texts.rank}
          value={rank}
          options={Object.fromEntries(ranks.map((r) => [r, RANK_NAMES[r]])) as Record<Rank, string>}
          onChoose={setRank}
        />
        <Button type="submit" disabled={make.isPending || name.trim() === ''}>
          {texts.createToken}
        </Button>
      </form>
      {problem && problem.where !== '/name' && (
        <p role="alert" className="pt-1">
          ▲ {problem.detail} {problem.remedy}
        </p>
      )}
      {make.data && <Secret secret={make.data.secret} />}
    </>
  );
}

function Secret({ secret }: { secret: string }) {
  const [copied, setCopied] = useState(false);
  return (
    <div role="status" className="mt-3 border border-ink bg-raised px-3 py-2">
      <p>{texts.copyItNowItIsNot}</p>
      <p className="flex flex-wrap items-center gap-3 pt-1">
        <code className="break-all select-all">{secret}</code>
        {/* Over a line that is not safe the browser has no clipboard for pages. */}
        {window.isSecureContext && (
          <Button onClick={() => void navigator.clipboard.writeText(secret).then(() => setCopied(true))}>
            {copied ? texts.copied : texts.copy}
          </Button>
        )}
      </p>
    </div>
  );
}
