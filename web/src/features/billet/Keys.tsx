import * as texts from 'texts/billet/Keys';
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
  ['↑ ↓', texts.goToAnotherStep],
  ['Enter', texts.editThisStep],
  ['L', texts.logThisWeld],
  [texts.del, texts.removeTheStep],
  ['I', texts.copyTheStep],
  ['-', texts.skipOrIncludeTheStep],
  ['V', texts.patternViewOfThisStep],
  ['P', texts.openThePartOrReturnTo],
  [texts.ctrlZ, 'undo'],
  [texts.ctrlShiftZ, 'redo'],
  ['S', texts.editTheShorthandLine],
  ['?', texts.hideTheKeys],
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
