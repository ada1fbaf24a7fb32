import * as texts from 'texts/billet/Cautions';
import { ExplainedWords } from '../glossary/ExplainedWords';
import { Words } from '../../ui/Words';
import type { Finding } from './api';

/** The cautions of a plan's materials, each once: a line that opens. */
export function Cautions({ cautions }: { cautions: readonly Finding[] }) {
  const each = cautions.filter((c) => c.stage === c.stages[0]);
  if (each.length === 0) return null;
  return (
    <details className="border-l-4 border-ink mx-5 mb-3 pl-3" data-cautions>
      <summary className="cursor-pointer">
        <b>{texts.safety} </b>
        {each.map((c) => (
          <span key={`${c.id} ${c.about}`} className="pr-2">
            <Words of={c.what} />
          </span>
        ))}
      </summary>
      {each.map((c) => (
        <p key={`${c.id} ${c.about}`} className="pt-1 text-soft">
          <b className="text-ink">
            <Words of={c.what} />
          </b>{' '}
          <ExplainedWords of={`${c.why} ${c.action}`} />
        </p>
      ))}
    </details>
  );
}
