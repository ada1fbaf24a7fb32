import * as texts from 'texts/hardening/TreatmentFields';
import { useState } from 'react';
import { Button } from '../../ui/Button';
import { CameraButton } from '../../ui/CameraButton';
import { Field, INPUT } from '../../ui/Field';
import { PHOTOS } from '../../ui/FileButton';
import { MeasureField } from '../../ui/MeasureField';
import { Refusal } from '../../ui/Notice';
import { Select } from '../../ui/Select';
import { TextField } from '../../ui/TextField';
import { FILE_WORDS, TREATMENT_WORDS, type TreatmentKind } from '../book/api';
import { useWriteEntry } from '../book/useWriteEntry';
import type { HardeningPlan } from './api';

const HEATED: readonly TreatmentKind[] = ['NORMALIZED', 'HARDENED', 'TEMPERED'];
const REPEATED: readonly TreatmentKind[] = ['NORMALIZED', 'TEMPERED', 'ETCHED'];

/** What is usually done, for a start. */
const usual = (kind: TreatmentKind, plan: HardeningPlan) => ({
  temperatureC:
    kind === 'NORMALIZED' ? (plan.normalizingC[0] ?? 870) : kind === 'TEMPERED' ? 200 : plan.hardenC || 800,
  minutes: kind === 'TEMPERED' ? 120 : 8,
  cycles: kind === 'TEMPERED' ? 2 : 3,
  medium: kind === 'HARDENED' ? (plan.quench ?? '') : kind === 'ETCHED' ? texts.ferricChloride14 : '',
});

/** Writes down one piece of work after the weld. */
export function TreatmentFields({ billetId, plan }: { billetId: number; plan: HardeningPlan }) {
  const [kind, setKind] = useState<TreatmentKind>('HARDENED');
  const [figures, setFigures] = useState(() => usual('HARDENED', plan));
  const [hrc, setHrc] = useState('');
  const [file, setFile] = useState<keyof typeof FILE_WORDS | ''>('');
  const [note, setNote] = useState('');
  const [photo, setPhoto] = useState<File | null>(null);
  const readings = hrc.split(/[\s,;]+/).filter(Boolean);
  const unread = readings.find((r) => !/^\d{1,2}(\.\d+)?$/.test(r));
  const write = useWriteEntry(billetId, () => {
    setNote('');
    setHrc('');
    setFile('');
    setPhoto(null);
  });
  const says = () => ({
    treated: {
      kind,
      at: new Date().toISOString(),
      temperatureC: HEATED.includes(kind) ? figures.temperatureC : null,
      minutes: kind === 'TESTED' ? null : figures.minutes,
      cycles: REPEATED.includes(kind) ? figures.cycles : null,
      medium: figures.medium,
      hrc: kind === 'TESTED' ? readings.map(Number) : [],
      file: kind === 'TESTED' && file !== '' ? file : null,
      note,
    },
  });
  const put = (change: Partial<typeof figures>) => {
    setFigures({ ...figures, ...change });
    return null;
  };
  return (
    <form
      aria-label={texts.logTreatment}
      className="grid gap-2 border-b border-ink py-3"
      onSubmit={(e) => {
        e.preventDefault();
        write.mutate({ says: says(), photos: photo ? [photo] : [] });
      }}
    >
      <h2>{texts.logTreatment}</h2>
      <Select
        label={texts.treatment}
        hideLabel
        value={kind}
        options={TREATMENT_WORDS}
        onChoose={(next) => {
          setKind(next);
          setFigures(usual(next, plan));
        }}
      />
      <div className="flex flex-wrap gap-3">
        {HEATED.includes(kind) && (
          <MeasureField
            label={texts.at}
            measure="temperature"
            width="w-24"
            value={figures.temperatureC}
            onCommit={(temperatureC) => put({ temperatureC })}
          />
        )}
        {kind !== 'TESTED' && (
          <MeasureField
            label={texts.forText}
            measure="minutes"
            width="w-20"
            value={figures.minutes}
            onCommit={(minutes) => put({ minutes })}
          />
        )}
        {REPEATED.includes(kind) && (
          <MeasureField
            label={texts.times}
            measure="count"
            width="w-16"
            value={figures.cycles}
            onCommit={(cycles) => put({ cycles })}
          />
        )}
      </div>
      {(kind === 'HARDENED' || kind === 'ETCHED') && (
        <Field label={texts.inText}>
          {(parts) => (
            <input
              {...parts}
              className={INPUT}
              maxLength={80}
              value={figures.medium}
              onChange={(e) => put({ medium: e.target.value })}
            />
          )}
        </Field>
      )}
      {kind === 'TESTED' && (
        <div className="grid grid-cols-2 gap-3">
          <Field
            label={texts.readingsHrc}
            error={unread === undefined ? null : texts.isNotAHardnessReading({ unread })}
          >
            {(parts) => (
              <input
                {...parts}
                className={INPUT}
                placeholder="60.5, 61"
                value={hrc}
                onChange={(e) => setHrc(e.target.value)}
              />
            )}
          </Field>
          <Select
            label={texts.orAFile}
            value={file}
            options={{ '': texts.notTried, ...FILE_WORDS }}
            onChoose={setFile}
          />
        </div>
      )}
      <TextField label={texts.noteAndResult} value={note} longest={2000} error={null} onChange={setNote} />
      <Field label={texts.photo}>
        {(parts) => (
          <input
            {...parts}
            type="file"
            accept={PHOTOS}
            className="w-full text-[14px]"
            onChange={(e) => setPhoto(e.target.files?.[0] ?? null)}
          />
        )}
      </Field>
      <span className="flex items-center gap-3">
        <CameraButton label={texts.takePhoto} onPhotos={(taken) => setPhoto(taken[0] ?? null)} />
        {photo && <span role="status">{photo.name}</span>}
      </span>
      {write.error && <Refusal error={write.error} />}
      <Button weight="strong" type="submit" disabled={write.isPending || unread !== undefined}>
        {texts.logTreatment}
      </Button>
    </form>
  );
}
