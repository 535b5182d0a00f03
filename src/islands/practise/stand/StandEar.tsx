import type { StandNow } from '#core/listening/stand';
import { itemOf } from '#core/practice/session';
import { type Running, takeBackHeard } from '../../../state/practice/index.ts';
import { useTellNote } from '../../../state/note-places.ts';
import { LevelBar } from '../../recording/index.ts';
import { LEVEL_LABELS } from '../../../words/intonation/takes.ts';
import { NO_MICROPHONE } from '../../../words/intonation/tuner.ts';
import { judgedText, LISTENING } from '../../../words/practice/by-ear.ts';
import { practisedNoteText } from '../../../words/practice/session.ts';
import { StandButton } from './StandButton.tsx';
import { inTurn, useStandLevel, type StandEarState } from './use-stand-ear.ts';

interface StandEarProps {
  readonly ear: StandEarState;
  readonly running: Running;
}

/** Tells what the stand hears, and how it judged the last try, which may be taken back. */
export function StandEar({ ear, running }: StandEarProps) {
  const tell = useTellNote();
  const practised = itemOf(running.run)?.practised;
  const heard = ear.state === 'on' ? running.heard : null;
  return (
    <div
      role="status"
      aria-label="Listening"
      className="mb-2 flex flex-wrap items-center gap-x-5 gap-y-2 text-[18px] empty:mb-0 sm:text-[26px]"
    >
      {ear.state === 'on' && <StandLevel />}
      {heard && practised && (
        <>
          <p className="font-semibold">{judgedText(heard.judged, (note) => practisedNoteText(practised, note, tell))}</p>
          {heard.counted && (
            <StandButton className="min-h-0 grow-0 sm:min-h-0" onClick={takeBackHeard}>
              {LISTENING.takeBack}
            </StandButton>
          )}
        </>
      )}
      {ear.state !== 'off' && <p>{earText(ear, running)}</p>}
    </div>
  );
}

/** Shows how loud it is on the stand. */
function StandLevel() {
  const { loudness, level } = useStandLevel();
  return (
    <>
      <LevelBar loudness={loudness} isTooLoud={level === 'clipped'} />
      {level === 'clipped' && <span>{LEVEL_LABELS.clipped}</span>}
    </>
  );
}

/** Writes what the stand does now. */
function earText(ear: StandEarState, running: Running): string {
  switch (ear.state) {
    case 'off':
      return '';
    case 'asking':
      return LISTENING.asking;
    case 'failed':
      return LISTENING.failed;
    case 'ended':
      return LISTENING.ended;
    case 'no-microphone':
      return NO_MICROPHONE[ear.why];
    case 'on':
      if (ear.judging) return LISTENING.judging;
      if (running.run.step.at !== 'play') return LISTENING.claps;
      return inTurn(running) ? tryText(ear.now, running) : LISTENING.inTurns;
  }
}

/** Writes how far a try is; it is explained once, before the first is heard. */
function tryText(now: StandNow['state'], { heard }: Running): string {
  if (now === 'playing') return LISTENING.playing;
  return heard ? LISTENING.on : LISTENING.waiting;
}
