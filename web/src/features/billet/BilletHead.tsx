import * as texts from 'texts/billet/BilletHead';
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
    <div className="flex items-end gap-x-5 gap-y-2 px-5 pt-3 pb-2 max-lg:flex-wrap max-sm:px-3">
      <div className="min-w-0 flex-1 max-lg:basis-full">
        <h1 className="sr-only">{billet.name}</h1>
        <InPlace
          label={texts.name}
          value={billet.name}
          className="text-2xl font-semibold"
          onCommit={(name) => onRename({ name })}
        />
        <div className="flex items-baseline gap-x-1.5 text-soft max-lg:flex-wrap">
          <InPlace
            label={texts.whatItIsFor}
            value={billet.purpose}
            placeholder={texts.whatItIsFor2}
            className=""
            onCommit={(purpose) => onRename({ purpose })}
          />
          {end && (
            <p className="shrink-0 max-lg:shrink">
              <span aria-hidden>· </span>
              {listed(steels)}
              {!billet.run.stop && (
                <>
                  {texts.ends} {end.count > 1 && texts.ofText({ count: end.count })}
                  <Length mm={end.widthMm} /> × <Length mm={end.heightMm} /> ×{' '}
                  <Length mm={end.lengthMm} unit />{' '}
                  {texts.steelLost({ showPercent: showPercent(1 - billet.run.ledger.left) })}
                </>
              )}
            </p>
          )}
          <Counts findings={billet.run.findings} />
        </div>
      </div>
      <div className="flex flex-wrap items-baseline gap-2">
        <span role="status" className="pr-2 text-[13px] text-soft">
          {busy ? texts.saving : ''}
        </span>
        <Button aria-pressed={showCutList} onClick={onCutList} title={texts.whichPiecesToCutFromWhich}>
          {showCutList ? texts.backToTheRun : texts.cutList}
        </Button>
        <Link
          className="border border-line px-3 py-1.5 hover:border-ink"
          to={`/billets/${billet.id}/bench`}
          title={texts.oneStepAtATimeForThe}
        >
          {texts.bench}
        </Link>
        <Link
          className="border border-line px-3 py-1.5 hover:border-ink"
          to={`/billets/${billet.id}/card`}
          title={texts.onePageToHangBesideThe}
        >
          {texts.card}
        </Link>
        <Link
          className="border border-line px-3 py-1.5 hover:border-ink"
          to={`/billets/${billet.id}/finish`}
          title={texts.normalizeHardenTemperEtch}
        >
          {texts.heatTreatment}
        </Link>
        <a
          className="border border-line px-3 py-1.5 hover:border-ink"
          href={`/api/v1/billets/${billet.id}/plan-file`}
          download
          title={texts.thePlanWithItsPartsAnd}
        >
          {texts.saveAsFile}
        </a>
        <Button onClick={onUndo} disabled={!canUndo} title={texts.ctrlZ}>
          {texts.undo}
        </Button>
        <Button onClick={onRedo} disabled={!canRedo} title={texts.ctrlShiftZ}>
          {texts.redo}
        </Button>
      </div>
    </div>
  );
}

const listed = (words: readonly string[]) =>
  words.length < 2
    ? words.join('')
    : texts.and({ value: words.slice(0, -1).join(', '), value2: words.at(-1) ?? '' });

/** Errors and warnings of the plan; notes are not counted. */
function Counts({ findings }: { findings: readonly Finding[] }) {
  const errors = counted(findings, 'ERROR');
  const warnings = counted(findings, 'WARNING');
  if (errors + warnings === 0) return null;
  return (
    <p aria-label={texts.problems} className="flex shrink-0 items-baseline gap-3">
      {errors > 0 && (
        <span className="font-semibold whitespace-nowrap">
          <FindingMark severity="ERROR" size={13} /> {texts.errors({ errors })}
        </span>
      )}
      {warnings > 0 && (
        <span className="whitespace-nowrap">
          <FindingMark severity="WARNING" size={13} /> {texts.warnings({ warnings })}
        </span>
      )}
    </p>
  );
}
