import { Length, Mass } from '../../ui/Words';
import { PROTECTION_NAMES } from '../billet/plan';
import type { HeatPlan } from './api';

/** Where the kinds of atmosphere protection disagree: what each would cost this billet. */
export function ProtectionTable({ plan }: { plan: HeatPlan }) {
  return (
    <section aria-label="What each protection costs" className="pt-6">
      <h2 className="text-lg">Atmosphere protection for this billet: four methods</h2>
      <p className="text-soft">
        All four are in use, and smiths disagree. Estimates for all {plan.heats} heats; scale is good to a
        factor of two.
      </p>
      <table className="mt-2 w-full border-collapse text-left">
        <thead className="condensed text-[13px] text-soft">
          <tr className="border-b border-ink align-bottom [&>th]:py-1 [&>th]:pr-4 [&>th]:font-normal">
            <th>protection</th>
            <th>in the fire</th>
            <th>extra bench time</th>
            <th>scale loss per face</th>
            <th>steel lost</th>
            <th>decarb left</th>
            <th>gas</th>
            <th>in the Book</th>
            <th>warnings</th>
          </tr>
        </thead>
        <tbody>
          {plan.protections.map((s) => (
            <tr
              key={s.protection}
              className={`border-b border-rule align-top [&>td]:py-1.5 [&>td]:pr-4 ${s.protection === plan.protection ? 'bg-raised font-semibold' : ''}`}
            >
              <td>
                {PROTECTION_NAMES[s.protection]}
                {s.protection === plan.protection && (
                  <span className="block text-[13px] font-normal">as planned</span>
                )}
              </td>
              <td>{Math.round(s.fireMin)} min</td>
              <td>{s.benchMin === 0 ? 'none' : `${Math.round(s.benchMin)} min`}</td>
              <td>
                <Length mm={s.skinMm} unit />
              </td>
              <td>
                <Mass kg={s.lostKg} />
              </td>
              <td>{s.decarbDepthMm === 0 ? 'none' : <Length mm={s.decarbDepthMm} unit />}</td>
              <td>
                <Mass kg={s.gasKg} />
              </td>
              <td className="whitespace-nowrap">
                {s.made === 0 ? 'never used here' : `${s.held} of ${s.made} sound`}
              </td>
              <td className="text-[14px] font-normal text-soft">
                {s.risks.length === 0 ? 'nothing' : s.risks.join(' ')}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
