import * as texts from 'texts/schedule/WayList';
import { showPercent } from '../../units';
import { memo, useState } from 'react';
import { NestedFigure } from '../../figures/NestedFigure';
import { nestedScale } from '../../figures/nested';
import { useWidth } from '../../ui/useWidth';
import { Button } from '../../ui/Button';
import { Length, Mass, Words } from '../../ui/Words';
import type { Way } from './api';
import { EndLook } from './EndLook';
import { hours, keyOf, type Axis } from './weigh';
import { useScrollFocus } from '../../ui/useScrollFocus';

const MOST_SCALE = 1;
const FIRST_ROWS = 25;
const ROWS_MEANWHILE = 6;

const COLUMNS: readonly { readonly axis: Axis; readonly name: string }[] = [
  { axis: 'count', name: texts.layers },
  { axis: 'welds', name: texts.welds },
  { axis: 'faces', name: texts.faces },
  { axis: 'steel', name: texts.steel },
  { axis: 'time', name: texts.time },
  { axis: 'risk', name: texts.allWeldsHold },
];

/** The ways, one under the other, each drawn to the same scale. */
export function WayList({
  ways,
  all,
  by,
  given,
  tones,
  chosen,
  marked,
  busy,
  searching,
  canOpen,
  onBy,
  onChoose,
  onMark,
  onOpen,
}: {
  ways: readonly Way[];
  all: number;
  by: Axis;
  given: boolean;
  /** Of the stack's pieces in turn. */
  tones: readonly number[];
  chosen: readonly string[];
  marked: string | null;
  busy: boolean;
  /** More may come, and then fewer rows are there the sooner. */
  searching: boolean;
  canOpen: boolean;
  onBy: (axis: Axis) => void;
  onChoose: (way: Way) => void;
  onMark: (key: string | null) => void;
  onOpen: (way: Way) => void;
}) {
  const scrolls = useScrollFocus();
  const [measure, width] = useWidth();
  const [many, setMany] = useState(false);
  // The first answer is drawn at once; no one reads a hundred rows in a tenth of a second.
  const shown = many ? ways : ways.slice(0, searching ? ROWS_MEANWHILE : FIRST_ROWS);
  const scale = nestedScale(
    shown.map((w) => w.shapes),
    Math.max(200, width - 24),
    MOST_SCALE,
  );
  if (all === 0) return null;
  return (
    <section aria-label={texts.recommendedSchedules} className="pt-3 phone:overflow-x-auto" ref={scrolls}>
      {/* On a narrow screen each schedule has its drawing above its figures. */}
      <table className="w-full border-collapse max-lg:block">
        <thead className="max-lg:block">
          <tr className="border-b border-ink text-left max-lg:grid max-lg:grid-cols-6">
            <th className="condensed py-1 text-[13px] font-normal text-soft max-lg:col-span-full">
              {ways.length === all ? texts.drawnToOneScale : texts.ofSelected({ length: ways.length, all })}
            </th>
            {COLUMNS.map((c) => (
              <th
                key={c.axis}
                aria-sort={by === c.axis ? 'ascending' : 'none'}
                className="px-2 py-1 text-right text-[13px] max-lg:px-1"
              >
                <button
                  type="button"
                  className={
                    by === c.axis ? 'font-semibold underline underline-offset-4' : 'font-normal text-soft'
                  }
                  title={c.axis === 'count' ? texts.closestCountFirst : texts.lowestFirst}
                  onClick={() => onBy(c.axis)}
                >
                  {c.axis === 'steel' && given ? texts.finished : c.name}
                </button>
              </th>
            ))}
            <th className="w-36 max-lg:hidden" />
          </tr>
        </thead>
        <tbody className="max-lg:block">
          {shown.map((way, i) => (
            <WayRow
              key={keyOf(way)}
              way={way}
              measure={i === 0 ? measure : undefined}
              scale={scale}
              tones={tones}
              given={given}
              isChosen={chosen.includes(keyOf(way))}
              isMarked={marked === keyOf(way)}
              canOpen={canOpen && !busy}
              onChoose={onChoose}
              onMark={onMark}
              onOpen={onOpen}
            />
          ))}
        </tbody>
      </table>
      {!searching && shown.length < ways.length && (
        <Button weight="quiet" className="my-3" onClick={() => setMany(true)}>
          {texts.showTheOther({ value: ways.length - shown.length })}
        </Button>
      )}
    </section>
  );
}

const WayRow = memo(function WayRow({
  way,
  measure,
  scale,
  tones,
  given,
  isChosen,
  isMarked,
  canOpen,
  onChoose,
  onMark,
  onOpen,
}: {
  way: Way;
  measure: ((element: HTMLElement | null) => void) | undefined;
  scale: number;
  tones: readonly number[];
  given: boolean;
  isChosen: boolean;
  isMarked: boolean;
  canOpen: boolean;
  onChoose: (way: Way) => void;
  onMark: (key: string | null) => void;
  onOpen: (way: Way) => void;
}) {
  return (
    <tr
      data-way={way.words}
      className={`border-b border-rule align-bottom max-lg:grid max-lg:grid-cols-6 max-lg:items-baseline ${isMarked ? 'bg-raised' : ''}`}
      onPointerEnter={() => onMark(keyOf(way))}
      onPointerLeave={() => onMark(null)}
    >
      <td className="py-2 pr-3 max-lg:col-span-full max-lg:pr-0 max-lg:pb-0">
        <div ref={measure}>
          <NestedFigure
            shapes={way.shapes}
            scale={scale}
            tones={tones}
            label={texts.toScale({ words: way.words })}
          />
        </div>
        <EndLook look={way.look} tones={tones} />
        <p className="pt-1 leading-snug">
          <b className="font-semibold">{way.words}</b>{' '}
          <span className="text-soft">
            {way.schedule.start && (
              <>
                {texts.pieces} <Length mm={way.schedule.start.outside.thicknessMm} /> {texts.and}
                <Length mm={way.schedule.start.inside.thicknessMm} unit /> {texts.thick}
                <Length mm={way.startMm} unit /> {texts.long}
              </>
            )}
            <Words of={way.why} />
          </span>
        </p>
      </td>
      <td className="px-2 py-2 text-right max-lg:px-1">
        <b className="text-lg">{way.visible.toLocaleString('en')}</b>
        {way.shop !== way.visible && (
          <span className="condensed block text-[12px] text-soft">
            {texts.nominal({ value: way.shop.toLocaleString('en') })}
          </span>
        )}
      </td>
      <td className="px-2 py-2 text-right max-lg:px-1">{way.welds}</td>
      <td className="px-2 py-2 text-right max-lg:px-1">{way.faces}</td>
      <td className="px-2 py-2 text-right whitespace-nowrap max-lg:px-1">
        {given ? <Length mm={way.finishedMm} unit /> : <Mass kg={way.startKg} />}
      </td>
      <td className="px-2 py-2 text-right whitespace-nowrap max-lg:px-1">{hours(way.minutes)}</td>
      <td className="px-2 py-2 text-right whitespace-nowrap max-lg:px-1">{showPercent(way.chance)}</td>
      <td className="py-2 pl-3 text-right whitespace-nowrap max-lg:col-span-full max-lg:pt-0 max-lg:pr-1">
        <label className="pr-3 text-[14px]">
          <input
            type="checkbox"
            className="accent-ink mr-1"
            checked={isChosen}
            onChange={() => onChoose(way)}
          />
          {texts.compare}
        </label>
        <Button weight="quiet" disabled={!canOpen} onClick={() => onOpen(way)}>
          {texts.open}
        </Button>
      </td>
    </tr>
  );
});
