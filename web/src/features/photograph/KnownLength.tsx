import * as texts from 'texts/photograph/KnownLength';
import { Button } from '../../ui/Button';
import { MeasureField } from '../../ui/MeasureField';
import { Select } from '../../ui/Select';
import { useMetric } from '../../ui/Words';
import type { Known } from './api';

/** Where two marks are before they are dragged onto those of a rule. */
const MARKS = [
  { x: 0.2, y: 0.85 },
  { x: 0.8, y: 0.85 },
];
const MOST_MM = 2000;
const USUAL_LENGTH_MM = 300;

const SIDES = { LONGER: texts.longerSides, SHORTER: texts.shorterSides };

/** What else gives the scale where no gauge card is in the photograph. */
export function WithoutCard({
  lengthMm = USUAL_LENGTH_MM,
  onKnown,
}: {
  /** Of the bar by its plan. */
  lengthMm: number | undefined;
  onKnown: (known: Known) => void;
}) {
  const isMetric = useMetric();
  return (
    <p className="flex flex-wrap gap-3 pb-4">
      <Button onClick={() => onKnown({ of: 'MARKS', marks: MARKS, mm: isMetric ? 150 : 152.4 })}>
        {texts.useARule}
      </Button>
      <Button onClick={() => onKnown({ of: 'LONGER', mm: lengthMm })}>{texts.useASide}</Button>
    </p>
  );
}

/** The one length that is known, and the button that measures by it. */
export function KnownLength({
  known,
  isStrong,
  onChange,
  onMeasure,
}: {
  known: Known;
  /** Whether nothing is measured yet. */
  isStrong: boolean;
  onChange: (known: Known) => void;
  onMeasure: () => void;
}) {
  const isRule = known.of === 'MARKS';
  return (
    <div className="flex flex-wrap items-end gap-3">
      {!isRule && (
        <Select
          label={texts.knownSide}
          value={known.of}
          options={SIDES}
          onChoose={(of) => onChange({ of, mm: known.mm })}
        />
      )}
      <MeasureField
        label={isRule ? texts.betweenTheMarks : texts.howLong}
        measure="length"
        value={known.mm}
        onCommit={(mm) => {
          if (mm <= 0 || mm > MOST_MM) return isRule ? texts.enterADistance : texts.enterALength;
          onChange({ ...known, mm });
          return null;
        }}
      />
      <Button weight={isStrong ? 'strong' : 'plain'} onClick={onMeasure}>
        {isRule ? texts.measureByTheRule : texts.measureByTheSide}
      </Button>
      <p className="basis-full text-[14px] text-soft">{isRule ? texts.dragTheMarks : texts.ofTheLargest}</p>
    </div>
  );
}
