import { showPercent } from '../../units';
import { Fragment, type ReactNode } from 'react';
import { Length, Temperature } from '../../ui/Words';
import {
  isPartBar,
  kindName,
  PROTECTION_NAMES,
  TOOL_WORDS,
  TURN_WORDS,
  type Laid,
  type Operation,
  type Piece,
  type Stack,
  type Turn,
} from './plan';

/** The name of a step. */
export const stepTitle = (o: Operation) =>
  o.kind === 'cut'
    ? `Cut ${o.pieces}`
    : o.kind === 'scrap'
      ? `Scrap ${o.which.join(', ')}`
      : o.kind === 'aside' && o.pieces > 0
        ? `Set aside ${o.which?.length ? o.which.join(', ') : o.pieces}`
        : kindName(o.kind);

const counted = (n: number, one: string) => `${n} ${one}${n === 1 ? '' : 's'}`;

function Between({ parts }: { parts: readonly ReactNode[] }) {
  return (
    <>
      {parts
        .filter((part) => part !== null && part !== false)
        .map((part, i) => (
          <Fragment key={i}>
            {i > 0 && ' · '}
            {part}
          </Fragment>
        ))}
    </>
  );
}

function LaidWords({ laid }: { laid: readonly Laid[] }) {
  return laid.map((l, i) => (
    <span key={i}>
      {i > 0 && ', '}
      {isPartBar(l) ? (
        `“${l.part}”${l.turn === 'SAME' ? '' : ` ${TURN_WORDS[l.turn]}`}${l.shims.length > 0 ? ' with a shim' : ''}`
      ) : (
        <>
          {l.steel} <Length mm={l.thicknessMm} />
        </>
      )}
    </span>
  ));
}

const turnWords = (turns: readonly Turn[]) =>
  turns.length === 1
    ? TURN_WORDS[turns[0] ?? 'SAME']
    : turns.join() === 'SAME,OVER'
      ? 'every second bar turned over'
      : turns.map((t) => TURN_WORDS[t]).join(', ');

const faces = (mm: number) =>
  mm > 0 ? (
    <Fragment key="g">
      faces ground <Length mm={mm} />
    </Fragment>
  ) : null;

const laid = (label: string, things: readonly Laid[]) =>
  things.length > 0 ? (
    <Fragment key={label}>
      {label} <LaidWords laid={things} />
    </Fragment>
  ) : null;

/** What a step does, in one line. */
export function StepWords({ operation: o }: { operation: Operation }) {
  switch (o.kind) {
    case 'set':
      return (
        <Between
          parts={[
            counted(o.heats, 'heat'),
            PROTECTION_NAMES[o.protection],
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
            o.tool === 'ROUND' ? null : TOOL_WORDS[o.tool],
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
          {o.eachMm > 0 && (
            <>
              <Length mm={o.eachMm} /> each ·{' '}
            </>
          )}
          kerf <Length mm={o.kerfMm} />
        </>
      );
    case 'aside':
      return o.pieces > 0 ? (
        <>for another billet</>
      ) : (
        <>
          <Length mm={o.lengthMm} /> of each, set aside for another billet
        </>
      );
    case 'scrap':
      return <>scrapped</>;
    case 'watch':
      return <>inspect again here</>;
    case 'restack':
      return <Between parts={[turnWords(o.turns), laid('between', o.between), faces(o.faceGrindMm)]} />;
    case 'fold':
      return (
        <Between
          parts={[
            o.folds > 1 ? `${o.folds} times` : null,
            <Fragment key="e">
              <Length mm={o.endLossMm} /> lost at the bend
            </Fragment>,
          ]}
        />
      );
    case 'twist':
      return (
        <Between
          parts={[
            counted(o.turns, 'turn'),
            o.sections > 1 ? `${o.sections} sections` : null,
            { RIGHT: 'right', LEFT: 'left', BOTH: 'right and left' }[o.hand],
            counted(o.heats, 'heat'),
          ]}
        />
      );
    case 'resquare':
      return <Between parts={[`turned ${o.angleDeg}°`, counted(o.heats, 'heat')]} />;
    case 'upset':
      return <Between parts={[`${showPercent(o.reduction)} of the height`, counted(o.heats, 'heat')]} />;
    case 'roll':
      return <Between parts={[o.square ? 'forged square' : 'round', counted(o.heats, 'heat')]} />;
    case 'fourway':
      return <Between parts={['mirrored', TURN_WORDS[o.turn]]} />;
    case 'ladder':
      return (
        <>
          {o.pressed ? 'pressed' : 'ground'} every <Length mm={o.pitchMm} />, <Length mm={o.depthMm} /> deep
        </>
      );
    case 'dimples':
      return (
        <>
          <Length mm={o.diameterMm} /> across every <Length mm={o.pitchMm} />, <Length mm={o.depthMm} /> deep
        </>
      );
    case 'uneven':
      return (
        <>
          displaced by <Length mm={o.amplitudeMm} />
        </>
      );
    case 'sandwich':
      return <Between parts={[laid('under', o.below), laid('on', o.above), faces(o.faceGrindMm)]} />;
    case 'layup':
      return (
        <Between
          parts={[turnWords(o.turns), laid('left', o.left), laid('right', o.right), laid('shim', o.shims)]}
        />
      );
    case 'blade':
      return (
        <>
          <Length mm={o.lengthMm} /> × <Length mm={o.widthMm} /> × <Length mm={o.spineMm} />
        </>
      );
  }
}

/** What a stack is made of, in one line. */
export function StackWords({ stack }: { stack: Stack }) {
  const distinct = [
    ...new Map(stack.pieces.map((p): [string, Piece] => [`${p.steel} ${p.thicknessMm}`, p])).values(),
  ];
  return (
    <>
      {counted(stack.pieces.length, 'piece')} · <LaidWords laid={distinct.slice(0, 4)} />
    </>
  );
}
