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

function Mend({ finding, onMend }: { finding: Finding; onMend: (remedy: Remedy) => void }) {
  const { remedy } = finding;
  return remedy ? (
    <Button weight="quiet" className="font-semibold" onClick={() => onMend(remedy)}>
      <Words of={remedy.label} />
    </Button>
  ) : null;
}
