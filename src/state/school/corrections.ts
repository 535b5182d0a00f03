import { dequal } from 'dequal';
import { create } from 'zustand';
import { type Brief, type Lock, waysOf } from '#core/brief';
import { type QuestionName, withAnswer } from '#core/brief/parts/school';
import { type Correction, correctionOf } from '#core/explain';
import { noteCorrection } from './remembered-corrections.ts';
import { planningStore } from '../planning.ts';
import { changeSchool } from './school-actions.ts';
import { workStore } from '../bench/index.ts';

/** A rule for the school that the teacher's corrections suggest, or one that was just made. */
export type Rule =
  | { readonly state: 'offered'; readonly question: QuestionName; readonly side: string }
  /** A rule that was just made; `before` is the school's answer until now, null for none. */
  | {
      readonly state: 'made';
      readonly question: QuestionName;
      readonly side: string;
      readonly school: string;
      readonly before: string | null;
    };

/** The rule offered or just made; null most of the time. */
export const ruleStore = create<{ readonly rule: Rule | null }>()(() => ({ rule: null }));

/** Watches the teacher's corrections, until the returned function is called. */
export function watchCorrections(): () => void {
  const stopPlans = planningStore.subscribe(({ planSet }, { planSet: earlier }) => {
    if (!planSet || !earlier || planSet.best === earlier.best) return;
    const lock = lockAdded(earlier.best.brief, planSet.best.brief);
    if (lock) void noteHeard(correctionOf(earlier.best, planSet.best, lock), lock.note);
  });
  const stopMarks = workStore.subscribe((now, before) => {
    if (now.pieceId !== before.pieceId || now.brief.marks === before.brief.marks) return;
    const mark = now.brief.marks?.find((mark) => !before.brief.marks?.includes(mark));
    const earlier = before.brief.marks?.find(({ note }) => note === mark?.note);
    if (mark?.guide && mark.guide !== earlier?.guide) void noteHeard({ question: 'guide', side: mark.guide }, mark.note);
    if (mark?.semitone && mark.semitone !== earlier?.semitone) void noteHeard({ question: 'sameFinger', side: mark.semitone }, mark.note);
  });
  return () => {
    stopPlans();
    stopMarks();
  };
}

/** Finds the one lock by which two briefs of the same line differ; null where it is not one. */
function lockAdded(before: Brief, after: Brief): Lock | null {
  if (!dequal(before.material, after.material)) return null;
  const [were, are] = [before.locks ?? [], after.locks ?? []];
  const added = are.filter((lock) => !were.some((was) => dequal(was, lock)));
  const [lock] = added;
  return added.length === 1 && lock && are.length >= were.length ? lock : null;
}

async function noteHeard(correction: Correction | null, note: number): Promise<void> {
  const { pieceId, brief } = workStore.getState();
  if (correction === null || pieceId === null || waysOf(brief)[correction.question] === correction.side) return;
  const offers = await noteCorrection({ ...correction, pieceId, note }).catch(() => false);
  if (offers) ruleStore.setState({ rule: { state: 'offered', ...correction } });
}

/** Makes the rule that is offered the school's, or takes back the one just made. */
export async function settleRule(): Promise<void> {
  const { rule } = ruleStore.getState();
  if (rule?.state === 'offered') return await makeRule(rule);
  if (rule?.state === 'made') {
    await changeSchool((school) => ({ ...school, ways: withAnswer(school.ways ?? {}, rule.question, rule.before) }));
    ruleStore.setState({ rule: null });
  }
}

async function makeRule({ question, side }: Pick<Rule, 'question' | 'side'>): Promise<void> {
  let before: string | null = null;
  const record = await changeSchool((school) => {
    before = school.ways?.[question] ?? null;
    return { ...school, ways: withAnswer(school.ways ?? {}, question, side) };
  });
  if (record) ruleStore.setState({ rule: { state: 'made', question, side, school: record.document.name, before } });
}

/** Drops the rule, so that it is not offered again. */
export function dropRule(): void {
  ruleStore.setState({ rule: null });
}
