import * as texts from 'texts/inside/LookFields';
import { Choice } from '../../ui/Choice';
import { Slide } from '../../ui/Slide';
import { Length, useMetric } from '../../ui/Words';
import type { Stage } from '../billet/api';
import type { Look } from '../picture/api';
import { BladeFields } from './BladeFields';
import { lookFrom } from './looks';

const STEP_MM = 0.05;

/** From where you look, and how deep, how far along or with which blade. */
export function LookFields({
  look,
  stage,
  layersGround,
  onLook,
}: {
  look: Look;
  stage: Stage;
  /** Layers the face has been ground through. */
  layersGround: number;
  onLook: (look: Look) => void;
}) {
  const metric = useMetric();
  const at = (atMm: number) => onLook({ ...look, atMm });
  const high = stage.heightMm * stage.fill;
  const show = <Length mm={look.atMm} unit />;
  return (
    <section aria-label={texts.view} className="grid gap-3">
      <Choice
        label={texts.view}
        value={look.from}
        options={[
          { value: 'FACE', show: texts.top },
          { value: 'UNDER', show: texts.below },
          { value: 'END', show: texts.end },
          { value: 'ALONG', show: texts.along },
          { value: 'BLADE', show: texts.blade },
        ]}
        onChoose={(from) => onLook(lookFrom(from, stage, metric, look))}
      />
      {(look.from === 'FACE' || look.from === 'UNDER') && (
        <Slide
          label={texts.groundOff}
          show={
            <>
              {show}
              {layersGround > 0 && (
                <span className="font-normal text-soft">
                  {texts.into} {texts.layers({ layersGround })}
                </span>
              )}
            </>
          }
          value={look.atMm}
          least={0}
          most={high}
          step={STEP_MM}
          onChange={at}
        />
      )}
      {look.from === 'END' && (
        <Slide
          label={texts.sectionAt}
          show={show}
          value={look.atMm}
          least={0}
          most={stage.lengthMm}
          step={0.5}
          onChange={at}
        />
      )}
      {look.from === 'ALONG' && (
        <Slide
          label={texts.cutPositionFromTheLeftEdge}
          show={show}
          value={look.atMm}
          least={0}
          most={stage.widthMm}
          step={STEP_MM}
          onChange={at}
        />
      )}
      {look.from === 'BLADE' && <BladeFields look={look} stage={stage} onLook={onLook} />}
    </section>
  );
}
