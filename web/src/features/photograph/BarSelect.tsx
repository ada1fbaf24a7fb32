import * as texts from 'texts/photograph/BarSelect';
import { Select } from '../../ui/Select';
import type { Stage } from '../billet/api';

/** Which of several bars is photographed; nothing where there is one. */
export function BarSelect({
  stage,
  bar,
  onBar,
}: {
  stage: Stage | undefined;
  /** From 0. */
  bar: number;
  onBar: (bar: number) => void;
}) {
  if (!stage || stage.count < 2) return null;
  return (
    <Select
      label={texts.bar}
      value={String(bar)}
      options={Object.fromEntries(
        Array.from({ length: stage.count }, (_, i) => [
          String(i),
          texts.barOf({ bar: i + 1, count: stage.count }),
        ]),
      )}
      onChoose={(of) => onBar(Number(of))}
    />
  );
}
