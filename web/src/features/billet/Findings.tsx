import * as texts from 'texts/billet/Findings';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { Words } from '../../ui/Words';
import { ExplainedWords } from '../glossary/ExplainedWords';
import type { Finding, Remedy } from './api';
import { FindingMark, SEVERITY_WORDS } from './FindingMark';
import { hiddenNotesQuery, hideNote, showNote } from './notes';

/** Findings about one stage: what, why, what to do, and the remedy as an edit. Notes can be hidden. */
export function Findings({
  billetId,
  findings,
  onApply,
}: {
  billetId: number;
  findings: readonly Finding[];
  onApply: (remedy: Remedy) => void;
}) {
  const [all, setAll] = useState(false);
  const hidden = findings.filter((f) => f.hidden).length;
  return (
    <>
      <ul aria-label={texts.findings}>
        {findings
          .filter((f) => all || !f.hidden)
          .map((f) => (
            <Line key={`${f.id} ${f.about} ${f.what}`} finding={f} billetId={billetId} onApply={onApply} />
          ))}
      </ul>
      {hidden > 0 && (
        <p className="border-t border-rule py-2 text-[13px] text-soft">
          {texts.notesHidden({ hidden })}{' '}
          <Button weight="quiet" aria-pressed={all} onClick={() => setAll(!all)}>
            {all ? texts.hideAgain : texts.show}
          </Button>
        </p>
      )}
    </>
  );
}

function Line({
  finding: f,
  billetId,
  onApply,
}: {
  finding: Finding;
  billetId: number;
  onApply: (remedy: Remedy) => void;
}) {
  return (
    <li data-finding={f.id} className="flex gap-3 border-t border-rule py-2.5">
      <span className="pt-0.5">
        <FindingMark severity={f.severity} />
      </span>
      <div className="min-w-0">
        <p className="condensed text-[13px] text-soft">
          {f.safety && <b className="text-ink">{texts.safety} </b>}
          {SEVERITY_WORDS[f.severity]}
          {f.stages.length > 1 && <> · {stepsWords(f.stages)}</>}
        </p>
        <p>
          <b>
            <ExplainedWords of={f.what} />
          </b>{' '}
          <span className="text-soft">
            <ExplainedWords of={`${f.why} ${f.action}`} />
          </span>{' '}
          {f.record && <span>{f.record} </span>}
          <RemedyButton finding={f} onApply={onApply} />
        </p>
        {f.canBeHidden && <Hiding finding={f} billetId={billetId} />}
      </div>
    </li>
  );
}

/** "steps 4 and 8"; the stack is its own. */
function stepsWords(stages: readonly number[]): string {
  const names = stages.map((s) => (s === 0 ? texts.stack : String(s)));
  return stages.some((s) => s > 0) ? texts.steps({ names: LIST.format(names) }) : LIST.format(names);
}

const LIST = new Intl.ListFormat('en', { type: 'conjunction' });

function RemedyButton({ finding, onApply }: { finding: Finding; onApply: (remedy: Remedy) => void }) {
  const { remedy } = finding;
  return remedy ? (
    <Button weight="quiet" className="font-semibold" onClick={() => onApply(remedy)}>
      <Words of={remedy.label} />
    </Button>
  ) : null;
}

/** A note read once need not be read again: on this billet, or on every billet. */
function Hiding({ finding, billetId }: { finding: Finding; billetId: number }) {
  const client = useQueryClient();
  const notes = useQuery({ ...hiddenNotesQuery, enabled: finding.hidden }).data ?? [];
  const its = notes.filter(
    (n) => n.family === finding.id && (n.billetId === null || n.billetId === billetId),
  );
  const put = useMutation({
    mutationFn: async (of: number | null | 'BACK') => {
      if (of !== 'BACK') await hideNote(finding.id, of);
      else for (const note of its) await showNote(note.id);
    },
    // It is hidden on every billet that was read before.
    onSettled: () => client.invalidateQueries(),
  });
  return (
    <p className="flex flex-wrap gap-x-4 pt-1 text-[13px] text-soft">
      {finding.hidden ? (
        <Button weight="quiet" disabled={put.isPending} onClick={() => put.mutate('BACK')}>
          {texts.showThisNoteAgain}
        </Button>
      ) : (
        <>
          <Button weight="quiet" disabled={put.isPending} onClick={() => put.mutate(billetId)}>
            {texts.hideOnThisBillet}
          </Button>
          <Button
            weight="quiet"
            disabled={put.isPending}
            title={texts.shopListsHiddenNotesAndShows}
            onClick={() => put.mutate(null)}
          >
            {texts.hideInThisShop}
          </Button>
        </>
      )}
      {put.error && <span role="alert">▲ {Problem.from(put.error).detail}</span>}
    </p>
  );
}
