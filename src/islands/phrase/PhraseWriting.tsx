import { useMemo, useState } from 'react';
import { type Inside, outsideOf } from '#core/atlas';
import type { Brief } from '#core/brief';
import { lineTextOf, readLineText } from '#core/brief/lines';
import { issuesText } from '#core/messages';
import type { LineNoteDocument } from '#core/material/typed';
import { noteLabel } from '#core/pitch';
import { performanceOf } from '#core/sound';
import { soundPractice, stopPractice } from '../../audio/index.ts';
import { engine } from '../../engine/index.ts';
import { fieldsTypedBefore, useTyped } from '../../state/typed.ts';
import type { PlayerRecord } from '../../records/record.ts';
import { pieceOf } from '../../records/piece-documents.ts';
import { newPieceRecord } from '../../records/new-records.ts';
import { Button } from '../../ui/Button.tsx';
import { SelectField } from '../../ui/fields/index.ts';
import { NOTE_LENGTH_LABELS } from '../../words/line/note-lengths.ts';
import { NO_SOUND } from '../../words/notices.ts';
import { insideText, outsideText, PHRASE_WORDS, phraseName } from '../../words/names/phrase.ts';
import { LineText } from '../bench/sentence/line/LineText.tsx';
import { keepOrThrow, wordsBesideHead } from '../../state/keeping/index.ts';
import { LinePreview } from '../score/index.ts';

interface PhraseWritingProps {
  readonly brief: Brief;
  /** The notes under the hand. */
  readonly inside: readonly Inside[];
  readonly musicKey: string;
  readonly player: PlayerRecord | null;
  readonly position: string;
  /** The open note of the one string; null for all strings. */
  readonly string: string | null;
  /** The id of the instrument, of the studio or any of a size. */
  readonly instrumentId: string;
}

/** Writes a phrase by tapping or typing: notes outside are named, with the nearest inside. */
export function PhraseWriting({ brief, inside, musicKey, player, position, string, instrumentId }: PhraseWritingProps) {
  const [text, setText] = useState(() => fieldsTypedBefore('phrase', { text: '' }).text);
  useTyped('phrase', { text }, text === '');
  const [trouble, setTrouble] = useState<string | null>(null);
  const reading = useMemo(() => readLineText(brief, text), [brief, text]);
  const notes = reading.ok ? reading.value : null;
  const phrase = useMemo(() => (notes === null ? null : phraseBrief(brief, musicKey, notes)), [brief, musicKey, notes]);
  const write = (next: readonly LineNoteDocument[]): void => setText(lineTextOf(phraseBrief(brief, musicKey, next)));
  const tell = (error: unknown): void => setTrouble(wordsBesideHead(error, NO_SOUND));
  const keep = async (written: Brief): Promise<void> => {
    const limits = { positions: [position], ...(string === null ? {} : { strings: [string] }) };
    const links = {
      playerId: player?.id ?? null,
      schoolId: player?.schoolId ?? null,
      instrumentId: player?.instrumentId === instrumentId ? instrumentId : null,
    };
    const record = newPieceRecord(pieceOf(phraseName(position, string), { ...written, limits }, text), false, links);
    await keepOrThrow('piece', record);
    setText('');
    location.href = `/?piece=${record.id}`;
  };
  return (
    <>
      <Tapped inside={inside} onTap={(note) => write([...(notes ?? []), note])} />
      <LineText text={text} bass={brief.instrument.kind === 'bass'} issues={reading.ok ? [] : reading.issues} onType={setText} />
      {!reading.ok && text !== '' && <p role="alert">{issuesText(reading.issues)}</p>}
      {notes && notes.length > 0 && phrase && (
        <>
          <LinePreview brief={phrase} />
          <OutsideList brief={brief} inside={inside} notes={notes} onWrite={write} />
          <div className="mt-3 flex flex-wrap gap-2">
            <Button onClick={() => write(notes.slice(0, -1))}>{PHRASE_WORDS.takeBack}</Button>
            <Button onClick={() => void play(phrase).catch(tell)}>{PHRASE_WORDS.play}</Button>
            <Button onClick={stopPractice}>{PHRASE_WORDS.stop}</Button>
            <Button onClick={() => void keep(phrase).catch(tell)}>{PHRASE_WORDS.keep}</Button>
          </div>
        </>
      )}
      {notes?.length === 0 && <p className="mt-2 text-dove-dark">{PHRASE_WORDS.empty}</p>}
      {trouble !== null && <p role="alert">{trouble}</p>}
    </>
  );
}

