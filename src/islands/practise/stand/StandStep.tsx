import { useEffect, useState } from 'react';
import { waysOf } from '#core/brief';
import { mmPerTenCents } from '#core/instrument/geometry';
import { pitchLabel } from '#core/pitch';
import type { Plan } from '#core/plan/describe';
import { answerOf } from '#core/brief/parts/school';
import { capsOf, itemOf, notesOfPart, strictest } from '#core/practice/session';
import { fadeAfter } from '#core/practice/fading';
import { goodSoFar, goodOnesWanted, MISSES_SAID, type Rung, secondsOfRun, VOICES } from '#core/practice/ladder';
import type { NoteGroup } from '#core/practice/item';
import { useTellNote } from '../../../state/note-places.ts';
import { hearAgain, inHand, pointAt, type Running, sayMiss } from '../../../state/practice/index.ts';
import {
  clockText,
  CORRECTING_WORDS,
  EAR_TIRES,
  HEARD_APART,
  MISS_WORDS,
  PAIN_WORDS,
  partText,
  PROMPT_WORDS,
  rungText,
  setText,
  soundsText,
  stageAsksText,
  STRAIN_WORDS,
  tempoText,
  toleranceText,
  VOICE_WORDS,
} from '../../../words/practice/session.ts';
import { ONE_KEY } from '../../../words/practice/stand.ts';
import { ShownWith } from '../../by-heart/ShownWith.tsx';
import { NamesByMeasure } from '../../score/index.ts';
import { useStandView } from './stand-view.ts';
import { StandButton } from './StandButton.tsx';
import { StandStaff } from './StandStaff.tsx';

interface StepProps {
  readonly running: Running;
}

/** Shows the music stand at each step of a session. */
export function StandStep({ running }: StepProps) {
  const { run } = running;
  switch (run.step.at) {
    case 'aim':
      return <Aim running={running} />;
    case 'prepare':
      return <Prepare running={running} prompt={run.step.prompt} />;
    case 'play':
      return <Play running={running} />;
    case 'miss':
      return <HowMissed running={running} />;
    case 'rest':
      return <Rest running={running} />;
    case 'pain':
      return (
        <Plain title="Stop">
          <p>{PAIN_WORDS}</p>
        </Plain>
      );
    case 'end-check':
      return <EndCheck running={running} />;
    case 'done':
      return <Done running={running} />;
  }
}

function Aim({ running: { run } }: StepProps) {
  return (
    <Plain title={run.aim === '' ? 'Listen while you play' : run.aim}>
      <p>Today’s aim. {run.items.length === 1 ? 'One item' : `${run.items.length} items`}. Warm up first; stop at any pain.</p>
      <p>{ONE_KEY}</p>
    </Plain>
  );
}

function EndCheck({ running: { run } }: StepProps) {
  return (
    <Plain title={run.endCheck === '' ? 'Play it once more' : run.endCheck}>
      <p>The aim was: {run.aim}. Is it reached?</p>
    </Plain>
  );
}

interface PlainProps {
  readonly title: string;
  readonly children: React.ReactNode;
}

function Plain({ title, children }: PlainProps) {
  return (
    <>
      <h1 className="font-serif text-[36px] leading-[1.1] sm:text-[64px] font-semibold">{title}</h1>
      {children}
    </>
  );
}

function Title({ running }: StepProps) {
  const item = itemOf(running.run);
  const practised = item?.practised;
  const tell = useTellNote();
  return (
    <h1 className="font-serif text-[36px] leading-[1.1] sm:text-[64px] font-semibold">
      {practised?.title}
      {practised && practised.part.part !== 'whole' && (
        <span className="block text-[20px] font-normal sm:text-[32px]">{partText(practised, tell)}</span>
      )}
    </h1>
  );
}

