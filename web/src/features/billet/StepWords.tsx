import * as texts from 'texts/billet/StepWords';
import { showPercent } from '../../units';
import { Fragment, type ReactNode } from 'react';
import type { Measure } from '../../ui/MeasureField';
import { Length, Quantity, Temperature } from '../../ui/Words';
import { isPartBar, type Laid, type Operation, type Piece, type Stack, type Turn } from './plan';
import { PROTECTION_NAMES, TOOL_WORDS, TURN_WORDS } from './planWords';
import { fieldsOf, isFigure, kindName, valueOf } from './stepKinds';

/** The name of a step. */
export const stepTitle = (o: Operation) =>
  o.kind === 'cut'
    ? texts.cut({ pieces: o.pieces })
    : o.kind === 'scrap'
      ? texts.scrap({ value: o.which.join(', ') })
      : o.kind === 'aside' && o.pieces > 0
        ? texts.setAside({ value: o.which?.length ? o.which.join(', ') : o.pieces })
        : kindName(o.kind);

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
        `“${l.part}”${l.turn === 'SAME' ? '' : ` ${TURN_WORDS[l.turn]}`}${l.shims.length > 0 ? texts.withAShim : ''}`
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
      ? texts.everySecondBarTurnedOver
      : turns.map((t) => TURN_WORDS[t]).join(', ');

const faces = (mm: number) =>
  mm > 0 ? (
    <Fragment key="g">
      {texts.facesGround} <Length mm={mm} />
    </Fragment>
  ) : null;

const laid = (label: string, things: readonly Laid[]) =>
  things.length > 0 ? (
    <Fragment key={label}>
      {label} <LaidWords laid={things} />
    </Fragment>
  ) : null;

/** What a step does, in one line. */
export function StepWords({ operation }: { operation: Operation }) {
  const o = operation;
  switch (o.kind) {
    case 'set':
      return (
        <Between
          parts={[
            texts.heats({ heats: o.heats }),
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
              {texts.to} <Length mm={o.widthMm} /> × <Length mm={o.heightMm} />
            </Fragment>,
            texts.heats({ heats: o.heats }),
            o.tool === 'ROUND' ? null : TOOL_WORDS[o.tool],
          ]}
        />
      );
    case 'trim':
      return (
        <>
          <Length mm={o.frontMm} /> {texts.offTheFront} <Length mm={o.backMm} /> {texts.offTheBack}
          {o.sidesMm > 0 && (
            <>
              , <Length mm={o.sidesMm} /> {texts.offEachEdge}
            </>
          )}
        </>
      );
    case 'grind':
      return o.bottomMm === o.topMm ? (
        <>
          <Length mm={o.topMm} /> {texts.offEachBroadFace}
        </>
      ) : (
        <>
          <Length mm={o.bottomMm} /> {texts.offTheBottom} <Length mm={o.topMm} /> {texts.offTheTop}
        </>
      );
    case 'cut':
      return (
        <>
          {o.eachMm > 0 && (
            <>
              <Length mm={o.eachMm} /> {texts.each}
            </>
          )}
          {texts.kerf} <Length mm={o.kerfMm} />
        </>
      );
    case 'aside':
      return o.pieces > 0 ? (
        <>{texts.forAnotherBillet}</>
      ) : (
        <>
          <Length mm={o.lengthMm} /> {texts.ofEachSetAsideForAnother}
        </>
      );
    case 'scrap':
      return <>{texts.scrapped}</>;
    case 'watch':
      return <>{texts.inspectAgainHere}</>;
    case 'restack':
      return <Between parts={[turnWords(o.turns), laid('between', o.between), faces(o.faceGrindMm)]} />;
    case 'fold':
      return (
        <Between
          parts={[
            o.folds > 1 ? texts.times({ folds: o.folds }) : null,
            <Fragment key="e">
              <Length mm={o.endLossMm} /> {texts.lostAtTheBend}
            </Fragment>,
          ]}
        />
      );
    case 'twist':
      return (
        <Between
          parts={[
            texts.turns({ turns: o.turns }),
            o.sections > 1 ? texts.sections({ sections: o.sections }) : null,
            { RIGHT: texts.rightHand, LEFT: texts.leftHand, BOTH: texts.rightAndLeft }[o.hand],
            texts.heats({ heats: o.heats }),
          ]}
        />
      );
    case 'resquare':
      return <Between parts={[texts.turned({ angleDeg: o.angleDeg }), texts.heats({ heats: o.heats })]} />;
    case 'upset':
      return (
        <Between
          parts={[
            texts.ofTheHeight({ reduction: showPercent(o.reduction) }),
            texts.heats({ heats: o.heats }),
          ]}
        />
      );
    case 'roll':
      return (
        <Between parts={[o.square ? texts.forgedSquare : texts.round, texts.heats({ heats: o.heats })]} />
      );
    case 'fourway':
      return <Between parts={[texts.mirrored, TURN_WORDS[o.turn]]} />;
    case 'ladder':
      return (
        <>
          {texts.every({ how: o.pressed ? 'pressed' : 'ground' })} <Length mm={o.pitchMm} />,{' '}
          <Length mm={o.depthMm} /> {texts.deep}
        </>
      );
    case 'dimples':
      return (
        <>
          <Length mm={o.diameterMm} /> {texts.acrossEvery} <Length mm={o.pitchMm} />,{' '}
          <Length mm={o.depthMm} /> {texts.deep}
        </>
      );
    case 'uneven':
      return (
        <>
          {texts.displacedBy} <Length mm={o.amplitudeMm} />
        </>
      );
    case 'sandwich':
      return <Between parts={[laid('under', o.below), laid('on', o.above), faces(o.faceGrindMm)]} />;
    case 'layup':
      return (
        <Between
          parts={[
            turnWords(o.turns),
            laid(texts.left, o.left),
            laid(texts.right, o.right),
            laid(texts.shim, o.shims),
          ]}
        />
      );
    case 'blade':
      return (
        <>
          <Length mm={o.lengthMm} /> × <Length mm={o.widthMm} /> × <Length mm={o.spineMm} />
        </>
      );
    default:
      return <FigureWords operation={operation} />;
  }
}

/** The figures of a step that has no sentence of its own; what is 0 is as usual, and not said. */
export function FigureWords({ operation }: { operation: Operation }) {
  return (
    <Between
      parts={fieldsOf(operation.kind)
        .filter(isFigure)
        .filter((f) => valueOf(operation, f.name) !== 0)
        .map((f) => (
          <Fragment key={f.name}>
            {f.label} <FigureOf holds={f.holds} value={Number(valueOf(operation, f.name))} />
          </Fragment>
        ))}
    />
  );
}

function FigureOf({ holds, value }: { holds: Measure; value: number }) {
  if (holds === 'count' || holds === 'number') return value;
  if (holds === 'length') return <Length mm={value} />;
  return holds === 'minutes' ? (
    <Quantity kind="time" value={value * 60} />
  ) : (
    <Quantity kind={holds} value={value} />
  );
}

/** What a stack is made of, in one line. */
export function StackWords({ stack }: { stack: Stack }) {
  const distinct = [
    ...new Map(stack.pieces.map((p): [string, Piece] => [`${p.steel} ${p.thicknessMm}`, p])).values(),
  ];
  return (
    <>
      {texts.pieces({ pieces: stack.pieces.length })} · <LaidWords laid={distinct.slice(0, 4)} />
    </>
  );
}
