import * as texts from 'texts/first/FirstStepsView';
import { useState, type ComponentType } from 'react';
import { useNavigate } from 'react-router';
import { Button } from '../../ui/Button';
import { FirstBillet } from './FirstBillet';
import type { Question } from './question';
import { ShelfQuestion } from './ShelfQuestion';
import { ToolsQuestion } from './ToolsQuestion';
import { UnitsQuestion } from './UnitsQuestion';

interface Step {
  readonly title: string;
  readonly Ask: ComponentType<Question>;
}

const QUESTIONS: readonly [Step, ...Step[]] = [
  { title: texts.whichForgeAndPressDoYou, Ask: ToolsQuestion },
  { title: texts.usShopUnitsOrMetric, Ask: UnitsQuestion },
  { title: texts.whichSteelsAreOnYourShelf, Ask: ShelfQuestion },
  { title: texts.howManyLayersAndWhatSize, Ask: FirstBillet },
];

/** A new shop in three questions, and its first billet. Each can be skipped, and changed later. */
export function FirstStepsView() {
  const [at, setAt] = useState(0);
  const navigate = useNavigate();
  const { title, Ask } = QUESTIONS[at] ?? QUESTIONS[0];
  const next = () => (at + 1 < QUESTIONS.length ? setAt(at + 1) : void navigate('/rack'));
  return (
    <main className="h-full overflow-y-auto px-5 py-6 max-sm:px-3">
      <div className="mx-auto max-w-3xl">
        <p className="text-soft">{texts.firstStepsOf({ value: at + 1, length: QUESTIONS.length })}</p>
        <h1 className="pt-1 pb-4 text-2xl">{title}</h1>
        <Ask key={at} onDone={next} />
        <div className="mt-6 flex gap-6 border-t border-rule pt-4">
          {at > 0 && (
            <Button weight="quiet" onClick={() => setAt(at - 1)}>
              {texts.back}
            </Button>
          )}
          <Button weight="quiet" onClick={next}>
            {texts.skip}
          </Button>
          <Button weight="quiet" className="ml-auto text-soft" onClick={() => void navigate('/rack')}>
            {texts.skipAll}
          </Button>
        </div>
      </div>
    </main>
  );
}