function Prepare({ running, prompt }: StepProps & { readonly prompt: number }) {
  const item = itemOf(running.run);
  const here = inHand(running);
  const asked = item?.prompts[prompt];
  if (!item || !here || asked === undefined) return null;
  const sounds = asked === 'hear';
  return (
    <>
      <Title running={running} />
      <p>
        First, {prompt + 1} of {item.prompts.length}: {PROMPT_WORDS[asked]}
      </p>
      <p>{toleranceText(running.tolerance, highestOf(here.plan, here.group))}</p>
      {sounds && hasTwoVoices(here, null) && <p>{HEARD_APART}</p>}
      {here.otherWhenSlow && prompt === 0 && (
        <p>Slow alone, another fingering would do. Keep this one: it is for {tempoText(here.item.ladder.to)}.</p>
      )}
      <ShownInHand running={running} plan={here.plan} group={notesOfPart(here.plan, here.item.practised.part)} />
      {sounds && (
        <div>
          <StandButton onClick={hearAgain}>Hear it again</StandButton>
        </div>
      )}
    </>
  );
}

/** Finds the highest stopped note of some, where a tolerance is the fewest mm. */
function highestOf(
  { notes, stringLengthMm }: Plan,
  { from, to }: NoteGroup,
): { readonly name: string; readonly mmPerTenCents: number } | null {
  const stops = notes.slice(from, to + 1).flatMap((note) => (note.kind === 'note' ? note.stops : []));
  const highest = stops.reduce<(typeof stops)[number] | null>(
    (top, stop) => (top === null || stop.semitonesAboveOpen > top.semitonesAboveOpen ? stop : top),
    null,
  );
  if (!highest || highest.finger === '0') return null;
  return { name: pitchLabel(highest.written), mmPerTenCents: mmPerTenCents(stringLengthMm, highest.semitonesAboveOpen) };
}

function Play({ running }: StepProps) {
  const { run } = running;
  const item = itemOf(run);
  const here = inHand(running);
  if (!item || !here || run.step.at !== 'play') return null;
  const { plan, rung, group } = here;
  const wanted = goodOnesWanted(item.set, item.cap);
  const caps = capsOf(plan, group);
  return (
    <>
      <Title running={running} />
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1 sm:gap-x-10">
        <p className="text-[36px] leading-[1.1] sm:text-[64px] font-semibold tabular-nums" aria-label="Tempo">
          {tempoText(rung.tempo)}
        </p>
        <p className="text-[36px] leading-[1.1] sm:text-[64px] font-semibold tabular-nums" aria-label="Good so far" role="status">
          {goodSoFar(item.set, run.step.tries)} of {wanted}
        </p>
        <p>{setText(item)}</p>
        {rungText(rung) !== '' && <p>{rungText(rung)}</p>}
        {item.groups > 1 && (
          <p>
            part {run.group + 1} of {item.groups}
          </p>
        )}
        <p>{clockText(secondsOfRun(plan, group, rung))} a run</p>
      </div>
      <p>
        {stageAsksText(item.practised)} {soundsText(here.item.along)}
      </p>
      {caps.length > 0 && (
        <p>
          At most {strictest(caps).tries} tries, then rest: {caps.map(({ strain }) => STRAIN_WORDS[strain]).join('; ')}.
        </p>
      )}
      {running.justMissed && <p>{CORRECTING_WORDS[answerOf(waysOf(plan.brief), 'correcting')]}</p>}
      <ShownInHand running={running} plan={plan} group={group} />
    </>
  );
}

/** Shows the notes in hand: with the remaining helps where help fades, else as they are printed, or fingers and names alone. */
function ShownInHand({ running, plan, group }: StepProps & { readonly plan: Plan; readonly group: NoteGroup }) {
  const names = useStandView(({ namesOnly }) => namesOnly);
  const fading = itemOf(running.run)?.fading;
  if (fading) return <ShownWith plan={plan} group={group} helps={fadeAfter(fading).shown} />;
  return names ? (
    <NamesByMeasure plan={plan} group={group} className="max-h-[60dvh] sm:max-h-[44dvh] overflow-auto" />
  ) : (
    <StandStaff plan={plan} group={group} selected={noteHeardMissed(running)} />
  );
}

/** Gives the note at which the last try was heard to miss; null where none was. */
function noteHeardMissed({ heard }: Running): number | null {
  return heard?.judged.judged === 'missed' ? heard.judged.note : null;
}

