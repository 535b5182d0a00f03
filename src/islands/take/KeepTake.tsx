import { useState } from 'react';
import type { Sound } from '#core/listening';
import { LARGEST_FILE, type LogWhat } from '#core/practice/log';
import { type NoteMiss, takeEntry } from '#core/listening/report';
import type { useLogPages } from '../../state/practice/index.ts';
import { dataUrlOf, downloadBlob, fileNameOf } from '../../files/index.ts';
import { Button } from '../../ui/Button.tsx';
import { CheckField } from '../../ui/fields/index.ts';
import { Download, Save } from '../../ui/icons.ts';
import { Notice } from '../../ui/states/index.ts';
import { sizeText } from '../../words/practice/record.ts';
import { KEEPING, keptText, takenAtText } from '../../words/intonation/takes.ts';

interface KeepTakeProps {
  readonly piece: { readonly id: string; readonly title: string; readonly player: string };
  readonly sound: Sound;
  readonly misses: readonly NoteMiss[];
  /** The number of notes that were left out. */
  readonly leftOut: number;
  readonly toleranceCents: number;
  /** The reason why it may not go into the record; null where it may. */
  readonly notKept: string | null;
  readonly log: ReturnType<typeof useLogPages>;
}

/** The bytes of a sample of a wave file, and of its head. */
const SAMPLE_BYTES = 2;
const HEAD_BYTES = 44;

/** Keeps a take in the record, with its sound where that is wanted, and saves the sound as a file. */
export function KeepTake({ piece, sound, misses, leftOut, toleranceCents, notKept, log }: KeepTakeProps) {
  const [withSound, setWithSound] = useState(false);
  const [kept, setKept] = useState<{ readonly sound: Sound; readonly notes: number } | null>(null);
  const [failed, setFailed] = useState<string | null>(null);
  const bytes = HEAD_BYTES + SAMPLE_BYTES * sound.samples.length;
  const fits = bytes <= LARGEST_FILE;
  const add = async (what: LogWhat): Promise<void> => {
    const outcome = await log.add(what);
    if (!outcome.ok) setFailed(outcome.message);
  };
  const keep = async (): Promise<void> => {
    setFailed(null);
    const entry = takeEntry(misses, leftOut, toleranceCents);
    setKept({ sound, notes: entry.notes.length });
    const practised = { piece: piece.id, title: piece.title.slice(0, 120), part: { part: 'whole' } } as const;
    await add({ kind: 'take', practised, ...entry });
    if (!withSound || !fits) return;
    const wave = await waveOf(sound);
    const name = `${takenAtText(Date.now())}, ${piece.title}`.slice(0, 120);
    await add({ kind: 'file', name, type: wave.type, bytes: wave.size, data: await dataUrlOf(wave), recording: true });
  };
  const save = async (): Promise<void> => downloadBlob(fileNameOf(piece.title, 'wav'), await waveOf(sound));
  const tell = (work: Promise<void>): void => void work.catch(() => setFailed(KEEPING.failed));
  return (
    <div className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-2" role="group" aria-label="Keep the take">
      {notKept === null && kept?.sound !== sound && (
        <>
          <Button onClick={() => tell(keep())}>
            <Save size={15} aria-hidden="true" /> {KEEPING.keep}
          </Button>
          <CheckField
            label={`with its sound, ${sizeText(bytes)}${fits ? '' : `: ${KEEPING.tooLong}`}`}
            checked={withSound && fits}
            disabled={!fits}
            onChange={setWithSound}
          />
        </>
      )}
      {kept?.sound === sound && <p role="status">{keptText(piece.player, kept.notes)}</p>}
      <Button onClick={() => tell(save())}>
        <Download size={15} aria-hidden="true" /> Save the sound as WAV, {sizeText(bytes)}
      </Button>
      {notKept !== null && <p className="text-sm text-dove-dark">{notKept}</p>}
      {failed !== null && <Notice trouble>{failed}</Notice>}
      {log.trouble && <Notice trouble>{log.trouble}</Notice>}
    </div>
  );
}

/** Writes a sound as a wave file of 16 bits. */
async function waveOf({ samples, sampleRate }: Sound): Promise<Blob> {
  const { default: write } = await import('audiobuffer-to-wav');
  const buffer = new AudioBuffer({ length: samples.length, sampleRate });
  buffer.copyToChannel(Float32Array.from(samples), 0);
  return new Blob([write(buffer)], { type: 'audio/wav' });
}
