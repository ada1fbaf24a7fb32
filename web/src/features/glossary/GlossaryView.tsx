import * as texts from 'texts/glossary/GlossaryView';
import { useEffect, useState } from 'react';
import { useLocation } from 'react-router';
import { Field, INPUT } from '../../ui/Field';
import { anchor, found } from './terms';

/** Every word of the trade that is on a screen, in two lines each. */
export function GlossaryView() {
  const [search, setSearch] = useState('');
  const { hash } = useLocation();
  useEffect(() => {
    if (hash) document.getElementById(hash.slice(1))?.scrollIntoView({ block: 'center' });
  }, [hash]);
  const terms = found(search);
  return (
    <main className="h-full overflow-y-auto px-5 py-4 max-sm:px-3">
      <h1 className="text-2xl font-semibold">{texts.glossary}</h1>
      <div className="max-w-sm py-3">
        <Field label={texts.searchTheGlossary}>
          {(parts) => (
            <input
              {...parts}
              type="search"
              className={INPUT}
              value={search}
              onChange={(e) => setSearch(e.target.value)}
            />
          )}
        </Field>
      </div>
      {terms.length === 0 && <p className="text-soft">{texts.noTermMatches}</p>}
      <dl aria-label={texts.terms} className="grid max-w-4xl">
        {terms.map((t) => (
          <div
            key={t.key}
            id={anchor(t.key)}
            className={`grid gap-x-6 border-t border-rule py-2 sm:grid-cols-[12rem_1fr] ${hash === `#${anchor(t.key)}` ? 'bg-panel' : ''}`}
          >
            <dt className="font-semibold">{t.name}</dt>
            <dd>{t.meaning}</dd>
          </div>
        ))}
      </dl>
    </main>
  );
}
