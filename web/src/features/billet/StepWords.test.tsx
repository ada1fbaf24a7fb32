import { render } from '@testing-library/react';
import { expect, it } from 'vitest';
import { METRIC } from '../../units';
import { Units } from '../../ui/Words';
import { FigureWords } from './StepWords';

it('says the figures of a step without a sentence of its own, each in its unit', () => {
  const { container } = render(
    <Units value={METRIC}>
      <FigureWords operation={{ kind: 'upset', reduction: 0.3, bowMm: 4, heats: 2 }} />
    </Units>,
  );
  expect(container.textContent).toBe('Reduction 30% · Bow 4 · Heats 2');
});

it('leaves out what is 0, which is as usual', () => {
  const { container } = render(
    <Units value={METRIC}>
      <FigureWords operation={{ kind: 'accordion', pitchMm: 25, depthMm: 30, flattenToMm: 0, heats: 3 }} />
    </Units>,
  );
  expect(container.textContent).toBe('Pitch 25 · Depth of each cut 30 · Heats 3');
});
