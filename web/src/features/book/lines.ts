import * as texts from 'texts/book/lines';
import { PROTECTION_NAMES } from '../billet/planWords';
import type { Kind } from '../billet/plan';
import { fieldsOf } from '../billet/stepKinds';
import {
  DECISION_WORDS,
  FILE_WORDS,
  FLAW_WORDS,
  OUTCOME_WORDS,
  TREATMENT_WORDS,
  WAY_WORDS,
  type Entry,
  type FigureMade,
  type GroundMade,
  type Weld,
} from './api';

/** The Book as lines, welds and all else together. No React in here. */

export type Line =
  { readonly weld: Weld; readonly entry?: never } | { readonly entry: Entry; readonly weld?: never };

export const atOf = (line: Line) => (line.weld ? line.weld.madeAt : line.entry.at);
const billetOf = (line: Line) => line.weld?.billetName ?? line.entry?.billetName ?? '';

/** All lines, newest first. */
export const linesOf = (welds: readonly Weld[], entries: readonly Entry[]): readonly Line[] =>
  [...welds.map((weld): Line => ({ weld })), ...entries.map((entry): Line => ({ entry }))].sort((a, b) =>
    atOf(b).localeCompare(atOf(a)),
  );

/** A figure of a step as it was made; a step or field that is not known any more is called as plans call it. */
function figureWords(figure: FigureMade): string {
  const field = fieldsOf(figure.kind as Kind).find((f) => f.name === figure.field);
  const value = (of: number) =>
    field?.holds === 'length' ? `[[mm ${of}]]` : String(Number(of.toPrecision(3)));
  return texts.asMade({
    label: field?.label ?? figure.field,
    value: value(figure.value),
    low: value(figure.low),
    high: value(figure.high),
    planned: value(figure.planned),
  });
}

const groundWords = ({ mm, lowMm, highMm }: GroundMade) =>
  texts.groundOff({ mm: `[[mm ${mm}]]`, low: `[[mm ${lowMm}]]`, high: `[[mm ${highMm}]]` });

/** What an entry says, in one sentence of plain words; lengths as marks. */
export function entryWords({ says }: Entry): string {
  if (says.inspection) {
    const { ways, flaws, brightShare } = says.inspection;
    const found =
      flaws.length === 0
        ? texts.nothingFound
        : flaws
            .map(
              (f) =>
                texts.flawAt({
                  flaw: FLAW_WORDS[f.kind],
                  from: `[[mm ${f.spot.fromXMm}]]`,
                  to: `[[mm ${f.spot.toXMm}]]`,
                }) + (f.joint === null ? '' : texts.joint({ joint: f.joint })),
            )
            .join('; ');
    const bright = brightShare === null ? '' : texts.bright({ value: Math.round(brightShare * 100) });
    return `${ways.map((w) => WAY_WORDS[w][0]).join(', ')}${bright}: ${found}`;
  }
  if (says.disposition) return texts.flaw({ value: DECISION_WORDS[says.disposition.decision] });
  if (says.measured) {
    const { widthMm, heightMm, lengthMm, massKg } = says.measured.sizes;
    const size = (mm: number | null) => (mm === null ? '?' : `[[mm ${mm}]]`);
    return texts.measured({
      widthMm: size(widthMm),
      heightMm: size(heightMm),
      lengthMm: size(lengthMm),
      value: massKg === null ? '' : texts.kg({ massKg }),
    });
  }
  if (says.treated) {
    const t = says.treated;
    return [
      TREATMENT_WORDS[t.kind],
      t.temperatureC === null ? '' : `[[C ${t.temperatureC}]]`,
      t.minutes === null ? '' : `[[s ${t.minutes * 60}]]`,
      t.cycles === null ? '' : texts.times({ cycles: t.cycles }),
      t.medium,
      t.hrc.length === 0 ? '' : texts.hrc({ value: t.hrc.join(', ') }),
      t.file === null ? '' : FILE_WORDS[t.file],
    ]
      .filter((w) => w !== '')
      .join(', ');
  }
  if (says.counted) {
    const { count, low, high } = says.counted;
    return low === high ? texts.counted({ count }) : texts.countedRange({ count, low, high });
  }
  if (says.fitted) {
    const { figures, ground } = says.fitted;
    return [...figures.map(figureWords), ...(ground ? [groundWords(ground)] : [])].join(' ');
  }
  if (says.noted) return says.noted.done ? texts.done : texts.note;
  return '';
}

