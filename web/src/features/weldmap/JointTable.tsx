import * as texts from 'texts/weldmap/JointTable';
import { Quantity } from '../../ui/Words';
import { useScrollFocus } from '../../ui/useScrollFocus';
import { Chance } from './Chance';
import { weakestPatch, type Patch, type WeldMap } from './api';

const CAUSES: Record<NonNullable<Patch['cause']>, string> = {
  HEAT: texts.heat,
  PRESSURE: texts.reduction,
  OXIDE: texts.oxide,
  INCLUSION: texts.slag,
  REOPENED: texts.pulledOpen,
};

/** Every joint with its weakest patch, the top one first, as the stack is drawn. */
export function JointTable({ map }: { map: WeldMap }) {
  const scrolls = useScrollFocus();
  const joints = map.joints.map((joint, i) => ({ joint, number: i + 1 })).reverse();
  return (
    <div className="overflow-x-auto" ref={scrolls}>
      <table className="mt-1 w-full text-left text-[14px]">
        <thead className="condensed text-[13px] text-soft">
          <tr className="border-b border-ink align-bottom [&>th]:py-1 [&>th]:pr-4 [&>th]:font-normal">
            <th>{texts.jointFromBelow}</th>
            <th>{texts.sound}</th>
            <th>{texts.weakestPlaceBonds}</th>
            <th>{texts.heatOver}</th>
            <th>{texts.reductionOver}</th>
            <th>{texts.oxideIs}</th>
            <th>{texts.failsFor}</th>
          </tr>
        </thead>
        <tbody>
          {joints.map(({ joint, number }) => {
            const weak = joint.patches[weakestPatch(joint)];
            return (
              weak && (
                <tr key={number} className="border-b border-rule [&>td]:py-1 [&>td]:pr-4">
                  <td>{number}</td>
                  <td className="font-semibold">
                    <Chance of={joint.chance} />
                  </td>
                  <td>
                    <Chance of={weak.chance} />
                  </td>
                  <td>
                    <Quantity kind="temperatureChange" value={weak.heatC} />
                  </td>
                  <td>
                    <Quantity kind="share" value={Math.round(weak.reduction * 1000) / 1000} />
                  </td>
                  <td>{weak.oxideUm >= 0 ? texts.brokenUp : texts.tooThick}</td>
                  <td>{weak.cause ? CAUSES[weak.cause] : texts.nothing}</td>
                </tr>
              )
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
