import { ArrowDown, ArrowUp, Plus, Trash2 } from '../../../ui/icons.ts';
import { type FormEvent, type ReactNode, useEffect, useState } from 'react';
import { BOW_DIRECTIONS, type Mark } from '#core/brief';
import { withMark } from '#core/brief/locks';
import { type Accent, ACCENT_KINDS, type Articulation, ARTICULATIONS, ORNAMENT_KINDS, ORNAMENT_SIGNS } from '#core/material/line';
import type { Plan, PlannedSound } from '#core/plan/describe';
import { formatFraction } from '#core/fraction';
import {
  bowTogether,
  insertAfter,
  movePitches,
  prescribe,
  prescribeBowing,
  removeNotes,
  setDuration,
  setSigns,
  typePitches,
  writeMark,
} from '../../../state/edits/index.ts';
import { draft, keepDraft, type Work } from '../../../state/bench/index.ts';
import { Button } from '../../../ui/Button.tsx';
import { SelectField, TextField } from '../../../ui/fields/index.ts';
import { NOTE_LENGTH_LABELS } from '../../../words/line/note-lengths.ts';
import {
  ACCENT_KIND_LABELS,
  ARTICULATION_LABELS,
  HARMONIC_LABELS,
  ORNAMENT_LABELS,
  ORNAMENT_SIGN_LABELS,
} from '../../../words/line/signs.ts';
import { BOWING_ROW, FINGERING_PLACEHOLDERS, FINGERING_ROW } from '../../../words/line/prescribed.ts';
import { titleOf } from '../tools/key-lines.ts';
import { ClefHere } from './ClefHere.tsx';
import { KeyAndMeter } from './KeyAndMeter.tsx';
import { WriteRow } from './WriteRow.tsx';

interface WriteTabProps {
  readonly plan: Plan;
  readonly index: number;
  readonly note: PlannedSound;
}

/** Edits what is written: the note itself, the bow, the teacher's own words, and a fingering as digits. */
export function WriteTab({ plan, index, note }: WriteTabProps) {
  const mark = plan.brief.marks?.find((mark) => mark.note === index);
  const pitches = note.stops.map((stop) => stop.written).join('+');
  const cue = mark?.cue ?? '';
  const remark = mark?.remark ?? '';
  return (
    <div className="mt-2 grid gap-2.5 text-[15px]">
      <WrittenField
        key={`pitch ${index} ${pitches}`}
        label="Pitch"
        most={12}
        value={pitches}
        onWrite={(text) => typePitches(index, text)}
      />
      <NoteItself plan={plan} index={index} />
      <Bow plan={plan} index={index} bow={mark?.bow ?? null} />
      <Signs plan={plan} index={index} />
      <ClefHere plan={plan} index={index} clef={mark?.clef ?? null} />
      <KeyAndMeter plan={plan} index={index} />
      <WrittenField
        key={`cue ${index} ${cue}`}
        label="Cue"
        most={40}
        value={cue}
        onWrite={(text) => writeMark(index, { cue: text })}
        whileTyped={(work, text) => ({ ...work, brief: withMark(work.brief, index, { cue: text }) })}
      />
      <WrittenField
        key={`remark ${index} ${remark}`}
        label="Remark"
        most={400}
        value={remark}
        onWrite={(text) => writeMark(index, { remark: text })}
        whileTyped={(work, text) => ({ ...work, brief: withMark(work.brief, index, { remark: text }) })}
      />
      <Prescription
        key={`fingers ${index}`}
        id="prescribed"
        {...FINGERING_ROW}
        placeholder={FINGERING_PLACEHOLDERS[note.stops.length]}
        onLock={async (text) => await prescribe(text, index)}
      />
      <Prescription
        key={`bows ${index}`}
        id="prescribed-bows"
        {...BOWING_ROW}
        onLock={async (text) => await Promise.resolve(prescribeBowing(text, index))}
      />
    </div>
  );
}

interface PlaceProps {
  readonly plan: Plan;
  readonly index: number;
}

