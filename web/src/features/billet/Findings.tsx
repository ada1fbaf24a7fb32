import { Button } from '../../ui/Button';
import { Words } from '../../ui/Words';
import type { Finding, Remedy } from './api';
import { FindingMark, SEVERITY_WORDS } from './FindingMark';

/** Findings about one stage: what, why, what to do, and the remedy as an edit. */
export function Findings({
  findings,
  onMend,
}: {
  findings: readonly Finding[];
  onMend: (remedy: Remedy) => void;
}) {
  return (
    <ul aria-label="Findings">
      {findings.map((f) => (
        <li
          key={`${f.id} ${f.about} ${f.what}`}
          data-finding={f.id}
          className="flex gap-3 border-t border-rule py-2.5"
        >
          <span className="pt-0.5">
            <FindingMark severity={f.severity} />
          </span>
          <div className="min-w-0">
            <p className="condensed text-[13px] text-soft">
              {f.safety && <b className="text-ink">Safety · </b>}
              {SEVERITY_WORDS[f.severity]}
              {f.stages.length > 1 && <> · {stepsWords(f.stages)}</>}
            </p>
            <p>
              <b>
                <Words of={f.what} />
              </b>{' '}
              <span className="text-soft">
                <Words of={`${f.why} ${f.action}`} />
              </span>{' '}
              {f.record && <span>{f.record} </span>}
              <Mend finding={f} onMend={onMend} />
            </p>
          </div>
        </li>
      ))}
    </ul>
  );
}

/** "steps 4 and 8"; the stack is its own. */
function stepsWords(stages: readonly number[]): string {
  const names = stages.map((s) => (s === 0 ? 'stack' : String(s)));
  return `${stages.some((s) => s > 0) ? 'steps ' : ''}${LIST.format(names)}`;
}

const LIST = new Intl.ListFormat('en', { type: 'conjunction' });

function Mend({ finding, onMend }: { finding: Finding; onMend: (remedy: Remedy) => void }) {
  const { remedy } = finding;
  return remedy ? (
    <Button weight="quiet" className="font-semibold" onClick={() => onMend(remedy)}>
      <Words of={remedy.label} />
    </Button>
  ) : null;
}
