import type { ReactNode } from 'react';

/** A key, shown in place beside what it does. */
export function Kbd({ children }: { children: ReactNode }) {
  return (
    <kbd className="ml-1.5 inline-block min-w-5 border border-line bg-raised px-1 text-center font-sans text-[12px] no-underline uppercase">
      {children}
    </kbd>
  );
}

const OTHERS: readonly (readonly [string, string])[] = [
  ['↑ ↓', 'go to another step'],
  ['Enter', 'edit this step'],
  ['L', 'log this weld'],
  ['Del', 'remove the step'],
  ['I', 'copy the step'],
  ['-', 'skip or include the step'],
  ['V', 'pattern view of this step'],
  ['P', 'open the part, or return to the billet'],
  ['Ctrl Z', 'undo'],
  ['Ctrl Shift Z', 'redo'],
  ['S', 'edit the shorthand line'],
  ['?', 'hide the keys'],
];

/** The keys that belong to no button, along the foot of the Run. */
export function KeyStrip() {
  return (
    <p className="flex flex-wrap gap-x-5 gap-y-1 border-t border-ink bg-panel px-5 py-2 text-[13px]">
      {OTHERS.map(([key, does]) => (
        <span key={key}>
          <Kbd>{key}</Kbd> {does}
        </span>
      ))}
    </p>
  );
}
