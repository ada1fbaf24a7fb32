import * as texts from 'texts/billet/InspectionDialog';
import { useQuery } from '@tanstack/react-query';
import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { uuid } from '../../lib/uuid';
import { Button } from '../../ui/Button';
import { CameraButton } from '../../ui/CameraButton';
import { Choice } from '../../ui/Choice';
import { Field, INPUT } from '../../ui/Field';
import { PHOTOS } from '../../ui/FileButton';
import { MeasureField } from '../../ui/MeasureField';
import { Refusal } from '../../ui/Notice';
import { Select } from '../../ui/Select';
import { Length, useUnits } from '../../ui/Words';
import { FLAW_WORDS, WAY_WORDS, type Way } from '../book/api';
import { useWriteEntry } from '../book/useWriteEntry';
import type { Stage } from './api';
import { seamsQuery } from './flaws';
import { flawOf, onRuler, SIDE_WORDS, type FlawDraft } from './inspectionDraft';
import { TapBar } from './TapBar';

const WAYS = Object.keys(WAY_WORDS) as Way[];

/** A look at the bar after a step: how it was looked at, and what was found where. */
export function InspectionDialog({
  billetId,
  stepKey,
  stage,
  onClose,
}: {
  billetId: number;
  stepKey: string;
  stage: Stage;
  onClose: () => void;
}) {
  const system = useUnits();
  const asked = useQuery(seamsQuery(billetId, stepKey));
  const seams = asked.data ?? [];
  const [ways, setWays] = useState<readonly Way[]>([]);
  const [drafts, setDrafts] = useState<readonly FlawDraft[]>([]);
  const [bright, setBright] = useState(0.5);
  const [note, setNote] = useState('');
  const [photos, setPhotos] = useState<readonly File[]>([]);
  const bar = {
    lengthMm: stage.lengthMm,
    widthMm: stage.widthMm,
    heightMm: stage.heightMm * stage.fill,
  };
  const write = useWriteEntry(billetId, onClose);
  const says = () => ({
    inspection: {
      stepKey,
      at: new Date().toISOString(),
      ways,
      brightShare: ways.includes('BEND') ? bright : null,
      flaws: drafts.map((d) => flawOf(d, bar, seams)),
      note,
    },
  });
  const change = (id: string, edit: Partial<FlawDraft>) =>
    setDrafts(drafts.map((d) => (d.id === id ? { ...d, ...edit } : d)));

  return (
    <Dialog.Root open modal={false} onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <div className="fixed inset-0 z-40 bg-ink/40" aria-hidden />
        <Dialog.Content
          aria-describedby={undefined}
          onInteractOutside={(e) => e.preventDefault()}
          className="fixed top-[4vh] left-1/2 z-50 flex max-h-[92vh] w-[min(60rem,96vw)] -translate-x-1/2 flex-col gap-4 overflow-y-auto border border-ink bg-ground px-6 py-4"
        >
          <Dialog.Title className="text-xl">{texts.howWasItLookedAtAnd}</Dialog.Title>
          <fieldset className="flex flex-wrap gap-2" aria-label={texts.inspectionMethod}>
            {WAYS.map((w) => (
              <label
                key={w}
                title={WAY_WORDS[w][1]}
                className="flex cursor-pointer items-center gap-2 border border-line px-2.5 py-1.5 has-checked:bg-ink has-checked:text-ground"
              >
                <input
                  type="checkbox"
                  className="accent-current"
                  checked={ways.includes(w)}
                  onChange={(e) => setWays(e.target.checked ? [...ways, w] : ways.filter((x) => x !== w))}
                />
                {WAY_WORDS[w][0]}
              </label>
            ))}
          </fieldset>
          {ways.includes('BEND') && (
            <MeasureField
              label={texts.brightShareOfTheFracture}
              measure="share"
              value={bright}
              onCommit={(share) => {
                if (share > 1) return texts.enter100OrLess;
                setBright(share);
                return null;
              }}
            />
          )}
          <div>
            <p className="pb-1 text-soft">
              {texts.tapTheBarWhereYouSee}
              {stage.count > 1 && texts.barsChooseTheBarBelow({ count: stage.count })}
              {texts.nothingFoundLogInspectionAsIt}
            </p>
            {asked.isPending ? (
              <p className="border border-line py-8 text-center text-soft">{texts.loadingTheJoints}</p>
            ) : (
              <TapBar
                bar={bar}
                stage={stage}
                seams={seams}
                drafts={drafts}
                onTap={(fromXMm, toXMm, joint) =>
                  setDrafts([
                    ...drafts,
                    {
                      id: uuid(),
                      kind: 'SEAM',
                      state: 'OPEN',
                      bar: 0,
                      fromXMm: onRuler(fromXMm, system),
                      toXMm: onRuler(toXMm, system),
                      side: 'THROUGH',
                      depthMm: onRuler(bar.widthMm / 4, system),
                      joint,
                    },
                  ])
                }
              />
            )}
            <p className="condensed flex justify-between pt-1 text-[13px] text-soft">
              <span>{texts.benchStop}</span>
              <span>
                <Length mm={bar.lengthMm} unit />
              </span>
            </p>
          </div>
          {drafts.map((d, i) => (
            <FlawFields
              key={d.id}
              nth={i + 1}
              draft={d}
              joints={seams.length}
              bars={stage.count}
              onChange={(edit) => change(d.id, edit)}
              onTakeOut={() => setDrafts(drafts.filter((x) => x.id !== d.id))}
            />
          ))}
          <div className="grid grid-cols-[1fr_16rem] gap-4 max-md:grid-cols-1">
            <Field label={texts.note}>
              {(parts) => (
                <textarea
                  {...parts}
                  className={INPUT}
                  rows={2}
                  maxLength={2000}
                  value={note}
                  onChange={(e) => setNote(e.target.value)}
                />
              )}
            </Field>
            <Field label={texts.photosLocationIsRemoved}>
              {(parts) => (
                <input
                  {...parts}
                  type="file"
                  accept={PHOTOS}
                  multiple
                  className="w-full text-[14px]"
                  onChange={(e) => setPhotos([...(e.target.files ?? [])])}
                />
              )}
            </Field>
            <span className="flex items-center gap-3">
              <CameraButton
                label={texts.takePhoto}
                onPhotos={(taken) => setPhotos((before) => [...before, ...taken])}
              />
              {photos.length > 0 && <span role="status">{texts.photos({ photos: photos.length })}</span>}
            </span>
          </div>
          {write.error && <Refusal error={write.error} />}
          <span className="flex gap-3">
            <Button
              weight="strong"
              disabled={ways.length === 0 || write.isPending}
              onClick={() => write.mutate({ says: says(), photos })}
            >
              {ways.length === 0
                ? texts.chooseAnInspectionMethodFirst
                : drafts.length === 0
                  ? texts.logInspectionNothingFound
                  : texts.logInspection}
            </Button>
            <Dialog.Close asChild>
              <Button>{texts.cancel}</Button>
            </Dialog.Close>
          </span>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** So many things to choose one of, reported from 1; their values count from where it is said. */
const numbered = (of: number, from: 0 | 1): Record<string, string> =>
  Object.fromEntries(Array.from({ length: of }, (_, i) => [i + from, texts.ofText({ value: i + 1, of })]));

function FlawFields({
  nth,
  draft,
  joints,
  bars,
  onChange,
  onTakeOut,
}: {
  nth: number;
  draft: FlawDraft;
  joints: number;
  bars: number;
  onChange: (edit: Partial<FlawDraft>) => void;
  onTakeOut: () => void;
}) {
  const put = (edit: Partial<FlawDraft>) => {
    onChange(edit);
    return null;
  };
  return (
    <fieldset className="border-t border-rule pt-2" aria-label={texts.flaw({ nth })}>
      <div className="flex flex-wrap items-end gap-3">
        <Select
          label={texts.what}
          value={draft.kind}
          options={FLAW_WORDS}
          onChoose={(kind) => onChange({ kind })}
        />
        <Choice<'OPEN' | 'SUSPECT'>
          label={texts.certainty}
          value={draft.state}
          options={[
            { value: 'OPEN', show: texts.delaminated },
            { value: 'SUSPECT', show: texts.suspect },
          ]}
          onChoose={(state) => onChange({ state })}
        />
        <MeasureField
          label={texts.fromTheStop}
          measure="length"
          width="w-24"
          value={draft.fromXMm}
          onCommit={(fromXMm) => put({ fromXMm })}
        />
        <MeasureField
          label={texts.to}
          measure="length"
          width="w-24"
          value={draft.toXMm}
          onCommit={(toXMm) => put({ toXMm })}
        />
        <Select
          label={texts.acrossTheBar}
          value={draft.side}
          options={SIDE_WORDS}
          onChoose={(side) => onChange({ side })}
        />
        {draft.side !== 'THROUGH' && (
          <MeasureField
            label={texts.depth}
            measure="length"
            width="w-24"
            value={draft.depthMm}
            onCommit={(depthMm) => put({ depthMm })}
          />
        )}
        {joints > 0 && (
          <Select
            label={texts.jointFromTheBottom}
            value={String(draft.joint ?? 0)}
            options={{ 0: texts.none, ...numbered(joints, 1) }}
            onChoose={(joint) => onChange({ joint: Number(joint) || null })}
          />
        )}
        {bars > 1 && (
          <Select
            label={texts.bar}
            value={String(draft.bar)}
            options={numbered(bars, 0)}
            onChoose={(bar) => onChange({ bar: Number(bar) })}
          />
        )}
        <Button weight="quiet" onClick={onTakeOut}>
          {texts.remove}
        </Button>
      </div>
    </fieldset>
  );
}
