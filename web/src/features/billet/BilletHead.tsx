import { Link } from 'react-router';
import { Button } from '../../ui/Button';
import { InPlace } from '../../ui/InPlace';
import { Length } from '../../ui/Words';
import { showPercent } from '../../units';
import type { Billet, Finding } from './api';
import { counted, FindingMark } from './FindingMark';
import type { Doc } from './useBillet';

/** Name and purpose, edited where they stand, and what the billet will come to in a line. */
export function BilletHead({
  billet,
  onRename,
  canUndo,
  canRedo,
  onUndo,
  onRedo,
  busy,
  showCutList,
  onCutList,
}: {
  billet: Billet;
  onRename: (names: Partial<Pick<Doc, 'name' | 'purpose'>>) => Promise<string | null>;
  canUndo: boolean;
  canRedo: boolean;
  onUndo: () => void;
  onRedo: () => void;
  busy: boolean;
  showCutList: boolean;
  onCutList: () => void;
}) {
  const end = billet.run.stages.at(-1);
  const steels = [...new Set(billet.plan.stack.pieces.map((p) => p.steel))];
  return (
    <div className="flex items-end gap-5 px-5 pt-3 pb-2">
      <div className="min-w-0 flex-1">
        <h1 className="sr-only">{billet.name}</h1>
        <InPlace
          label="Name"
          value={billet.name}
          className="text-2xl font-semibold"
          onCommit={(name) => onRename({ name })}
        />
        <div className="flex items-baseline gap-1.5 text-soft">
          <InPlace
            label="What it is for"
            value={billet.purpose}
            placeholder="what it is for"
            className=""
            onCommit={(purpose) => onRename({ purpose })}
          />
          {end && (
            <p className="shrink-0">
              <span aria-hidden>· </span>
              {listed(steels)}
              {!billet.run.stop && (
                <>
                  {' '}
                  · ends {end.count > 1 && `${end.count} of `}
                  <Length mm={end.widthMm} /> × <Length mm={end.heightMm} /> ×{' '}
                  <Length mm={end.lengthMm} unit /> · {showPercent(1 - billet.run.ledger.left)} steel lost
                </>
              )}
            </p>
          )}
          <Counts findings={billet.run.findings} />
        </div>
      </div>
      <div className="flex items-baseline gap-2">
        <span role="status" className="pr-2 text-[13px] text-soft">
          {busy ? 'saving …' : ''}
        </span>
        <Button aria-pressed={showCutList} onClick={onCutList} title="Which pieces to cut from which bars">
          {showCutList ? 'Back to the Run' : 'Cut list'}
        </Button>
        <Link
          className="border border-line px-3 py-1.5 hover:border-ink"
          to={`/billets/${billet.id}/card`}
          title="One page to hang beside the press"
        >
          Card
        </Link>
        <Link
          className="border border-line px-3 py-1.5 hover:border-ink"
          to={`/billets/${billet.id}/finish`}
          title="Normalize, harden, temper, etch"
        >
          Heat treatment
        </Link>
        <a
          className="border border-line px-3 py-1.5 hover:border-ink"
          href={`/api/v1/billets/${billet.id}/plan-file`}
          download
          title="The plan with its parts and your own steels, as an open file"
        >
          Save as file
        </a>
        <Button onClick={onUndo} disabled={!canUndo} title="Ctrl Z">
          Undo
        </Button>
        <Button onClick={onRedo} disabled={!canRedo} title="Ctrl Shift Z">
          Redo
        </Button>
      </div>
    </div>
  );
}

const listed = (words: readonly string[]) =>
  words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1) ?? ''}`;

/** Errors and warnings of the plan; notes are not counted. */
function Counts({ findings }: { findings: readonly Finding[] }) {
  const errors = counted(findings, 'ERROR');
  const warnings = counted(findings, 'WARNING');
  if (errors + warnings === 0) return null;
  return (
    <p aria-label="Problems" className="flex shrink-0 items-baseline gap-3">
      {errors > 0 && (
        <span className="font-semibold whitespace-nowrap">
          <FindingMark severity="ERROR" size={13} /> {errors === 1 ? '1 error' : `${errors} errors`}
        </span>
      )}
      {warnings > 0 && (
        <span className="whitespace-nowrap">
          <FindingMark severity="WARNING" size={13} /> {warnings === 1 ? '1 warning' : `${warnings} warnings`}
        </span>
      )}
    </p>
  );
}
