import { Link } from 'react-router';
import { EndSection } from '../../figures/EndSection';
import { Length, Mass, Words } from '../../ui/Words';
import { useTones } from '../steel/api';
import type { Billet, Finding, Run, Stage } from './api';
import { Findings } from './Findings';
import type { Operation, Step } from './plan';
import { stepTitle } from './StepWords';
import { WeldLog } from './WeldLog';

const LARGEST = { width: 248, height: 150 };

/** The open stage beside the Run: its end large, the count and why, findings, and the Book. */
export function StagePanel({
  billet,
  index,
  step,
  onMend,
}: {
  billet: Billet;
  index: number;
  step: Step | undefined;
  onMend: (instead: Operation) => void;
}) {
  const stage = billet.run.stages[index];
  const findings = billet.run.findings.filter((f) => f.stage === index);
  const last = index === billet.run.stages.length - 1;
  return (
    <aside aria-label="Open stage" className="overflow-y-auto border-l border-ink bg-panel px-4 py-3">
      <div className="flex items-baseline justify-between gap-3">
        <h2 className="text-lg">{step ? stepTitle(step.operation) : 'Stack'}</h2>
        {stage && Object.keys(stage.bySteel).length > 1 && (
          <Link
            to={`/steels?with=${Object.keys(stage.bySteel).slice(0, 6).join(',')}`}
            className="text-[14px] underline decoration-line underline-offset-4 hover:decoration-ink"
          >
            how the steels agree
          </Link>
        )}
      </div>
      {stage ? (
        <Inside stage={stage} findings={findings} onMend={onMend} />
      ) : (
        <p className="py-3 text-soft">The plan does not come this far yet.</p>
      )}
      {last && <Ledger run={billet.run} />}
      {step?.operation.kind === 'set' && (
        <WeldLog
          key={step.key}
          billetId={billet.id}
          stepKey={step.key}
          planned={step.operation}
          welds={billet.welds.filter((w) => w.stepKey === step.key)}
        />
      )}
    </aside>
  );
}

function Inside({
  stage,
  findings,
  onMend,
}: {
  stage: Stage;
  findings: readonly Finding[];
  onMend: (instead: Operation) => void;
}) {
  const toneOf = useTones();
  const scale = Math.min(LARGEST.width / stage.widthMm, LARGEST.height / stage.heightMm);
  return (
    <>
      <div className="pt-2">
        <EndSection
          inside={stage}
          widthMm={stage.widthMm}
          heightMm={stage.heightMm}
          scale={scale}
          toneOf={toneOf}
          label={`The end of the bar: ${stage.visibleCount} visible layers`}
        />
      </div>
      <p className="condensed pt-1 text-[13px] text-soft">
        the end, <Length mm={stage.widthMm} /> × <Length mm={stage.heightMm} unit /> · layers{' '}
        <Length mm={stage.heightMm / stage.visibleCount} unit /> on average
      </p>
      <p className="pt-2 leading-tight">
        <b className="block text-[44px]" data-count="visible">
          {stage.visibleCount.toLocaleString('en')}
        </b>{' '}
        <span className="text-soft">
          visible layers, {stage.shopCount.toLocaleString('en')} counted at the saw
        </span>
      </p>
      <p className="pb-3">
        <Words of={stage.why} />
      </p>
      <Findings findings={findings} onMend={onMend} />
    </>
  );
}

const LOST_WORDS = { SCALE: 'scale', GRINDING: 'grinding', KERF: 'saw kerf', TRIM: 'trimmed ends' } as const;

/** Where the steel went, down to the finished bar. */
function Ledger({ run }: { run: Run }) {
  const { startedKg, finishedKg, lost } = run.ledger;
  return (
    <section aria-label="Where the steel went" className="border-t border-ink pt-2 pb-4">
      <h3>Where the steel went</h3>
      <table className="w-full text-[14px]">
        <tbody className="[&_td]:py-0.5 [&_td:last-child]:text-right">
          <tr>
            <td>came in</td>
            <td>
              <Mass kg={startedKg} />
            </td>
          </tr>
          {lost
            .filter((l) => l.kg > 0)
            .map((l) => (
              <tr key={l.kind} className="text-soft">
                <td>{LOST_WORDS[l.kind]}</td>
                <td>
                  − <Mass kg={l.kg} />
                </td>
              </tr>
            ))}
          <tr className="border-t border-line font-semibold">
            <td>left</td>
            <td>
              <Mass kg={finishedKg} />
            </td>
          </tr>
        </tbody>
      </table>
    </section>
  );
}
