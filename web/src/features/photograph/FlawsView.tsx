import * as texts from 'texts/photograph/FlawsView';
import { useState } from 'react';
import { uuid } from '../../lib/uuid';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Danger } from '../../ui/Danger';
import { Refusal } from '../../ui/Notice';
import { Select } from '../../ui/Select';
import { TextField } from '../../ui/TextField';
import { Length } from '../../ui/Words';
import type { Stage } from '../billet/api';
import type { Flaw, Way } from '../book/api';
import { useWriteEntry } from '../book/useWriteEntry';
import { findDarkLines, type DarkLine, type Face } from './api';
import { BarSelect } from './BarSelect';
import { lineOnPicture } from './homography';
import { MarkNumber } from './Marks';
import { PhotographPage, type Open } from './PhotographPage';
import { PhotographWithCorners } from './PhotographWithCorners';
import { SaveInBook } from './SaveInBook';
import { useAsked } from './useAsked';
import { useCorners } from './useCorners';
import { Working } from './Working';

const FACES: Record<Face, string> = { END: texts.end, SIDE: texts.edge, TOP: texts.face };

/** What the photograph shows is how it was looked at. */
const WAYS: Record<Face, Way> = { END: 'ETCHED_END', SIDE: 'GROUND_EDGE', TOP: 'WHEELED' };

const MARK_PX = 6;

type Verdict = 'NONE' | Flaw['state'];

const VERDICTS: readonly { value: Verdict; show: string }[] = [
  { value: 'NONE', show: texts.notAFlaw },
  { value: 'SUSPECT', show: texts.suspect },
  { value: 'OPEN', show: texts.delaminated },
];

/** Dark lines along the joints, found in a photograph: each becomes a flaw only when a person says so. */
export function FlawsView() {
  return (
    <PhotographPage task="flaws" intro={texts.photographTheFace}>
      {(open) => <Finding open={open} />}
    </PhotographPage>
  );
}

/** How many times as long as high a face is. */
function aspectOf(face: Face, stage: Stage | undefined): number {
  if (!stage) return 1;
  const { lengthMm, widthMm, heightMm } = stage;
  return { END: widthMm / heightMm, SIDE: lengthMm / heightMm, TOP: lengthMm / widthMm }[face];
}

function Finding({ open }: { open: Open }) {
  const { billet, path, place, chosen, another } = open;
  const [face, setFace] = useState<Face>('END');
  const [isGlowing, setGlowing] = useState(false);
  const [bar, setBar] = useState(0);
  const { corners, laid, move, undo, isMoved, isPlaced } = useCorners(chosen, aspectOf(face, place.after));
  const finding = useAsked((of: Parameters<typeof findDarkLines>[1], signal) =>
    findDarkLines(chosen.file, of, signal),
  );
  const lines = finding.answer;
  const { changing } = finding;
  return (
    <>
      <PhotographWithCorners picture={chosen.picture} corners={corners} onCorners={changing(move)}>
        {(width, height) =>
          lines?.map((line, i) => (
            <Marked key={i} line={line} number={i + 1} corners={laid} width={width} height={height} />
          ))
        }
      </PhotographWithCorners>
      <p className="text-[14px] text-soft">{texts.dragTheCorners}</p>
      <div className="flex flex-wrap items-end gap-3">
        <Select label={texts.seen} value={face} options={FACES} onChoose={changing(setFace)} />
        <BarSelect stage={place.after} bar={bar} onBar={changing(setBar)} />
        <Choice
          label={texts.surface}
          value={isGlowing ? 'GLOWING' : 'ETCHED'}
          options={[
            { value: 'ETCHED', show: texts.groundOrEtched },
            { value: 'GLOWING', show: texts.glowing },
          ]}
          onChoose={changing((of: string) => setGlowing(of === 'GLOWING'))}
        />
        <Button
          weight={lines ? 'plain' : 'strong'}
          onClick={() =>
            finding.ask({ billetId: billet.id, step: path, bar, face, isGlowing, corners: laid })
          }
        >
          {texts.findDarkLines}
        </Button>
        <Button disabled={!isMoved} onClick={changing(undo)}>
          {texts.undo}
        </Button>
      </div>
      {isGlowing && <Danger words={texts.noThermometer} className="text-[14px]" />}
      {lines && !isPlaced && <p role="alert">▲ {texts.cornersNotMoved}</p>}
      {finding.isAsking && <Working words={texts.finding} onCancel={finding.cancel} />}
      {finding.error && <Refusal error={finding.error} />}
      {lines ? (
        <Found
          key={JSON.stringify(lines)}
          open={open}
          lines={lines}
          way={isGlowing ? 'HOT_SHADOW' : WAYS[face]}
        />
      ) : (
        <div className="pb-4">{another}</div>
      )}
    </>
  );
}

