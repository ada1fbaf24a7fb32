import * as texts from 'texts/fire/InstrumentFields';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Problem } from '../../lib/http';
import { Button } from '../../ui/Button';
import { Field, INPUT } from '../../ui/Field';
import { Passing } from '../../ui/Notice';
import { Temperature, Quantity } from '../../ui/Words';
import {
  addInstrument,
  changeInstrument,
  FIRST,
  instrumentsQuery,
  removeInstrument,
  type Instrument,
  type InstrumentView,
} from './instruments';

/** The shop's instruments, what each says now, and where it is asked. */
export function InstrumentFields() {
  const client = useQueryClient();
  const all = useQuery(instrumentsQuery).data;
  const [open, setOpen] = useState<number | 'new' | null>(null);
  const [gone, setGone] = useState<InstrumentView | null>(null);
  const again = () => client.invalidateQueries(instrumentsQuery);
  const remove = useMutation({ mutationFn: (s: InstrumentView) => removeInstrument(s.id), onSuccess: again });
  const bring = useMutation({
    mutationFn: (s: InstrumentView) => addInstrument(s.instrument),
    onSuccess: again,
  });
  return (
    <section
      aria-label={texts.instruments}
      className="grid grid-cols-[9rem_1fr] gap-4 border-t border-ink py-3"
    >
      <div>
        <h2 className="text-lg">{texts.instruments}</h2>
        <p className="text-[13px] text-soft">{texts.readOverModbusTcpDuringA}</p>
      </div>
      <div>
        <ul>
          {all?.map((s) => (
            <li key={s.id} className="border-b border-rule py-2">
              <p className="flex flex-wrap items-baseline gap-x-5">
                <b>{s.instrument.name}</b>
                <span className="text-[17px] font-semibold">
                  <Says state={s} />
                </span>
                <span className={s.state === 'good' ? 'text-soft' : ''}>{s.state}</span>
                <span className="condensed text-[13px] text-soft">
                  {s.instrument.host === 'simulated' ? texts.simulatedInstruments : ''}
                  {texts.register({
                    address: s.address,
                    toLowerCase: s.instrument.registers.toLowerCase(),
                    address2: s.instrument.address,
                  })}
                </span>
                <span className="ml-auto flex gap-4">
                  <Button weight="quiet" onClick={() => setOpen(open === s.id ? null : s.id)}>
                    {open === s.id ? texts.close : texts.change}
                  </Button>
                  <Button
                    weight="quiet"
                    onClick={() => {
                      setGone(s);
                      remove.mutate(s);
                    }}
                  >
                    {texts.remove}
                  </Button>
                </span>
              </p>
              {open === s.id && (
                <InstrumentForm
                  start={s.instrument}
                  words={texts.save}
                  onStore={async (i) => {
                    await changeInstrument(s.id, i);
                    setOpen(null);
                    await again();
                  }}
                />
              )}
            </li>
          ))}
          {all?.length === 0 && <li className="py-1 text-soft">{texts.noneYouCanEnterTheForge}</li>}
        </ul>
        {open === 'new' ? (
          <InstrumentForm
            start={FIRST}
            words={texts.add}
            onStore={async (i) => {
              await addInstrument(i);
              setOpen(null);
              await again();
            }}
          />
        ) : (
          <Button className="mt-2" onClick={() => setOpen('new')}>
            {texts.addAnInstrument}
          </Button>
        )}
      </div>
      {gone && (
        <Passing
          words={texts.isRemoved({ name: gone.instrument.name })}
          undo={() => {
            bring.mutate(gone);
            setGone(null);
          }}
          close={() => setGone(null)}
        />
      )}
    </section>
  );
}

function Says({ state }: { state: InstrumentView }) {
  if (state.value === null) return <span className="text-soft">—</span>;
  return state.instrument.channel === 'FORGE' ? (
    <Temperature celsius={state.value} />
  ) : (
    <Quantity kind="pressure" value={state.value} />
  );
}

