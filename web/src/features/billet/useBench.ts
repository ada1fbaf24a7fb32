import * as texts from 'texts/billet/useBench';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { Problem } from '../../lib/http';
import { useWriteEntry } from '../book/useWriteEntry';
import { addStep, readLine, waitingQuery, type Billet, type Remedy } from './api';
import { laidOf } from './laid';
import { PART } from './LaidFields';
import { newPart } from './newPart';
import { inside, planAt, withoutPart, withPart, withPartRenamed, withPlanAt } from './parts';
import type { Measured, Operation, Plan } from './plan';
import {
  withChange,
  withCopy,
  withMeasured,
  withOff,
  withOperation,
  withoutStep,
  withStepBefore,
  withStepMoved,
} from './planEdits';
import { firstPlace, paths } from './planPlace';
import { isNotStored, type Doc, type useBillet } from './useBillet';

/**
 * What is open of a billet, and every change that can be made there. A change answers with what is wrong with it,
 * for the field to show; null where it is stored.
 *
 * @param stepKey step to open first; the next weld to make where none is asked for
 * @param found a plan the Finder found, taken in as an edit like any other
 */
export function useBench(
  billet: Billet,
  editing: ReturnType<typeof useBillet>,
  stepKey: string | undefined,
  found: Plan | undefined,
) {
  const client = useQueryClient();
  const { plan } = billet;
  const [asked, setAsked] = useState(() => firstPlace(billet, stepKey));
  const path = planAt(plan, asked.path) ? asked.path : '';
  const here = planAt(plan, path) ?? plan;
  const selected = Math.min(asked.stage, here.steps.length);
  const step = here.steps[selected - 1];
  const open = (stage: number) => setAsked({ path, stage });

  const { change } = editing;
  const writing = useWriteEntry(billet.id);
  const taken = useRef(false);
  useEffect(() => {
    // A way the Finder found comes in as an edit like any other, and can be undone.
    if (!found || taken.current) return;
    taken.current = true;
    window.history.replaceState({}, '');
    void change((doc) => ({ ...doc, plan: found }));
  }, [found, change]);

  const said = (problem: Problem | null) =>
    problem && (isNotStored(problem) ? texts.notSavedYetSeeAbove : problem.detail);
  const changeWhole = async (edit: (plan: Plan) => Plan) =>
    said(await editing.change((doc) => ({ ...doc, plan: edit(doc.plan) })));
  const changePlan = (edit: (plan: Plan) => Plan) => changeWhole((p) => withPlanAt(p, path, edit));
  const add = async (words: string) => {
    try {
      const more = await addStep(here, selected, words);
      const wrong = await changePlan(() => more);
      if (wrong === null) open(selected + 1);
      return wrong;
    } catch (e) {
      return Problem.from(e).detail;
    }
  };
  const layPart = async (field: string, choice: string) => {
    try {
      const part = choice.startsWith(PART) ? null : await newPart(here, choice, client);
      const name = part?.name ?? choice.slice(PART.length);
      const wrong = await changePlan((p) =>
        withChange(part ? withPart(p, part) : p, selected - 1, (o) => ({
          [field]: [
            ...(laidOf(o).find(([f]) => f === field)?.[1] ?? []),
            { part: name, turn: 'SAME', shims: [] },
          ],
        })),
      );
      await client.invalidateQueries(waitingQuery);
      return wrong;
    } catch (e) {
      return Problem.from(e).detail;
    }
  };
  const commitLine = async (line: string): Promise<Problem | null> => {
    try {
      const read = await readLine(line, plan);
      return await editing.change((doc) => ({ ...doc, plan: read }));
    } catch (e) {
      return Problem.from(e);
    }
  };
  const renamePart = (at: string, name: string) => {
    const stroke = at.lastIndexOf('/');
    const outer = stroke < 0 ? '' : at.slice(0, stroke);
    const called = at.slice(stroke + 1);
    return changeWhole((p) => withPlanAt(p, outer, (o) => withPartRenamed(o, called, name))).then((wrong) => {
      if (wrong === null && (path === at || path.startsWith(`${at}/`))) {
        setAsked({ path: inside(outer, name) + path.slice(at.length), stage: selected });
      }
      return wrong;
    });
  };
  const takePartOut = () => {
    const stroke = path.lastIndexOf('/');
    const outer = stroke < 0 ? '' : path.slice(0, stroke);
    setAsked({ path: outer, stage: planAt(plan, outer)?.steps.length ?? 0 });
    void changeWhole((p) => withPlanAt(p, outer, (o) => withoutPart(o, path.slice(stroke + 1))));
  };
  const move = (by: -1 | 1) => {
    void changePlan((p) => withStepMoved(p, selected - 1, by));
    open(Math.min(here.steps.length, Math.max(1, selected + by)));
  };
  const takeOut = () => {
    if (!step) return;
    void changePlan((p) => withoutStep(p, selected - 1));
    open(selected - 1);
  };
  const copy = () => {
    if (!step) return;
    void changePlan((p) => withCopy(p, selected - 1));
    open(selected + 1);
  };
  const leaveOut = () => {
    if (step) void changePlan((p) => withOff(p, selected - 1));
  };
  const put = (field: string, mm: number) =>
    void changePlan((p) =>
      step
        ? withChange(p, selected - 1, () => ({ [field]: mm }))
        : { ...p, stack: { ...p.stack, [field]: mm } },
    );
  const stepAfter = async (operation: Operation) => {
    let key = '';
    const wrong = await changePlan((p) => {
      const more = withStepBefore(p, selected, operation);
      key = more.steps[selected]?.key ?? '';
      return more;
    });
    if (wrong !== null) return { wrong };
    open(selected + 1);
    return { key: inside(path, key) };
  };
  const measure = async (measured: Measured | null) => {
    const wrong = await changePlan((p) => withMeasured(p, selected - 1, measured));
    if (wrong === null && measured && step) {
      const at = new Date().toISOString();
      const bar = { stepKey: inside(path, step.key), at, sizes: measured, note: '' };
      try {
        await writing.mutateAsync({ says: { measured: bar } });
      } catch (e) {
        return texts.theRunUsesItButIt({ detail: Problem.from(e).detail });
      }
    }
    return wrong;
  };
  const applyRemedy = ({ instead, before, stack }: Remedy) => {
    void changePlan((p) =>
      instead
        ? withOperation(p, selected - 1, instead)
        : before
          ? withStepBefore(p, selected - 1, before)
          : stack
            ? { ...p, stack }
            : p,
    );
  };
  const nextPath = () => {
    const all = paths(plan);
    const next = all[(all.indexOf(path) + 1) % all.length] ?? '';
    setAsked({ path: next, stage: planAt(plan, next)?.steps.length ?? 0 });
  };
  return {
    place: { path, stage: selected },
    here,
    step,
    open,
    setPlace: setAsked,
    nextPath,
    changeWhole,
    changePlan,
    rename: async (names: Partial<Pick<Doc, 'name' | 'purpose'>>) =>
      said(await editing.change((doc) => ({ ...doc, ...names }))),
    add,
    layPart,
    commitLine,
    renamePart,
    takePartOut,
    move,
    takeOut,
    copy,
    leaveOut,
    put,
    stepAfter,
    measure,
    applyRemedy,
  };
}
