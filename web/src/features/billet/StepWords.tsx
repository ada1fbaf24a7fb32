import { Fragment, type ReactNode } from 'react';
import { Length, Temperature } from '../../ui/Words';
import { kindName, SCHOOL_WORDS, type Operation, type Piece, type Stack } from './plan';

/** The name a step goes by. */
export const stepTitle = (operation: Operation) =>
  operation.kind === 'cut' ? `Cut ${operation.pieces}` : kindName(operation.kind);

const counted = (n: number, one: string) => `${n} ${one}${n === 1 ? '' : 's'}`;

function Between({ parts }: { parts: readonly ReactNode[] }) {
  return (
    <>
      {parts.map((part, i) => (
        <Fragment key={i}>
          {i > 0 && ' · '}
          {part}
        </Fragment>
      ))}
    </>
  );
}

function Pieces({ pieces }: { pieces: readonly Piece[] }) {
  return pieces.map((p, i) => (
    <span key={i}>
      {i > 0 && ', '}
      {p.steel} <Length mm={p.thicknessMm} />
    </span>
  ));
}

/** What a step does, in one line. */
export function StepWords({ operation: o }: { operation: Operation }) {
  switch (o.kind) {
    case 'set':
      return (
        <Between
          parts={[
            counted(o.heats, 'heat'),
            SCHOOL_WORDS[o.school],
            <Temperature key="t" celsius={o.temperatureC} />,
          ]}
        />
      );
    case 'draw':
      return (
        <Between
          parts={[
            <Fragment key="to">
              to <Length mm={o.widthMm} /> × <Length mm={o.heightMm} />
            </Fragment>,
            counted(o.heats, 'heat'),
          ]}
        />
      );
    case 'trim':
      return (
        <>
          <Length mm={o.frontMm} /> off the front, <Length mm={o.backMm} /> off the back
          {o.sidesMm > 0 && (
            <>
              , <Length mm={o.sidesMm} /> off each edge
            </>
          )}
        </>
      );
    case 'grind':
      return o.bottomMm === o.topMm ? (
        <>
          <Length mm={o.topMm} /> off each broad face
        </>
      ) : (
        <>
          <Length mm={o.bottomMm} /> off the bottom, <Length mm={o.topMm} /> off the top
        </>
      );
    case 'cut':
      return (
        <>
          kerf <Length mm={o.kerfMm} />
        </>
      );
    case 'restack':
      return (
        <>
          {o.lay === 'SAME' ? 'same way up' : 'every second bar turned over'}
          {o.between.length > 0 && (
            <>
              , <Pieces pieces={o.between} /> between
            </>
          )}
        </>
      );
    case 'fold':
      return (
        <>
          <Length mm={o.endLossMm} /> lost with the bend
        </>
      );
  }
}

/** What a stack is made of, in one line. */
export function StackWords({ stack }: { stack: Stack }) {
  const distinct = [...new Map(stack.pieces.map((p) => [`${p.steel} ${p.thicknessMm}`, p])).values()];
  return (
    <>
      {counted(stack.pieces.length, 'piece')} · <Pieces pieces={distinct.slice(0, 4)} />
    </>
  );
}
