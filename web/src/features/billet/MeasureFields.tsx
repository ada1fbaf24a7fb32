import * as texts from 'texts/billet/MeasureFields';
import { useState } from 'react';
import { Link } from 'react-router';
import { Button } from '../../ui/Button';
import { Field, INPUT } from '../../ui/Field';
import { Length, Mass, Words, useUnits } from '../../ui/Words';
import { parseQuantity, systemOf, edit, unitOf } from '../../units';
import type { Stage } from './api';
import type { Measured } from './plan';

const SIZES = [
  { name: 'widthMm', label: texts.width },
  { name: 'heightMm', label: texts.height },
  { name: 'lengthMm', label: texts.length },
] as const;

type Typed = Record<'widthMm' | 'heightMm' | 'lengthMm' | 'massKg', string>;

/** What a bar was measured to be after a step: the Run continues from that. What is left empty is as calculated. */
export function MeasureFields({
  stage,
  measured,
  waysOn,
  onMeasured,
}: {
  stage: Stage;
  measured: Measured | null;
  /** Where the Finder can continue from here, null where it cannot. */
  waysOn: string | null;
  onMeasured: (measured: Measured | null) => Promise<string | null>;
}) {
  const units = useUnits();
  const [asked, setAsked] = useState(false);
  const start = (): Typed => ({
    widthMm: measured?.widthMm == null ? '' : edit('length', measured.widthMm, units),
    heightMm: measured?.heightMm == null ? '' : edit('length', measured.heightMm, units),
    lengthMm: measured?.lengthMm == null ? '' : edit('length', measured.lengthMm, units),
    massKg: measured?.massKg == null ? '' : edit('mass', measured.massKg, units),
  });
  const [typed, setTyped] = useState<Typed>(start);
  const [errors, setErrors] = useState<Partial<Typed>>({});
  const [wrong, setWrong] = useState<string | null>(null);
  const { planned } = stage;

  const store = async () => {
    const values: Record<string, number | null> = {};
    const found: Partial<Typed> = {};
    for (const name of ['widthMm', 'heightMm', 'lengthMm', 'massKg'] as const) {
      const text = typed[name].trim();
      if (text === '') {
        values[name] = null;
        continue;
      }
      const read =
        name === 'massKg'
          ? parseQuantity('mass', text, systemOf(units, 'mass'))
          : parseQuantity('length', text, systemOf(units, 'length'));
      if ('error' in read) found[name] = read.error;
      else values[name] = read.value;
    }
    setErrors(found);
    if (Object.keys(found).length > 0) return;
    const none = Object.values(values).every((v) => v === null);
    const problem = await onMeasured(none ? null : values);
    setWrong(problem);
    if (problem === null) setAsked(false);
  };

  return (
    <section aria-label={texts.measured} className="border-t border-ink pt-2 pb-3">
      <div className="flex items-baseline gap-3">
        <h3>{texts.measurements}</h3>
        {!asked && (
          <Button
            weight="quiet"
            className="text-[14px]"
            onClick={() => {
              setTyped(start());
              setAsked(true);
            }}
          >
            {measured ? texts.editMeasurements : texts.addMeasurements}
          </Button>
        )}
      </div>
      {planned && (
        <>
          <p className="condensed text-[13px] text-soft">
            {texts.calculated} <Length mm={planned.widthMm} /> × <Length mm={planned.heightMm} /> ×{' '}
            <Length mm={planned.lengthMm} unit />, <Mass kg={planned.massKg} />
            {texts.measured2}
            <Length mm={stage.widthMm} /> × <Length mm={stage.heightMm} /> ×{' '}
            <Length mm={stage.lengthMm} unit />, <Mass kg={stage.massKg} />
          </p>
          {planned.words.map((w) => (
            <p key={w} className="pt-1 text-[14px]">
              <Words of={w} />
            </p>
          ))}
          {waysOn && (
            <p className="pt-1 text-[14px]">
              <Link to={waysOn} className="underline decoration-line underline-offset-4 hover:decoration-ink">
                {texts.continueFromThisSize}
              </Link>
            </p>
          )}
        </>
      )}
      {asked && (
        <form
          className="grid grid-cols-2 gap-2 pt-2"
          onSubmit={(e) => {
            e.preventDefault();
            void store();
          }}
        >
          {SIZES.map((s) => (
            <Field
              key={s.name}
              label={`${s.label} ${unitOf('length', units)}`}
              error={errors[s.name] ?? null}
            >
              {(parts) => (
                <input
                  {...parts}
                  className={INPUT}
                  placeholder={edit('length', stage[s.name], units)}
                  value={typed[s.name]}
                  onChange={(e) => setTyped({ ...typed, [s.name]: e.target.value })}
                />
              )}
            </Field>
          ))}
          <Field
            label={texts.massOf({
              value: stage.count > 1 ? texts.eachBar : texts.theBar,
              unitOf: unitOf('mass', units),
            })}
            error={errors.massKg ?? null}
          >
            {(parts) => (
              <input
                {...parts}
                className={INPUT}
                placeholder={edit('mass', stage.massKg, units)}
                value={typed.massKg}
                onChange={(e) => setTyped({ ...typed, massKg: e.target.value })}
              />
            )}
          </Field>
          {wrong && (
            <p role="alert" className="col-span-2 text-[13px]">
              <Words of={wrong} />
            </p>
          )}
          <span className="col-span-2 flex gap-3">
            <Button weight="strong" type="submit">
              {texts.saveMeasurements}
            </Button>
            {measured && (
              <Button onClick={() => void onMeasured(null).then(() => setAsked(false))}>
                {texts.asCalculated}
              </Button>
            )}
            <Button weight="quiet" onClick={() => setAsked(false)}>
              {texts.cancel}
            </Button>
          </span>
        </form>
      )}
    </section>
  );
}
