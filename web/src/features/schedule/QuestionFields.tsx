import * as texts from 'texts/schedule/QuestionFields';
import type { ReactNode } from 'react';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { MeasureField } from '../../ui/MeasureField';
import { Length } from '../../ui/Words';
import type { Billet } from '../billet/api';
import { PatternFields } from '../billet/StackFields';
import type { Steel } from '../steel/api';
import type { Asked, Begun } from './api';
import { FromFields } from './FromFields';
import { SizeFields } from './SizeFields';
import { TriedFields } from './TriedFields';
import type { Ask } from './useAsk';

const MOST_SEEN = 600;
const USUAL_TOLERANCE = 0.05;

/** As long as a piece is easily held; mm. */
const PIECE_MM = 107.95;

/** The question in place: every change asks again. */
export function QuestionFields({
  asked,
  begun,
  steels,
  billet,
  onAsk,
  onUndo,
}: {
  asked: Asked;
  begun: Begun | null;
  steels: readonly Steel[];
  billet: Billet | undefined;
  onAsk: Ask;
  onUndo: (() => void) | null;
}) {
  const near = asked.tolerance !== null;
  return (
    <section
      aria-label={texts.question}
      className="grid content-start gap-3 overflow-y-auto border-r border-ink bg-panel px-4 py-3 phone:overflow-visible phone:border-r-0 phone:border-b phone:px-3"
    >
      <div className="flex items-baseline justify-between">
        <h1 className="text-2xl">{texts.finder}</h1>
        <Button weight="quiet" disabled={!onUndo} onClick={() => onUndo?.()}>
          {texts.undo}
        </Button>
      </div>
      {billet && (
        <p className="-mt-2 text-soft">
          {texts.continueText} <b className="text-ink">{billet.name}</b>
        </p>
      )}
      <div className="flex items-start gap-3">
        <MeasureField
          label={near ? texts.layersWanted : texts.maximumUpTo}
          measure="count"
          width="w-28"
          value={asked.count}
          onCommit={(count) =>
            count < 2 || count > 1e7 ? texts.enter2To10000000 : onAsk((q) => ({ ...q, count }))
          }
        />
        {asked.tolerance !== null && (
          <MeasureField
            label={texts.tolerance}
            measure="share"
            width="w-20"
            value={asked.tolerance}
            onCommit={(tolerance) =>
              tolerance < 0 || tolerance > 0.5 ? texts.enter0To50 : onAsk((q) => ({ ...q, tolerance }))
            }
          />
        )}
      </div>
      <div className="flex flex-wrap gap-3">
        <Choice
          label={texts.counted}
          value={asked.counted}
          options={[
            { value: 'VISIBLE', show: texts.visibleLayers },
            { value: 'SHOP', show: texts.nominalLayers },
          ]}
          onChoose={(counted) => onAsk((q) => ({ ...q, counted }))}
        />
        <Choice
          label={texts.goal}
          value={near ? 'NEAR' : 'MOST'}
          options={[
            { value: 'NEAR', show: texts.aLayerCount },
            { value: 'MOST', show: texts.mostLayers },
          ]}
          onChoose={(how) =>
            onAsk((q) =>
              how === 'NEAR'
                ? { ...q, tolerance: USUAL_TOLERANCE }
                : { ...q, tolerance: null, count: Math.min(q.count, MOST_SEEN) },
            )
          }
        />
      </div>
      <Group title={texts.from}>
        <FromFields asked={asked} steels={steels} billet={billet} onAsk={onAsk} />
      </Group>
      <Group title={texts.finishedBarGroundClean}>
        <SizeFields
          size={asked.finished}
          onSize={(change) => onAsk((q) => ({ ...q, finished: { ...q.finished, ...change }, blockMm: null }))}
        />
      </Group>
      <Group title={texts.restacks}>
        <MeasureField
          label={texts.heightOfTheBarsTogether}
          measure="length"
          width="w-28"
          value={asked.blockMm ?? begun?.blockMm ?? 0}
          onCommit={(blockMm) => (blockMm > 0 ? onAsk((q) => ({ ...q, blockMm })) : texts.enterMoreThan0)}
        />
        <p className="-mt-1 text-[13px] text-soft">
          {asked.blockMm === null ? (
            <>
              {texts.soThatPiecesAreAbout} <Length mm={PIECE_MM} unit /> {texts.long15TimesTheHeight}
            </>
          ) : (
            <Button weight="quiet" onClick={() => onAsk((q) => ({ ...q, blockMm: null }))}>
              {texts.useCalculatedHeight}
            </Button>
          )}
        </p>
        <div className="flex items-end gap-3">
          <Choice
            label={texts.sheetInTheJoints}
            value={asked.insert ? 'MAY' : 'NO'}
            options={[
              { value: 'NO', show: texts.never },
              { value: 'MAY', show: texts.allowed },
            ]}
            onChoose={(how) =>
              onAsk((q) => ({
                ...q,
                insert: how === 'NO' ? null : (q.from.inside?.[0] ?? firstSheet(steels)),
              }))
            }
          />
          {asked.insert && (
            <MeasureField
              label={texts.thick({ steel: asked.insert.steel })}
              measure="length"
              width="w-24"
              value={asked.insert.thicknessMm}
              onCommit={(thicknessMm) =>
                onAsk((q) => ({ ...q, insert: q.insert && { ...q.insert, thicknessMm } }))
              }
            />
          )}
        </div>
        <PatternFields
          legend={asked.core.length === 0 ? texts.noCore : texts.coreInsideTheLastRestack}
          add={asked.core.length === 0 ? texts.addACore : texts.addACorePiece}
          pattern={asked.core}
          least={0}
          onPattern={(edit) => Promise.resolve(onAsk((q) => ({ ...q, core: [...edit(q.core)] })))}
        />
      </Group>
      <details className="border-t border-line pt-2">
        <summary className="cursor-pointer text-soft hover:text-ink">{texts.searchRange}</summary>
        <TriedFields bounds={asked.bounds} onAsk={onAsk} />
      </details>
      {begun && (
        <p className="border-t border-line pt-2 text-[13px] leading-snug text-soft">
          {texts.chanceFromWeldMaps}{' '}
          {begun.chance.welds === 0
            ? texts.anEstimateUntilTheBookHas
            : texts.anEstimateCorrectedByTheWelds({ welds: begun.chance.welds })}{' '}
          {texts.timesComeFromShop}
        </p>
      )}
    </section>
  );
}

const firstSheet = (steels: readonly Steel[]) => ({
  steel: steels.find((s) => s.id === '15N20')?.id ?? steels[0]?.id ?? '15N20',
  thicknessMm: 1.5,
});

function Group({ title, children }: { title: string; children: ReactNode }) {
  return (
    <fieldset className="grid gap-2 border-t border-line pt-2">
      <legend className="sr-only">{title}</legend>
      <h2 aria-hidden className="font-semibold">
        {title}
      </h2>
      {children}
    </fieldset>
  );
}
