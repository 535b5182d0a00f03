import type { Recorded } from '../../audio/index.ts';
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

/** The loudness below full at which the level begins to show, decibels. */
const SHOWN_WITHIN = 60;

function RecordedNow({ now: { seconds, loudness, level } }: { readonly now: Recorded }) {
  const share = Math.max(0, Math.min(1, 1 + (20 * Math.log10(loudness + 1e-6)) / SHOWN_WITHIN));
  return (
    <p className="flex items-center gap-3">
      <span className="tabular-nums">{recordedText(seconds)}</span>
      <span className="h-3 w-48 bg-line" aria-hidden="true">
        <span className={`block h-full ${level === 'clipped' ? 'bg-ochre' : 'bg-verdigris'}`} style={{ width: `${100 * share}%` }} />
      </span>
      <span>{LEVEL_LABELS[level]}</span>
    </p>
  );
}
