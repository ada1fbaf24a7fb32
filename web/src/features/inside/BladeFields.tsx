import * as texts from 'texts/inside/BladeFields';
import { Choice } from '../../ui/Choice';
import { MeasureField } from '../../ui/MeasureField';
import { Slide } from '../../ui/Slide';
import { Length } from '../../ui/Words';
import type { Stage } from '../billet/api';
import { PROFILE_WORDS } from '../billet/planWords';
import type { Blade, Look } from '../picture/api';

const FIGURES = [
  ['lengthMm', texts.length],
  ['widthMm', texts.width],
  ['spineMm', texts.spine],
  ['bevelMm', texts.bevelHeight],
] as const;

const PROFILES = ['SHEEPSFOOT', 'DROP', 'SPEAR'] as const;

/** A blade laid into the bar, and where it is. */
export function BladeFields({
  look,
  stage,
  onLook,
}: {
  look: Look;
  stage: Stage;
  onLook: (look: Look) => void;
}) {
  const { blade } = look;
  if (!blade) return <p className="text-soft">{texts.theBarIsAlreadyGroundTo}</p>;
  const put = (more: Partial<Blade>) => onLook({ ...look, blade: { ...blade, ...more } });
  const along = Math.max(0, stage.lengthMm - blade.lengthMm);
  const across = Math.max(0, stage.widthMm - blade.widthMm);
  return (
    <>
      <Slide
        label={texts.positionFromTheBenchStop}
        show={<Length mm={look.atMm} unit />}
        value={look.atMm}
        least={0}
        most={along}
        step={0.5}
        onChange={(atMm) => onLook({ ...look, atMm })}
      />
      <Slide
        label={texts.edgeFromTheLeft}
        show={<Length mm={look.acrossMm} unit />}
        value={look.acrossMm}
        least={0}
        most={across}
        step={0.1}
        onChange={(acrossMm) => onLook({ ...look, acrossMm })}
      />
      <Choice
        label={texts.profile}
        value={blade.profile}
        options={PROFILES.map((value) => ({ value, show: PROFILE_WORDS[value] }))}
        onChoose={(profile) => put({ profile })}
      />
      <div className="grid grid-cols-2 gap-x-4 gap-y-2">
        {FIGURES.map(([field, label]) => (
          <MeasureField
            key={field}
            label={label}
            measure="length"
            value={blade[field]}
            onCommit={(mm) => {
              if (mm <= 0) return texts.enterALengthAbove0;
              put({ [field]: mm });
              return null;
            }}
          />
        ))}
      </div>
    </>
  );
}
