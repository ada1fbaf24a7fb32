import { useQuery } from '@tanstack/react-query';
import { Danger } from '../../ui/Danger';
import { schoolsQuery } from './schools';
import type { OxygenSchool } from './plan';

/** The caution of a school, where it is chosen. */
export function Caution({ school }: { school: OxygenSchool }) {
  const caution = useQuery(schoolsQuery).data?.find((s) => s.school === school)?.caution;
  return caution ? <Danger words={caution} className="text-[13px] leading-snug" /> : null;
}
