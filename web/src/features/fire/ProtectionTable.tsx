import * as texts from 'texts/fire/ProtectionTable';
import { Length, Mass } from '../../ui/Words';
import { PROTECTION_NAMES } from '../billet/planWords';
import type { HeatPlan } from './api';
import { useScrollFocus } from '../../ui/useScrollFocus';

/** Where the kinds of atmosphere protection disagree: what each would cost this billet. */
export function ProtectionTable({ plan }: { plan: HeatPlan }) {
  const scrolls = useScrollFocus();
  return (
    <section aria-label={texts.whatEachProtectionCosts} className="pt-6">
      <h2 className="text-lg">{texts.atmosphereProtectionForThisBilletFour}</h2>
      <p className="text-soft">{texts.allFourAreInUseAnd({ heats: plan.heats })}</p>
      <div className="overflow-x-auto" ref={scrolls}>
        <table className="mt-2 w-full border-collapse text-left">
          <thead className="condensed text-[13px] text-soft">
            <tr className="border-b border-ink align-bottom [&>th]:py-1 [&>th]:pr-4 [&>th]:font-normal">
              <th>{texts.protection}</th>
              <th>{texts.inTheFire}</th>
              <th>{texts.extraBenchTime}</th>
              <th>{texts.scaleLossPerFace}</th>
              <th>{texts.steelLost}</th>
              <th>{texts.decarbLeft}</th>
              <th>{texts.gas}</th>
              <th>{texts.inTheBook}</th>
              <th>{texts.warnings}</th>
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
                    <span className="block text-[13px] font-normal">{texts.asPlanned}</span>
                  )}
                </td>
                <td>{texts.min({ fireMin: Math.round(s.fireMin) })}</td>
                <td>{s.benchMin === 0 ? texts.none : texts.min({ fireMin: Math.round(s.benchMin) })}</td>
                <td>
                  <Length mm={s.skinMm} unit />
                </td>
                <td>
                  <Mass kg={s.lostKg} />
                </td>
                <td>{s.decarbDepthMm === 0 ? texts.none : <Length mm={s.decarbDepthMm} unit />}</td>
                <td>
                  <Mass kg={s.gasKg} />
                </td>
                <td className="whitespace-nowrap">
                  {s.made === 0 ? texts.neverUsedHere : texts.ofSound({ held: s.held, made: s.made })}
                </td>
                <td className="text-[14px] font-normal text-soft">
                  {s.risks.length === 0 ? texts.nothing : s.risks.join(' ')}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