/** Moves the note up and down, and edits its length, and notes and rests after it. */
function NoteItself({ plan, index }: PlaceProps) {
  const here = { from: index, to: index };
  const element = plan.line.notes[index];
  const length = element ? formatFraction(element.duration) : '1/4';
  const lengths = Object.keys(NOTE_LENGTH_LABELS);
  return (
    <>
      <WriteRow name="Move">
        <IconButton name="A letter higher" run={() => movePitches(here, { by: 'letter', up: true })}>
          <ArrowUp size={15} aria-hidden="true" />
        </IconButton>
        <IconButton name="A letter lower" run={() => movePitches(here, { by: 'letter', up: false })}>
          <ArrowDown size={15} aria-hidden="true" />
        </IconButton>
        <IconButton name="A semitone higher" run={() => movePitches(here, { by: 'semitone', up: true })}>
          ♯
        </IconButton>
        <IconButton name="A semitone lower" run={() => movePitches(here, { by: 'semitone', up: false })}>
          ♭
        </IconButton>
      </WriteRow>
      <WriteRow name="Length">
        <SelectField
          aria-label="Length"
          value={length}
          options={(lengths.includes(length) ? lengths : [length, ...lengths]).map((value) => ({
            value,
            name: NOTE_LENGTH_LABELS[value] ?? value,
          }))}
          onChoose={(next) => setDuration(index, next)}
        />
      </WriteRow>
      <WriteRow name="Insert after">
        <IconButton name="Insert a note after it" run={() => insertAfter(index, 'note')}>
          <Plus size={15} aria-hidden="true" /> note
        </IconButton>
        <IconButton name="Insert a rest after it" run={() => insertAfter(index, 'rest')}>
          <Plus size={15} aria-hidden="true" /> rest
        </IconButton>
        <IconButton name="Delete the note" command="Delete it from the line" run={() => removeNotes(here)}>
          <Trash2 size={15} aria-hidden="true" />
        </IconButton>
      </WriteRow>
    </>
  );
}

function Bow({ plan, index, bow }: PlaceProps & { readonly bow: Mark['bow'] | null }) {
  const element = plan.line.notes[index];
  const last = plan.line.notes[index + 1]?.kind !== 'note';
  return (
    <WriteRow name="Bow">
      <SelectField
        aria-label="Bow sign"
        value={bow ?? 'none'}
        options={(['none', ...BOW_DIRECTIONS] as const).map((value) => ({ value, name: value === 'none' ? 'no sign' : `${value} bow` }))}
        onChoose={(next) => writeMark(index, { bow: next === 'none' ? null : next })}
      />
      <label className="flex items-center gap-1.5">
        <input
          type="checkbox"
          className="size-4 accent-ink"
          checked={element?.kind === 'note' && element.slurredToNext}
          disabled={last}
          onChange={(event) => bowTogether({ from: index, to: index + 1 }, event.target.checked)}
        />
        slurred to the next
      </label>
    </WriteRow>
  );
}

/** Edits the signs: trill or mordent, harmonic, grace note, articulation, accent. */
function Signs({ plan, index }: PlaceProps) {
  const element = plan.line.notes[index];
  if (element?.kind !== 'note' || element.upper) return null;
  const { ornament, harmonic, grace, accent, articulation } = element;
  return (
    <>
      <WriteRow name="Ornament">
        <SelectField
          aria-label="Ornament"
          value={ornament?.kind ?? 'none'}
          options={(['none', ...ORNAMENT_KINDS] as const).map((value) => ({
            value,
            name: value === 'none' ? 'none' : ORNAMENT_LABELS[value],
          }))}
          onChoose={(kind) => setSigns(index, { ornament: kind === 'none' ? null : { kind } })}
        />
        {ornament && (
          <SelectField
            aria-label="Auxiliary note"
            value={ornament.sign ?? 'key'}
            options={(['key', ...ORNAMENT_SIGNS] as const).map((value) => ({ value, name: ORNAMENT_SIGN_LABELS[value] }))}
            onChoose={(sign) => setSigns(index, { ornament: { kind: ornament.kind, ...(sign === 'key' ? {} : { sign }) } })}
          />
        )}
        <label className="flex items-center gap-1.5">
          <input
            type="checkbox"
            className="size-4 accent-ink"
            checked={grace}
            disabled={plan.line.notes[index + 1]?.kind !== 'note'}
            onChange={(event) => setSigns(index, { grace: event.target.checked })}
          />
          grace note
        </label>
      </WriteRow>
      <Articulated index={index} articulation={articulation} accent={accent} />
      <WriteRow name="Harmonic">
        <SelectField
          aria-label="Harmonic"
          value={harmonic ?? 'none'}
          options={(['none', 'natural', 'stopped'] as const).map((value) => ({ value, name: HARMONIC_LABELS[value] }))}
          onChoose={(next) => setSigns(index, { harmonic: next === 'none' ? null : next })}
        />
      </WriteRow>
    </>
  );
}

