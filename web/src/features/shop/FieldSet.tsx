import type { ReactNode } from 'react';
import { Choice } from '../../ui/Choice';
import { MeasureField } from '../../ui/MeasureField';
import type { Figure, Pick } from './fields';

type Put<T> = (change: Partial<T>) => Promise<string | null>;

/** One thing of the shop: its figures and what can be chosen about it. */
export function FieldSet<T extends object>({
  title,
  thing,
  figures,
  picks = [],
  onPut,
  children,
}: {
  title: string;
  thing: T;
  figures: readonly Figure<T>[];
  picks?: readonly Pick<T>[];
  onPut: Put<T>;
  children?: ReactNode;
}) {
  return (
    <section aria-label={title} className="border-t border-ink py-3">
      <div className="grid grid-cols-[9rem_1fr] gap-4 max-sm:grid-cols-1 max-sm:gap-1">
        <div>
          <h2 className="text-lg">{title}</h2>
          {children}
        </div>
        <div className="grid gap-3">
          <div className="flex flex-wrap items-start gap-3">
            {figures.map((f) => (
              <MeasureField
                key={f.name}
                label={f.label}
                measure={f.measure}
                width="w-36"
                hint={f.hint}
                value={thing[f.name as keyof T] as number}
                onCommit={(value) => onPut({ [f.name]: value } as Partial<T>)}
              />
            ))}
          </div>
          <div className="flex flex-wrap gap-x-5 gap-y-3">
            {picks.map((p) => (
              <Choice
                key={p.name}
                label={p.label}
                value={asText(thing[p.name as keyof T])}
                options={Object.entries(p.options).map(([value, show]) => ({ value, show }))}
                onChoose={(value) =>
                  void onPut({ [p.name]: 'yes' in p.options ? value === 'yes' : value } as Partial<T>)
                }
              />
            ))}
          </div>
        </div>
      </div>
    </section>
  );
}

const asText = (value: unknown) => (typeof value === 'boolean' ? (value ? 'yes' : 'no') : String(value));
