import { readFileSync, writeFileSync } from 'node:fs';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { describe, expect, it } from 'vitest';
import { GlossaryView } from './GlossaryView';
import { anchor, found, TERMS } from './terms';

const DOCUMENT = '../docs/glossary.md';

describe('the glossary', () => {
  it('explains each term once, in two lines at most, in order', () => {
    expect(TERMS.length).toBeGreaterThan(50);
    expect(new Set(TERMS.map((t) => anchor(t.key))).size).toBe(TERMS.length);
    expect(TERMS.map((t) => t.name)).toEqual(
      [...TERMS.map((t) => t.name)].sort((a, b) => a.localeCompare(b, 'en')),
    );
    TERMS.forEach((t) => expect(t.meaning.length, t.name).toBeLessThan(130));
  });

  it('finds by name first, then by meaning', () => {
    expect(found('scale').map((t) => t.name)[0]).toBe('Scale');
    expect(found('dark line').map((t) => t.name)).toEqual(['Delamination']);
    expect(found('xyzzy')).toEqual([]);
  });

  /** UPDATE_GLOSSARY=1 writes it again. */
  it('is the same in the documents', () => {
    const text = `# Glossary\n\n${TERMS.map((t) => `**${t.name}.** ${t.meaning}\n`).join('\n')}`;
    if (process.env['UPDATE_GLOSSARY']) writeFileSync(DOCUMENT, text);
    expect(readFileSync(DOCUMENT, 'utf8')).toBe(text);
  });

  it('is searched on its page, and says when nothing matches', async () => {
    render(
      <MemoryRouter initialEntries={['/glossary']}>
        <GlossaryView />
      </MemoryRouter>,
    );
    await userEvent.type(screen.getByLabelText('Search the glossary'), 'cold shut');
    expect(screen.getAllByRole('term')).toHaveLength(1);
    await userEvent.type(screen.getByLabelText('Search the glossary'), ' zzz');
    expect(screen.getByText(/No term matches/)).toBeVisible();
  });
});
