import { render, screen } from '@testing-library/react';
import { expect, it } from 'vitest';
import { BarEnd, shade } from './BarEnd';

it('shows a shadow where the core is behind, and none where it is not', () => {
  expect(shade(-5)).toBe(0);
  expect(shade(30)).toBeCloseTo(0.3, 1);
  expect(shade(200)).toBeGreaterThan(0.9);
  const { container } = render(<BarEnd glow={{ skinC: 1150, coreC: 950 }} />);
  expect(screen.getByRole('img', { name: 'The end of the bar' })).toBeVisible();
  expect(container.querySelector('stop')?.getAttribute('stop-opacity')).toBe(String(shade(200)));
});