/** What was noted beside it. */
export const noteOf = ({ says }: Entry) =>
  says.inspection?.note ??
  says.disposition?.note ??
  says.measured?.note ??
  says.treated?.note ??
  says.noted?.note ??
  says.counted?.note ??
  says.fitted?.note ??
  '';

const wordsOf = (line: Line) =>
  (line.weld
    ? `${line.weld.billetName} ${line.weld.stepTitle} ${line.weld.note} ${PROTECTION_NAMES[line.weld.protection]} ${OUTCOME_WORDS[line.weld.outcome]} ${line.weld.madeBy}`
    : `${line.entry.billetName} ${line.entry.stepTitle} ${entryWords(line.entry)} ${noteOf(line.entry)} ${line.entry.madeBy}`
  ).toLowerCase();

export type Shown = 'ALL' | 'HELD' | 'SUSPECT' | 'OPEN' | 'REST';

/** The lines that are wanted: by what came of a weld, and by words found anywhere in them. */
export function findLines(lines: readonly Line[], shown: Shown, text: string): readonly Line[] {
  const words = text.toLowerCase().split(/\s+/).filter(Boolean);
  return lines.filter((line) => {
    if (shown === 'REST' && line.weld) return false;
    if (shown !== 'ALL' && shown !== 'REST' && line.weld?.outcome !== shown) return false;
    const all = wordsOf(line);
    return words.every((w) => all.includes(w));
  });
}

const DAY = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  year: 'numeric',
});

/** Lines in groups, in the order the first of each comes: by day, or by billet. */
export function grouped(
  lines: readonly Line[],
  by: 'DAY' | 'BILLET',
): readonly { readonly title: string; readonly lines: readonly Line[] }[] {
  const groups = new Map<string, Line[]>();
  for (const line of lines) {
    const title = by === 'DAY' ? DAY.format(new Date(atOf(line))) : billetOf(line);
    const there = groups.get(title);
    if (there) there.push(line);
    else groups.set(title, [line]);
  }
  return [...groups].map(([title, group]) => ({ title, lines: group }));
}

/** How a weld was made beside what it asked for, in a few words with marks; what no one knows is left out. */
export function howWords({ how }: Weld): string {
  const soak =
    how.soakMin === null
      ? ''
      : texts.soakS({
          value: Math.round(how.soakMin) * 60,
          value2: how.neededSoakMin === null ? '' : texts.ofS({ value: Math.round(how.neededSoakMin) * 60 }),
        });
  const wait =
    how.waitedS === null
      ? ''
      : texts.atTheDiesAfterS({
          value: how.waitedS.toFixed(0),
          value2: how.workingS === null ? '' : texts.ofS({ value: how.workingS.toFixed(0) }),
        });
  const window =
    how.floorC === null || how.ceilingC === null
      ? ''
      : texts.weldingWindowCToC({ floorC: how.floorC, ceilingC: how.ceilingC });
  return [
    window,
    how.joints > 0 ? texts.joints({ joints: how.joints }) : '',
    soak,
    how.heats === null ? '' : texts.sets({ heats: how.heats }),
    wait,
    how.forceKn === null ? '' : `[[kN ${how.forceKn}]]`,
    how.reduction === null ? '' : texts.reduction({ value: (how.reduction * 100).toFixed(0) }),
  ]
    .filter((w) => w !== '')
    .join(' · ');
}
