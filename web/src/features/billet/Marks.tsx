import * as texts from 'texts/billet/Marks';
import { Length } from '../../ui/Words';
import type { Stage, Stop } from './api';

/** Where to scribe the bar, from its squared end; the saw takes the kerf beyond each mark. */
export function Marks({ marks }: { marks: NonNullable<Stage['marks']> }) {
  return (
    <section aria-label={texts.marks} className="border-t border-ink pt-2 pb-3">
      <h3>{texts.marksFromTheSquaredEnd}</h3>
      <p className="condensed text-[17px] font-semibold">
        {marks.fromEndMm.map((mm, i) => (
          <span key={i}>
            {i > 0 && ' · '}
            <Length mm={mm} />
          </span>
        ))}
      </p>
      <p className="text-[13px] text-soft">
        {texts.eachPiece} <Length mm={marks.pieceMm} unit />
        {texts.theSawGoesBeyondTheMark}
        {marks.leftMm > 0 && (
          <>
            ; <Length mm={marks.leftMm} unit /> {texts.leftOver}
          </>
        )}
      </p>
    </section>
  );
}

/** Stop blocks for a draw, with the width and length expected at each. */
export function StopHeights({ stops, large = false }: { stops: readonly Stop[]; large?: boolean }) {
  return (
    <section aria-label={texts.stopHeights} className="border-t border-ink pt-2 pb-3">
      <h3>{texts.stopHeights}</h3>
      <table className={`condensed w-full ${large ? 'text-[24px]' : 'text-[14px]'}`}>
        <thead className={`text-soft ${large ? 'text-[15px]' : ''}`}>
          <tr className="[&>th]:text-left [&>th]:font-normal">
            <th>{texts.stop}</th>
            <th>{texts.spreadsTo}</th>
            <th>{texts.length}</th>
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
