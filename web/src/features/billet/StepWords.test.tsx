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
