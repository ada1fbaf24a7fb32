import { useQuery } from '@tanstack/react-query';
import { Danger } from '../../ui/Danger';
import { protectionsQuery } from './protections';
import type { AtmosphereProtection } from './plan';

/** The caution of an atmosphere protection, where it is chosen. */
export function Caution({ protection }: { protection: AtmosphereProtection }) {
  const caution = useQuery(protectionsQuery).data?.find((s) => s.protection === protection)?.caution;
  return caution ? <Danger words={caution} className="text-[13px] leading-snug" /> : null;
}
