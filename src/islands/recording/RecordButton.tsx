import type { TakeState } from '../../state/takes/index.ts';
import { Button } from '../../ui/Button.tsx';
import { Mic, Square } from '../../ui/icons.ts';
import { RECORD } from '../../words/intonation/takes.ts';

interface RecordButtonProps {
  readonly state: TakeState['state'];
  /** The words of the button while a recording goes on. */
  readonly stop: string;
  readonly onRecord: () => void;
  readonly onStop: () => void;
}

/** Begins a recording, and ends it. */
export function RecordButton({ state, stop, onRecord, onStop }: RecordButtonProps) {
  const isRecording = state === 'recording';
  return (
    <Button aria-pressed={isRecording} disabled={state === 'asking'} onClick={isRecording ? onStop : onRecord}>
      {isRecording ? <Square size={15} aria-hidden="true" /> : <Mic size={15} aria-hidden="true" />}
      {isRecording ? stop : RECORD.begin}
    </Button>
  );
}
