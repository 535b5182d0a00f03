import { parseAsArrayOf, parseAsStringLiteral, useQueryStates } from 'nuqs';
import { useMemo } from 'react';
import { fadeAfter, type Help, HELPS, usualCourse } from '#core/practice/fading';
import { notesOfPart } from '#core/practice/session';
import type { Practised } from '#core/practice/item';
import { Button } from '../../ui/Button.tsx';
import { OpenedSection } from '../../ui/OpenedSection.tsx';
import { guardIsland, Notice } from '../../ui/states/index.ts';
import { FADING_WORDS, fadingText, HELP_WORDS, helpsText } from '../../words/practice/fading.ts';
import { Addressed } from '../frame/index.ts';
import { PlannedPage, type PlannedPiece, titleOfPlanned } from '../opened-piece/index.ts';
import { CourseForm } from './CourseForm.tsx';
import { ShownWith } from './ShownWith.tsx';
import { type FadingKept, useFading } from './use-fading.ts';

/** Shows a piece with less and less to look at, down to a blank page. */
export const ByHeart = guardIsland(GuardedByHeart);

function GuardedByHeart() {
  return (
    <Addressed>
      <PlannedPage name="By heart" waiting={FADING_WORDS.waiting}>
        {(piece) => <Learning piece={piece} />}
      </PlannedPage>
    </Addressed>
  );
}

/** `with` names helps of one’s own choice; null stands for those of the course. */
const ADDRESS = { with: parseAsArrayOf(parseAsStringLiteral(HELPS)) };

function Learning({ piece }: { readonly piece: PlannedPiece }) {
  const { plan, playerId } = piece;
  const [{ with: chosen }, setAddress] = useQueryStates(ADDRESS);
  const practised = useMemo((): Practised => ({ piece: piece.id, title: titleOfPlanned(piece), part: { part: 'whole' } }), [piece]);
  const kept = useFading({ playerId, name: plan.brief.player?.name ?? '' }, practised);
  const usual = usualCourse(plan.brief.school?.labels ?? 'numbers');
  const { fading } = kept;
  const helps = chosen ?? (fading ? fadeAfter(fading).shown : usual.helps);
  return (
    <>
      <HelpChoice helps={helps} onChoose={(next) => void setAddress({ with: [...next] })} />
      {kept.trouble !== null && <Notice trouble>{kept.trouble}</Notice>}
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <Course
          kept={kept}
          isOwn={chosen !== null}
          onCourse={() => void setAddress({ with: null })}
          onBegin={() => kept.setCourse(usual)}
        />
      </div>
      <div className="mt-3">
        <ShownWith plan={plan} group={notesOfPart(plan, practised.part)} helps={helps} />
      </div>
      {fading && (
        <OpenedSection title={`The course${plan.brief.player?.name ? ` of ${plan.brief.player.name}` : ''}`}>
          {() => <CourseForm key={JSON.stringify(fading.course)} course={fading.course} playerId={playerId} onSet={kept.setCourse} />}
        </OpenedSection>
      )}
    </>
  );
}

interface HelpChoiceProps {
  readonly helps: readonly Help[];
  readonly onChoose: (helps: readonly Help[]) => void;
}

/** Chooses each help by itself, in any mixture. */
function HelpChoice({ helps, onChoose }: HelpChoiceProps) {
  const toggle = (help: Help): void => onChoose(HELPS.filter((known) => (known === help ? !helps.includes(known) : helps.includes(known))));
  return (
    <div role="group" aria-label="Shown with" className="mt-2 flex flex-wrap items-center gap-1.5">
      <span className="mr-1">Shown with</span>
      {HELPS.toReversed().map((help) => (
        <Button key={help} aria-pressed={helps.includes(help)} onClick={() => toggle(help)}>
          {HELP_WORDS[help]}
        </Button>
      ))}
    </div>
  );
}

interface CourseProps {
  readonly kept: FadingKept;
  /** Whether the helps are of one’s own choice. */
  readonly isOwn: boolean;
  readonly onCourse: () => void;
  readonly onBegin: () => void;
}

/** Shows where the player is in the course, and asks how the set went. */
function Course({ kept: { fading, addSet }, isOwn, onCourse, onBegin }: CourseProps) {
  if (fading === undefined) return null;
  if (fading === null) {
    return (
      <>
        <p>{FADING_WORDS.noCourse}</p>
        <Button onClick={onBegin}>{FADING_WORDS.begin}</Button>
      </>
    );
  }
  const { shown } = fadeAfter(fading);
  if (isOwn) {
    return (
      <>
        <p>The course has come to: {helpsText(shown)}.</p>
        <Button onClick={onCourse}>Go on with the course</Button>
      </>
    );
  }
  return (
    <>
      <Button onClick={() => addSet(true, shown)}>{FADING_WORDS.clean}</Button>
      <Button onClick={() => addSet(false, shown)}>{FADING_WORDS.failed}</Button>
      <p role="status" aria-label="Course">
        {fadingText(fading)}
      </p>
    </>
  );
}
