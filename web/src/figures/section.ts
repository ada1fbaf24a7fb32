import type { Schemas } from '../lib/api';
import type { Box } from './bars';

/** What a bar shows on its end, as the server says it; sizes in mm, shares of the area. */
export type Section = Schemas['BilletSectionView'];

/** A piece of a section with one lie, in its place. */
export interface Patch {
  readonly section: Section;
  readonly box: Box;
}

/** A section in a box, taken apart into its pieces; y grows downwards. */
export function patches(section: Section, box: Box): readonly Patch[] {
  if (section.members.length === 0) return [{ section, box }];
  const across = section.lie === 'SIDE_BY_SIDE';
  const whole = section.members.reduce((sum, m) => sum + (across ? m.widthMm : m.heightMm), 0);
  let done = 0;
  return section.members.flatMap((member) => {
    const part = (across ? member.widthMm : member.heightMm) / whole;
    const at = done;
    done += part;
    return patches(
      member,
      across
        ? { ...box, x: box.x + at * box.width, width: part * box.width }
        : { ...box, y: box.y + (1 - at - part) * box.height, height: part * box.height },
    );
  });
}

/** What is seen of a section from the side: layers run along the bar only where they lie level. */
export function sideOf(section: Section): Section {
  if (section.lie === 'ONE_ON_ANOTHER') return { ...section, members: section.members.map(sideOf) };
  return section.lie === 'LEVEL' ? section : { ...section, lie: 'DEFORMED', layers: null, members: [] };
}

/** Whether all its layers lie flat or stand on edge, so that straight lines draw it. */
export const isFlat = (section: Section): boolean =>
  section.lie !== 'DEFORMED' && section.members.every(isFlat);