interface ArticulatedProps {
  readonly index: number;
  readonly articulation: Articulation | null;
  readonly accent: Accent | null;
}

/** Chooses a dot, a wedge or a line, and an accent. */
function Articulated({ index, articulation, accent }: ArticulatedProps) {
  return (
    <WriteRow name="Articulation">
      <SelectField
        aria-label="Articulation"
        value={articulation ?? 'none'}
        options={(['none', ...ARTICULATIONS] as const).map((value) => ({ value, name: ARTICULATION_LABELS[value] }))}
        onChoose={(next) => setSigns(index, { articulation: next === 'none' ? null : next })}
      />
      <SelectField
        aria-label="Accent"
        value={accent ?? 'none'}
        options={(['none', ...ACCENT_KINDS] as const).map((value) => ({ value, name: ACCENT_KIND_LABELS[value] }))}
        onChoose={(next) => setSigns(index, { accent: next === 'none' ? null : next })}
      />
    </WriteRow>
  );
}

interface IconButtonProps {
  readonly name: string;
  /** The name of the command it does, where that differs. */
  readonly command?: string;
  readonly run: () => void;
  readonly children: ReactNode;
}

function IconButton({ name, command, run, children }: IconButtonProps) {
  return (
    <Button aria-label={name} title={titleOf(name, command)} onClick={run}>
      {children}
    </Button>
  );
}

interface WrittenFieldProps {
  readonly label: string;
  readonly most: number;
  readonly value: string;
  readonly onWrite: (text: string) => void;
  /** Gives the work that the text would make; it is saved with it while it is still being typed. */
  readonly whileTyped?: (work: Work, text: string) => Work;
}

/** A field whose text is written when it is left or Enter is pressed; Escape gives it up. */
function WrittenField({ label, most, value, onWrite, whileTyped }: WrittenFieldProps) {
  const [text, setText] = useState(value);
  useEffect(() => () => keepDraft(label), [label]);
  const type = (typed: string): void => {
    setText(typed);
    if (whileTyped) draft(label, (work) => whileTyped(work, typed.trim()));
  };
  const write = (): void => {
    if (text.trim() !== value) onWrite(text.trim());
    draft(label, null);
  };
  const giveUp = (): void => {
    setText(value);
    draft(label, null);
  };
  return (
    <label className="grid grid-cols-[5.4rem_1fr] items-baseline gap-x-2">
      <span className="text-dove-dark">{label}</span>
      <TextField
        className="w-full min-w-0"
        value={text}
        maxLength={most}
        onChange={(event) => type(event.target.value)}
        onBlur={write}
        onKeyDown={(event) => {
          if (event.key === 'Enter') write();
          if (event.key === 'Escape') giveUp();
        }}
      />
    </label>
  );
}

interface PrescriptionProps {
  readonly id: string;
  readonly label: string;
  readonly placeholder: string;
  readonly hint: string;
  /** The words for a screen reader, after the name of the button: "as the bowing". */
  readonly what: string;
  /** Locks what was typed; resolves to the reason where that cannot be. */
  readonly onLock: (text: string) => Promise<string | null>;
}

/** A row for what the teacher prescribes from this note on, typed as one text and locked. */
function Prescription({ id, label, placeholder, hint, what, onLock }: PrescriptionProps) {
  const [text, setText] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const lock = (event: FormEvent): void => {
    event.preventDefault();
    void onLock(text).then(setTrouble);
  };
  return (
    <form onSubmit={lock} className="grid gap-1 border-t border-line pt-2">
      <label htmlFor={id} className="text-dove-dark">
        {label}
      </label>
      <span className="flex gap-1.5">
        <TextField
          id={id}
          className="w-full min-w-0"
          value={text}
          placeholder={placeholder}
          aria-invalid={trouble !== null}
          aria-describedby={`${id}-trouble`}
          onChange={(event) => {
            setText(event.target.value);
            setTrouble(null);
          }}
        />
        <Button type="submit" disabled={text.trim() === ''}>
          Lock it
          <span className="sr-only"> {what}</span>
        </Button>
      </span>
      <span id={`${id}-trouble`} role="alert" className="text-sm text-ochre empty:hidden">
        {trouble}
      </span>
      <span className="text-sm text-dove-dark">{hint}</span>
    </form>
  );
}