function phraseBrief(brief: Brief, key: string, notes: readonly LineNoteDocument[]): Brief {
  return { ...brief, material: { kind: 'line', key, notes: [...notes] } };
}

/**
 * Plays a phrase wherever it is fingered; notes outside sound too.
 *
 * @throws where the phrase has no plan, with the reason in words
 */
async function play(phrase: Brief): Promise<void> {
  const outcome = await engine.plan(phrase);
  if (!outcome.ok) throw new Error(issuesText(outcome.issues));
  const { best } = outcome.value;
  const model = performanceOf(best, { from: 0, to: best.notes.length - 1, pace: 1, slides: false });
  await soundPractice({ model, inTurns: false, vibrato: false, countIn: false, droneHz: null, metronome: null });
}

interface TappedProps {
  readonly inside: readonly Inside[];
  readonly onTap: (note: LineNoteDocument) => void;
}

const VALUES = ['1/8', '1/4', '1/2', '1/1'] as const;

/** Shows every note under the hand as a button, string by string, I on top. */
function Tapped({ inside, onTap }: TappedProps) {
  const [value, setValue] = useState<string>('1/4');
  const strings = [...new Set(inside.map(({ open }) => open))].toReversed();
  return (
    <section aria-label="Notes under the hand" className="mt-2">
      <p className="flex flex-wrap items-center gap-3">
        {PHRASE_WORDS.tap}
        <SelectField
          aria-label={PHRASE_WORDS.values}
          value={value}
          options={VALUES.map((value) => ({ value, name: NOTE_LENGTH_LABELS[value] ?? value }))}
          onChoose={setValue}
        />
        <Button onClick={() => onTap({ rest: true, duration: value })}>{PHRASE_WORDS.rest}</Button>
      </p>
      <div className="mt-2 grid gap-1.5">
        {strings.map((open) => (
          <div key={open} role="group" aria-label={`${noteLabel(open)} string`} className="flex flex-wrap items-center gap-1.5">
            <span className="w-6 text-[17px]">{noteLabel(open)}</span>
            {inside
              .filter((inside) => inside.open === open)
              .map((place) => (
                <Button
                  key={place.finger}
                  className="min-h-10 min-w-16 justify-center text-[15px]"
                  onClick={() => onTap({ pitches: [place.pitch], duration: value })}
                >
                  {insideText(place)}
                </Button>
              ))}
          </div>
        ))}
      </div>
    </section>
  );
}

interface OutsideListProps {
  readonly brief: Brief;
  readonly inside: readonly Inside[];
  readonly notes: readonly LineNoteDocument[];
  readonly onWrite: (notes: readonly LineNoteDocument[]) => void;
}

/** Lists every note that lies outside, with the nearest inside one step away. */
function OutsideList({ brief, inside, notes, onWrite }: OutsideListProps) {
  const outside = outsideOf(
    inside,
    notes.map((note) => ('rest' in note ? null : (note.pitches[0] ?? null))),
  );
  if (outside.length === 0) return <p className="mt-2">{PHRASE_WORDS.allInside}</p>;
  return (
    <ul aria-label="Outside" className="mt-2">
      {outside.map((outsideNote) => (
        <li key={outsideNote.note} className="flex flex-wrap items-center gap-3 border-b border-line py-1">
          <span className="grow">{outsideText(outsideNote, brief.instrument.kind)}</span>
          {outsideNote.nearest && (
            <Button
              onClick={() =>
                onWrite(notes.map((note, index) => (index === outsideNote.note ? replaceNote(note, outsideNote.nearest) : note)))
              }
            >
              {PHRASE_WORDS.replace}
              <span className="sr-only"> for note {outsideNote.note + 1}</span>
            </Button>
          )}
        </li>
      ))}
    </ul>
  );
}

function replaceNote(note: LineNoteDocument, nearest: Inside | null): LineNoteDocument {
  return 'rest' in note || !nearest ? note : { ...note, pitches: [nearest.pitch] };
}