type Named = { readonly [K in keyof Instrument]: Instrument[K] extends number ? K : never }[keyof Instrument];

const NUMBERS: readonly { readonly name: Named; readonly label: string }[] = [
  { name: 'port', label: texts.port },
  { name: 'unit', label: texts.unit },
  { name: 'address', label: texts.register2 },
  { name: 'scale', label: texts.oneCountIsCOrMpa },
  { name: 'shift', label: texts.added },
];

const PICKS = {
  channel: ['FORGE', 'PRESS'],
  registers: ['INPUT', 'HOLDING'],
  format: ['INT16', 'UINT16', 'INT32', 'FLOAT32'],
} as const;

const PICK_LABELS = { channel: texts.measures, registers: texts.registers, format: texts.writtenAs } as const;

/** One instrument's address; a wrong value is reported at its field, what was typed stays. */
function InstrumentForm({
  start,
  words,
  onStore,
}: {
  start: Instrument;
  words: string;
  onStore: (i: Instrument) => Promise<void>;
}) {
  const [typed, setTyped] = useState<Record<string, string>>(() =>
    Object.fromEntries(Object.entries(start).map(([k, v]) => [k, String(v)])),
  );
  const [problem, setProblem] = useState<Problem | null>(null);
  const wrong = (name: string) => (problem?.where === `/${name}` ? problem.detail : undefined);
  const put = (name: string, value: string) => setTyped({ ...typed, [name]: value });
  const store = async () => {
    const numbers = Object.fromEntries(NUMBERS.map((n) => [n.name, Number(typed[n.name])]));
    const bad = NUMBERS.find((n) => !Number.isFinite(Number(typed[n.name])) || typed[n.name]?.trim() === '');
    if (bad) {
      setProblem(new Problem(422, '', texts.enterANumber, `/${bad.name}`, ''));
      return;
    }
    try {
      await onStore({
        ...typed,
        ...numbers,
        switched: typed['switched'] === 'true',
      } as unknown as Instrument);
    } catch (thrown) {
      setProblem(Problem.from(thrown));
    }
  };
  return (
    <form
      className="flex flex-wrap items-start gap-4 pt-2 pb-3"
      onSubmit={(e) => {
        e.preventDefault();
        void store();
      }}
    >
      <Field label={texts.name} error={wrong('name')}>
        {(field) => (
          <input
            {...field}
            className={`${INPUT} w-48!`}
            value={typed['name']}
            onChange={(e) => put('name', e.target.value)}
          />
        )}
      </Field>
      <Field label={texts.addressOrSimulated} error={wrong('host')}>
        {(field) => (
          <input
            {...field}
            className={`${INPUT} w-40!`}
            value={typed['host']}
            onChange={(e) => put('host', e.target.value)}
          />
        )}
      </Field>
      {NUMBERS.map((n) => (
        <Field key={n.name} label={n.label} error={wrong(n.name)}>
          {(field) => (
            <input
              {...field}
              inputMode="decimal"
              className={`${INPUT} w-20!`}
              value={typed[n.name]}
              onChange={(e) => put(n.name, e.target.value)}
            />
          )}
        </Field>
      ))}
      {(['channel', 'registers', 'format'] as const).map((name) => (
        <Field key={name} label={PICK_LABELS[name]} error={wrong(name)}>
          {(field) => (
            <select
              {...field}
              className={INPUT}
              value={typed[name]}
              onChange={(e) => put(name, e.target.value)}
            >
              {PICKS[name].map((v) => (
                <option key={v} value={v}>
                  {v.toLowerCase()}
                </option>
              ))}
            </select>
          )}
        </Field>
      ))}
      <label className="flex items-center gap-2 pt-6">
        <input
          type="checkbox"
          checked={typed['switched'] === 'true'}
          onChange={(e) => put('switched', String(e.target.checked))}
        />
        {texts.asked}
      </label>
      <Button weight="strong" type="submit" className="mt-5">
        {words}
      </Button>
      {problem && !problem.where && <p role="alert">{problem.detail}</p>}
    </form>
  );
}
