import type { Recorded } from '../../audio/index.ts';
import { LevelBar } from './LevelBar.tsx';
import { Notice } from '../../ui/states/index.ts';
import { LEVEL_LABELS, NO_TAKE, recordedText, TAKE_PAGE } from '../../words/intonation/takes.ts';
import { NO_MICROPHONE } from '../../words/intonation/tuner.ts';
import type { TakeState } from '../../state/takes/index.ts';

/** Tells the state of the take: nothing yet, a recording under way, or why there is none. */
export function TakeStatus({ take }: { readonly take: TakeState }) {
  switch (take.state) {
    case 'none':
      return <p className="text-dove-dark">{TAKE_PAGE.none}</p>;
    case 'asking':
      return <p>{TAKE_PAGE.asking}</p>;
    case 'recording':
      return <RecordedNow now={take.now} />;
    case 'reading':
      return <p>{TAKE_PAGE.reading}</p>;
    case 'failed':
      return <Notice trouble>{TAKE_PAGE.failed}</Notice>;
    case 'refused':
      return <Notice trouble>{NO_TAKE[take.why]}</Notice>;
    case 'no-microphone':
      return <Notice trouble>{NO_MICROPHONE[take.why]}</Notice>;
    case 'read':
      return null;
  }
}

function RecordedNow({ now: { seconds, loudness, level } }: { readonly now: Recorded }) {
  return (
    <p className="flex items-center gap-3">
      <span className="tabular-nums">{recordedText(seconds)}</span>
      <LevelBar loudness={loudness} isTooLoud={level === 'clipped'} />
      <span>{LEVEL_LABELS[level]}</span>
    </p>
  );
}
