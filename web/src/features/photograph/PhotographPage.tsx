import * as texts from 'texts/photograph/PhotographPage';
import { useQuery } from '@tanstack/react-query';
import { Fragment, type ReactNode } from 'react';
import { Link, NavLink, useParams, useSearchParams } from 'react-router';
import { CameraButton } from '../../ui/CameraButton';
import { FileButton, PHOTOS } from '../../ui/FileButton';
import { LoadFailed } from '../../ui/Notice';
import { Select } from '../../ui/Select';
import { placeOf, type Place } from '../bench/place';
import { billetQuery, type Billet } from '../billet/api';
import { stepTitle } from '../billet/StepWords';
import { usePhotograph, type Chosen } from './usePhotograph';

/** What can be done with a photograph of a billet; each is a page. */
const TASKS = {
  count: { title: texts.countLayers, short: texts.count },
  measure: { title: texts.measure, short: texts.measure },
  compare: { title: texts.comparePattern, short: texts.compare },
  flaws: { title: texts.findFlaws, short: texts.flaws },
};

export type Task = keyof typeof TASKS;

/** A photograph of a billet after one of its steps. */
export interface Open {
  readonly billet: Billet;
  readonly path: string;
  readonly place: Place;
  readonly chosen: Chosen;
  /** Buttons that choose another photograph. */
  readonly another: ReactNode;
}

/** The frame of all pages of photographs: billet, step, photograph, and what is done with it. */
export function PhotographPage({
  task,
  intro,
  children,
}: {
  task: Task;
  /** How to take the photograph. */
  intro: ReactNode;
  children: (open: Open) => ReactNode;
}) {
  const id = Number(useParams().id);
  const billet = useQuery(billetQuery(id));
  if (billet.isError) return <LoadFailed error={billet.error} again={() => void billet.refetch()} />;
  if (!billet.data) return <p className="p-10 text-soft">{texts.loadingTheBillet}</p>;
  return (
    <Framed key={id} billet={billet.data} task={task} intro={intro}>
      {children}
    </Framed>
  );
}

function Framed({
  billet,
  task,
  intro,
  children,
}: {
  billet: Billet;
  task: Task;
  intro: ReactNode;
  children: (open: Open) => ReactNode;
}) {
  const [params, setParams] = useSearchParams();
  const path = params.get('step') ?? billet.plan.steps.at(-1)?.key ?? '';
  const place = placeOf(billet, path);
  const { chosen, unreadable, choose } = usePhotograph(billet.id);
  if (!place) {
    return (
      <main className="p-5">
        <p>{texts.noSuchStep}</p>
        <Link to={`/billets/${billet.id}`} className="underline underline-offset-4">
          {billet.name}
        </Link>
      </main>
    );
  }
  const another = (
    <span className="flex flex-wrap gap-3">
      <CameraButton
        label={texts.takePhoto}
        weight={chosen ? 'plain' : 'strong'}
        onPhotos={([file]) => file && void choose(file)}
      />
      <FileButton name={texts.choosePhoto} accept={PHOTOS} onFile={(file) => void choose(file)}>
        {texts.choosePhoto}
      </FileButton>
    </span>
  );
  return (
    <main className="mx-auto flex h-full max-w-3xl flex-col gap-3 overflow-y-auto px-4 py-3">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h1 className="text-2xl">{TASKS[task].title}</h1>
        <Link to={`/billets/${billet.id}`} className="underline decoration-line underline-offset-4">
          {billet.name}
        </Link>
        <span className="ml-auto">
          <Select
            label={texts.after}
            value={path}
            options={stepOptions(billet, path, stepTitle(place.step.operation))}
            onChoose={(step) => setParams({ step }, { replace: true })}
          />
        </span>
      </div>
      <nav aria-label={texts.photograph} className="flex flex-wrap gap-x-4 border-b border-line">
        {Object.entries(TASKS).map(([of, { short }]) => (
          <NavLink
            key={of}
            to={`/billets/${billet.id}/${of}?step=${encodeURIComponent(path)}`}
            className="inline-flex min-h-11 items-center border-b-2 border-transparent aria-[current=page]:border-ink"
          >
            {short}
          </NavLink>
        ))}
      </nav>
      {unreadable && <p role="alert">▲ {texts.notAPicture}</p>}
      {chosen ? (
        <Fragment key={`${path} ${chosen.file.name} ${chosen.file.lastModified}`}>
          {children({ billet, path, place, chosen, another })}
        </Fragment>
      ) : (
        <div className="max-w-prose py-4">
          <div className="pb-4">{intro}</div>
          {another}
        </div>
      )}
    </main>
  );
}

/** The steps of the billet's own plan, and the one that is open where it is in a part. */
function stepOptions(billet: Billet, open: string, title: string): Record<string, string> {
  const own = billet.plan.steps.map((s, i): [string, string] => [
    s.key,
    texts.step({ step: i + 1, title: stepTitle(s.operation) }),
  ]);
  return Object.fromEntries(own.some(([key]) => key === open) ? own : [[open, title], ...own]);
}
