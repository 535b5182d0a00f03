import type { Brief } from '#core/brief';
import type { Instrument } from '#core/instrument';
import { displayPitch, parsePitch, formatPitch, respell } from '#core/pitch';
import { isInKey, keyOfSignature, parseKey, pitchInKey } from '#core/key';
import { useEngine } from '../../engine/index.ts';
import { Heading } from '../../ui/Heading.tsx';
import { Answered } from '../../ui/states/index.ts';
import { ATLAS_WORDS, waysOnStringText } from '../../words/names/atlas.ts';
import { writtenLabel } from '../../words/studio/instruments.ts';

/** Lists every semitone of an instrument as the key spells it, to choose from. */
export function notesOf(instrument: Instrument, musicKey: string): readonly { readonly value: string; readonly name: string }[] {
  const read = parseKey(musicKey);
  const key = read.ok ? read.value : keyOfSignature(0, 'major');
  if (!key) return [];
  const open = instrument.strings.map(({ semitones }) => semitones);
  const [lowest, highest] = [Math.min(...open), Math.max(...open) + instrument.highestSemitone];
  return Array.from({ length: highest - lowest + 1 }, (_, above) => lowest + above).map((semitones) => {
    const value = formatPitch(pitchInKey(semitones, key));
    return { value, name: `${writtenLabel(instrument.kind, value)}${isInKey(semitones, key) ? '' : ' (not in the key)'}` };
  });
}

interface NotePlacesProps {
  readonly brief: Brief;
  readonly musicKey: string;
  /** The sounding pitch, documents' form. */
  readonly pitch: string;
}

/** Shows a note by all its names, and every place it is played: string, finger, position. */
export function NotePlaces({ brief, musicKey, pitch }: NotePlacesProps) {
  const asked = useEngine(brief, { kind: 'note-places', key: musicKey, pitch });
  const { kind } = brief.instrument;
  return (
    <section aria-label={`Every place of ${writtenLabel(kind, pitch)}`} className="mt-2">
      <Heading>
        {writtenLabel(kind, pitch)}
        {otherNames(pitch).map((name) => `, also ${name}`)}
      </Heading>
      <Answered asked={asked} waiting={ATLAS_WORDS.waiting}>
        {(places) => (
          <ul className="text-[14px] leading-[1.7]">
            {places.map((place) => (
              <li key={place.open}>{waysOnStringText(place)}</li>
            ))}
          </ul>
        )}
      </Answered>
    </section>
  );
}

/** Lists the other names of a note, double accidentals apart. */
export function otherNames(text: string): readonly string[] {
  const pitch = parsePitch(text);
  if (!pitch.ok) return [];
  return ([1, -1] as const)
    .flatMap((steps) => respell(pitch.value, steps) ?? [])
    .filter(({ alteration }) => Math.abs(alteration) < 2)
    .map((pitch) => displayPitch(pitch).replace(/[0-9]$/, ''));
}
