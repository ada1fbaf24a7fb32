import { Length } from '../../ui/Words';
import type { Stage, Stop } from './api';

/** Where to scribe the bar, from its squared end; the saw takes the kerf beyond each mark. */
export function Marks({ marks }: { marks: NonNullable<Stage['marks']> }) {
  return (
    <section aria-label="Marks" className="border-t border-ink pt-2 pb-3">
      <h3>Marks from the squared end</h3>
      <p className="condensed text-[17px] font-semibold">
        {marks.fromEndMm.map((mm, i) => (
          <span key={i}>
            {i > 0 && ' · '}
            <Length mm={mm} />
          </span>
        ))}
      </p>
      <p className="text-[13px] text-soft">
        each piece <Length mm={marks.pieceMm} unit />; the saw goes beyond the mark
        {marks.leftMm > 0 && (
          <>
            ; <Length mm={marks.leftMm} unit /> left over
          </>
        )}
      </p>
    </section>
  );
}

/** Stop blocks for a draw, with the width and length expected at each. */
export function StopHeights({ stops }: { stops: readonly Stop[] }) {
  return (
    <section aria-label="Stop heights" className="border-t border-ink pt-2 pb-3">
      <h3>Stop heights</h3>
      <table className="condensed w-full text-[14px]">
        <thead className="text-soft">
          <tr className="[&>th]:text-left [&>th]:font-normal">
            <th>stop</th>
            <th>spreads to</th>
            <th>length</th>
          </tr>
        </thead>
        <tbody>
          {stops.map((s, i) => (
            <tr key={i}>
              <td className="font-semibold">
                <Length mm={s.heightMm} />
              </td>
              <td>
                <Length mm={s.spreadMm} />
              </td>
              <td>
                <Length mm={s.lengthMm} />
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