/**
 * Asks how the try missed: answered at once by a tap, at a note that was pointed at and in one voice of it where that is known; or by the
 * pedal, which goes through the answers. Nothing is answered beforehand.
 */
function HowMissed({ running }: StepProps) {
  const here = inHand(running);
  const { step } = running.run;
  if (step.at !== 'miss' || !here) return null;
  const { note, voice } = step.where;
  return (
    <>
      <Title running={running} />
      <p>How did it miss?{note === null ? ' Point at the note, if you know which.' : ''}</p>
      <div role="group" aria-label="How it missed" className="flex flex-wrap gap-2 sm:gap-3">
        {MISSES_SAID.map((miss) => (
          <StandButton key={miss} main={miss === step.miss} aria-pressed={miss === step.miss} onClick={() => sayMiss(miss)}>
            {MISS_WORDS[miss]}
          </StandButton>
        ))}
      </div>
      {hasTwoVoices(here, note) && (
        <div role="group" aria-label="In which voice" className="flex flex-wrap gap-2 sm:gap-3">
          {VOICES.map((known) => (
            <StandButton
              key={known}
              aria-pressed={voice === known}
              onClick={() => pointAt({ note, voice: voice === known ? null : known })}
            >
              {VOICE_WORDS[known]}
            </StandButton>
          ))}
        </div>
      )}
      <StandStaff plan={here.plan} group={here.group} selected={note} onSelect={(pointed) => pointAt({ note: pointed, voice })} whole />
    </>
  );
}

/** Tells whether the note that was pointed at, or one of those in hand where none was, has two voices. */
function hasTwoVoices({ plan, group }: NonNullable<ReturnType<typeof inHand>>, note: number | null): boolean {
  const { from, to } = note === null ? group : { from: note, to: note };
  return plan.notes.slice(from, to + 1).some((known) => known.kind === 'note' && known.stops.length > 1);
}

function Rest({ running }: StepProps) {
  const { run, stepSince } = running;
  const item = run.items[run.item];
  const left = useSecondsLeft(stepSince, item?.restSeconds ?? 0);
  const here = inHand(running);
  if (!item || run.step.at !== 'rest') return null;
  const { clean, over } = run.step;
  return (
    <>
      <h1 className="font-serif text-[36px] leading-[1.1] sm:text-[64px] font-semibold">{clean ? 'A clean set' : 'Not clean yet'}</h1>
      <p className="text-[36px] leading-[1.1] sm:text-[64px] font-semibold tabular-nums" role="timer" aria-label="Rest">
        {left > 0 ? clockText(left) : 'Ready'}
      </p>
      <p>{EAR_TIRES} Let both arms hang.</p>
      <p>{over ? nextItemText(running) : here && `Then ${nextRungText(here.rung)}.`}</p>
    </>
  );
}

/** Writes what comes after an item that is over: the next one, or the check at the end. */
function nextItemText({ run, items }: Running): string {
  return run.item + 1 >= items.length ? 'Then the check at the end.' : `Then: ${run.items[run.item + 1]?.practised.title ?? ''}.`;
}

/** Writes the next rung: its tempo, and the bows or the rhythm where they change. */
function nextRungText(rung: Rung): string {
  return [tempoText(rung.tempo), rungText(rung)].filter((text) => text !== '').join(', ');
}

/** Counts the seconds until a time is over; 0 afterwards. */
function useSecondsLeft(since: number, seconds: number): number {
  const [now, setNow] = useState(since);
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 500);
    return () => clearInterval(timer);
  }, []);
  return Math.max(0, seconds - (Math.max(now, since) - since) / 1000);
}

function Done({ running }: StepProps) {
  const { run, good, tries } = running;
  const reached = run.step.at === 'done' ? run.step.reached : null;
  return (
    <>
      <h1 className="font-serif text-[36px] leading-[1.1] sm:text-[64px] font-semibold">
        {reached === null ? 'Enough for today' : reached ? 'Reached' : 'Not yet: it comes back'}
      </h1>
      <p className="text-[36px] leading-[1.1] sm:text-[64px] font-semibold tabular-nums">
        {good} of {tries}
      </p>
      <p>good tries. All of it is in the record.</p>
    </>
  );
}
