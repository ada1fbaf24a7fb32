import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { readFileSync } from 'node:fs';
import { MemoryRouter } from 'react-router';
import { describe, expect, it } from 'vitest';
import { Units } from '../../ui/Words';
import { US } from '../../units';
import { dotted, EXPLAINED } from '../glossary/dotted';
import { ExplainedWords } from '../glossary/ExplainedWords';
import { TERMS } from '../glossary/terms';
import { HelpButton } from './HelpButton';
import { ALL_HELP, helpOf } from './views';

const KEYS = TERMS.map((t) => t.key);

describe('the help of a view', () => {
  it('is there for every view the application has', () => {
    const app = readFileSync('src/app/App.tsx', 'utf8');
    const paths = [...app.matchAll(/^\s+'(\/[^']+)': view/gm)].map((m) => m[1] ?? '');
    expect(paths.length).toBeGreaterThan(10);
    const titles = paths.map((p) => helpOf(p.replace(':id', '7'))?.title);
    expect(titles).not.toContain(undefined);
    expect(new Set(titles).size).toBe(paths.length);
  });

  it('is two sentences, one next action, and terms the glossary has', () => {
    for (const help of ALL_HELP) {
      expect(help.about.match(/[.:] ?[A-Z]/g)?.length ?? 0, help.title).toBeLessThanOrEqual(2);
      expect(help.next, help.title).toMatch(/^[A-Z].*\.$/);
      help.terms.forEach((t) => expect(KEYS).toContain(t));
    }
  });

  it('opens under its button and closes again', async () => {
    render(
      <MemoryRouter initialEntries={['/rack']}>
        <HelpButton />
      </MemoryRouter>,
    );
    await userEvent.click(screen.getByRole('button', { name: 'What is this?' }));
    expect(await screen.findByText(/holds every billet/)).toBeVisible();
    await userEvent.keyboard('{Escape}');
    expect(screen.queryByText(/holds every billet/)).toBeNull();
  });
});

describe('dotted words', () => {
  it('are all in the glossary', () => {
    EXPLAINED.forEach((t) => expect(KEYS).toContain(t));
  });

  it('are marked once a sentence, longest first, everyday words never', () => {
    expect(
      dotted('Delamination: the stop blocks end a delamination; scale falls off.').map((p) => [
        p.words,
        p.term?.name,
      ]),
    ).toEqual([
      ['Delamination', 'Delamination'],
      [': the ', undefined],
      ['stop blocks', 'Kiss block'],
      [' end a delamination; scale falls off.', undefined],
    ]);
    expect(dotted('A kerfless cut.')).toEqual([{ words: 'A kerfless cut.' }]);
  });

  it('explain themselves where they stand, figures in the reader’s units', async () => {
    render(
      <MemoryRouter>
        <Units value={US}>
          <ExplainedWords of="The kerf is [[mm 1.5875]]." />
        </Units>
      </MemoryRouter>,
    );
    expect(document.body).toHaveTextContent('The kerf is 1/16 in.');
    await userEvent.click(screen.getByRole('button', { name: 'kerf' }));
    expect(await screen.findByText(/turns into dust/)).toBeVisible();
    expect(screen.getByRole('link', { name: 'Open in the Glossary' })).toHaveAttribute(
      'href',
      '/glossary#kerf',
    );
  });
});
