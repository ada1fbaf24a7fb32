import { useQuery } from '@tanstack/react-query';
import { schoolsQuery } from './schools';
import type { OxygenSchool } from './plan';

/** The caution of a school, where it is chosen. */
export function Caution({ school }: { school: OxygenSchool }) {
  const caution = useQuery(schoolsQuery).data?.find((s) => s.school === school)?.caution;
  return caution ? (
    <p className="border-l-4 border-ink pl-3 text-[13px] leading-snug">
      <b>Danger. </b>
      {caution}
    </p>
  ) : null;
}
