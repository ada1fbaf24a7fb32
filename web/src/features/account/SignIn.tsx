import * as texts from 'texts/account/SignIn';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useState, type SubmitEvent } from 'react';
import { Navigate, useLocation } from 'react-router';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { Field, INPUT } from '../../ui/Field';
import { Notice } from '../../ui/Notice';
import type { UnitSystem } from '../../units';
import { makeOwner, sessionQuery, signIn, type Session } from './session';

const Archive = lazy(() => import('./Archive').then((m) => ({ default: m.Archive })));

/** Where no one is signed in: sign in, or become the owner of an empty shop. */
export function SignIn() {
  const session = useQuery(sessionQuery).data;
  const state = useLocation().state as { from?: string } | null;
  const [isNew, setNew] = useState(false);
  if (!session) return null;
  if (session.login !== null) {
    return <Navigate to={isNew ? '/first-steps' : (state?.from ?? '/rack')} replace />;
  }
  return (
    <main className="mx-auto grid min-h-screen max-w-4xl content-center gap-10 p-8 md:grid-cols-[1fr_22rem]">
      <div>
        <h1 className="wide text-4xl">{texts.geminal}</h1>
        <p className="max-w-sm pt-4 text-lg text-soft">{texts.planTheStackSeeEveryLayer}</p>
        <StackFigure />
      </div>
      {session.ownerNeeded ? <FirstVisit onOwner={() => setNew(true)} /> : <SignInForm demo={session.demo} />}
    </main>
  );
}

/** Thirteen pieces set, cut and stacked again: what the place is about, in one drawing. */
function StackFigure() {
  return (
    <svg viewBox="0 0 360 120" className="mt-8 w-full max-w-sm" aria-hidden>
      <path d="M0 0v120" stroke="var(--ink)" strokeWidth="2" />
      {Array.from({ length: 13 }, (_, i) => (
        <rect
          key={i}
          x="2"
          y={6 + i * 3.4}
          width="120"
          height={i % 2 ? 1.4 : 3.4}
          fill={i % 2 ? '#cfccc2' : '#2b2a2b'}
        />
      ))}
      {[0, 1, 2, 3, 4].map((n) => (
        <g key={n} transform={`translate(${2 + n * 62} 74)`}>
          <rect width="58" height="12" fill="#6f6e6b" stroke="var(--ink)" strokeWidth="0.6" />
        </g>
      ))}
      <rect x="2" y="108" width="356" height="6" fill="#6f6e6b" stroke="var(--ink)" strokeWidth="0.6" />
    </svg>
  );
}

function useTry(work: () => Promise<void>) {
  const [problem, setProblem] = useState<Problem | null>(null);
  const [busy, setBusy] = useState(false);
  const client = useQueryClient();
  const go = (event: SubmitEvent) => {
    event.preventDefault();
    setBusy(true);
    setProblem(null);
    work()
      .then(() => client.invalidateQueries(sessionQuery))
      .catch((e: unknown) => setProblem(Problem.from(e)))
      .finally(() => setBusy(false));
  };
  return { problem, busy, go };
}

function SignInForm({ demo }: { demo: Session['demo'] }) {
  const [login, setLogin] = useState('');
  const [password, setPassword] = useState('');
  const { problem, busy, go } = useTry(() => signIn(login, password));
  return (
    <form onSubmit={go} className="grid content-start gap-4">
      <h2 className="text-xl">{texts.signIn}</h2>
      <Field label={texts.name}>
        {(p) => (
          <input
            {...p}
            className={INPUT}
            value={login}
            onChange={(e) => setLogin(e.target.value)}
            autoComplete="username"
            autoFocus
            required
          />
        )}
      </Field>
      <Field label={texts.password}>
        {(p) => (
          <input
            {...p}
            type="password"
            className={INPUT}
            value={password}
            onChange={(e) => setPassword(e.target.value)}
            autoComplete="current-password"
            required
          />
        )}
      </Field>
      {problem && (
        <Notice title={problem.title}>
          {problem.detail} {problem.remedy}
        </Notice>
      )}
      <Button weight="strong" type="submit" disabled={busy}>
        {busy ? texts.signingIn : texts.signIn}
      </Button>
      {demo && (
        <div className="border-t border-rule pt-4 text-soft">
          <p>
            {texts.thisIsADemoShopSign} <b className="text-ink">{demo.login}</b>
            {texts.password2}
            <b className="text-ink">{demo.password}</b>.
          </p>
          <Button
            weight="quiet"
            className="pt-2 text-ink"
            onClick={() => {
              setLogin(demo.login);
              setPassword(demo.password);
            }}
          >
            {texts.fillTheseIn}
          </Button>
        </div>
      )}
    </form>
  );
}

/** A new shop, or one from an archive. */
function FirstVisit({ onOwner }: { onOwner: () => void }) {
  const [restores, setRestores] = useState(false);
  return restores ? (
    <Suspense fallback={null}>
      <Archive first onBack={() => setRestores(false)} />
    </Suspense>
  ) : (
    <div className="grid content-start gap-6">
      <OwnerForm onOwner={onOwner} />
      <p className="border-t border-rule pt-4 text-soft">
        {texts.movingFromAnotherComputer}
        <Button weight="quiet" className="text-ink" onClick={() => setRestores(true)}>
          {texts.restoreFromAnArchive}
        </Button>
      </p>
    </div>
  );
}

/** What the browser's language suggests; first steps ask. */
const usualUnits = (): UnitSystem => (navigator.language === 'en-US' ? 'INCH' : 'METRIC');

function OwnerForm({ onOwner }: { onOwner: () => void }) {
  const [owner, setOwner] = useState({ code: '', login: '', name: '', password: '' });
  const { problem, busy, go } = useTry(async () => {
    await makeOwner({ ...owner, units: usualUnits() });
    onOwner();
    await signIn(owner.login, owner.password);
  });
  const wrong = (field: string) => (problem?.where === `/${field}` ? problem.detail : null);
  const FIELDS = [
    ['code', texts.codeFromTheConsole, 'off', 'text'],
    ['name', texts.yourName, 'name', 'text'],
    ['login', texts.nameToSignInWith, 'username', 'text'],
    ['password', texts.password10CharactersOrMore, 'new-password', 'password'],
  ] as const;
  return (
    <form onSubmit={go} className="grid content-start gap-4">
      <h2 className="text-xl">{texts.setUpThisShop}</h2>
      <p className="text-soft">{texts.thisShopHasNoOwnerYet}</p>
      {FIELDS.map(([field, label, complete, type]) => (
        <Field key={field} label={label} error={wrong(field)}>
          {(p) => (
            <input
              {...p}
              type={type}
              className={INPUT}
              value={owner[field]}
              onChange={(e) => setOwner({ ...owner, [field]: e.target.value })}
              autoComplete={complete}
              required
            />
          )}
        </Field>
      ))}
      {problem && !FIELDS.some(([f]) => wrong(f)) && (
        <Notice title={problem.title}>
          {problem.detail} {problem.remedy}
        </Notice>
      )}
      <Button weight="strong" type="submit" disabled={busy}>
        {texts.createShop}
      </Button>
    </form>
  );
}