/** A line on the photograph, with its number. */
function Marked({
  line,
  number,
  corners,
  width,
  height,
}: {
  line: DarkLine;
  number: number;
  corners: Parameters<typeof lineOnPicture>[0];
  width: number;
  height: number;
}) {
  const [from, to] = lineOnPicture(corners, line);
  if (!from || !to) return null;
  const [x1, y1, x2, y2] = beside(from.x * width, from.y * height, to.x * width, to.y * height);
  return (
    <g data-dark-line={number}>
      {(['black', 'white'] as const).map((stroke) => (
        <line key={stroke} {...{ x1, y1, x2, y2, stroke }} strokeWidth={stroke === 'black' ? 3.5 : 1.5} />
      ))}
      <MarkNumber number={number} x={(x1 + x2) / 2} y={(y1 + y2) / 2} />
    </g>
  );
}

/** A mark beside a line and not on it, so that the line itself is seen. */
function beside(x1: number, y1: number, x2: number, y2: number) {
  const length = Math.hypot(x2 - x1, y2 - y1) || 1;
  const right = ((y2 - y1) / length) * MARK_PX;
  const down = (-(x2 - x1) / length) * MARK_PX;
  return [x1 + right, y1 + down, x2 + right, y2 + down] as const;
}

/** What was found, each to be judged, and the inspection that comes of it. */
function Found({
  open: { billet, path, chosen, another },
  lines,
  way,
}: {
  open: Open;
  lines: readonly DarkLine[];
  way: Way;
}) {
  const [verdicts, setVerdicts] = useState<readonly Verdict[]>(lines.map(() => 'NONE'));
  const [note, setNote] = useState('');
  const [isKept, setKept] = useState(false);
  const write = useWriteEntry(billet.id, () => setKept(true));
  const save = () => {
    const flaws: Flaw[] = lines.flatMap((line, i) => {
      const state = verdicts[i] ?? 'NONE';
      return state === 'NONE'
        ? []
        : [{ id: uuid(), kind: 'SEAM', state, joint: line.joint, spot: line.spot, note: '' }];
    });
    write.mutate({
      says: {
        inspection: {
          stepKey: path,
          at: new Date().toISOString(),
          ways: [way],
          brightShare: null,
          flaws,
          note,
        },
      },
      photos: [chosen.file],
    });
  };
  return (
    <section aria-label={texts.darkLines} className="grid gap-3 border-t border-ink pt-2">
      <p>{lines.length === 0 ? texts.none : texts.lookAtEach({ count: lines.length })}</p>
      <ol className="grid gap-2">
        {lines.map((line, i) => (
          <li key={i} className="flex flex-wrap items-center gap-x-4 gap-y-1">
            <span>
              <b>{i + 1}</b> · {line.joint === null ? texts.onNoJoint : texts.joint({ joint: line.joint })} ·{' '}
              <Length mm={line.lengthMm} unit /> {texts.long}
            </span>
            <Choice
              label={texts.verdict({ number: i + 1 })}
              hideLabel
              value={verdicts[i] ?? 'NONE'}
              options={VERDICTS}
              onChoose={(verdict) => {
                setKept(false);
                setVerdicts(verdicts.map((before, k) => (k === i ? verdict : before)));
              }}
            />
          </li>
        ))}
      </ol>
      <TextField label={texts.note} value={note} longest={2000} error={null} onChange={setNote} />
      <SaveInBook write={write} isKept={isKept} disabled={false} words={texts.saveInspection} onSave={save}>
        {another}
      </SaveInBook>
    </section>
  );
}
