import type { Brief } from '#core/brief';
import { withRhythm } from '#core/brief/edits';
import { DEFAULT_RHYTHM } from '#core/brief/lines';
import { ACCENTS, BOW_PATTERNS, LENGTH_PATTERNS, METERS, namesOf, NOTE_VALUES, patternNamed } from '#core/rhythm';
import { changeBrief, changeBriefAndReadLine } from '../../../state/edits/index.ts';
import { Choice, OptionChoice } from '../../../ui/fields/index.ts';
import { bowLabel } from '../../../words/line/bowing.ts';
import { NOTE_VALUE_LABELS } from '../../../words/line/note-lengths.ts';
import {
  ACCENT_LABELS,
  accentsLabel,
  BOW_LABELS,
  bowsLabel,
  LENGTH_PATTERN_LABELS,
  lengthsLabel,
  pickUpLabel,
} from '../../../words/line/rhythm.ts';
import { ChangesPart } from './ChangesPart.tsx';
import { TempoPart } from './TempoPart.tsx';
import { useTold } from './use-told.ts';

interface RhythmProps {
  readonly brief: Brief;
}

/** Shows the rhythm: note values, meter, bowing and tempo, and the parts of a variant; usual values are shown only with the whole brief. */
export function RhythmPart({ brief }: RhythmProps) {
  const rhythm = { ...DEFAULT_RHYTHM, ...brief.rhythm };
  const values = NOTE_VALUES.some((value) => value === rhythm.noteValue) ? NOTE_VALUES : [rhythm.noteValue, ...NOTE_VALUES];
  return (
    <>
      in{' '}
      <Choice
        label="Note value"
        value={rhythm.noteValue}
        values={values}
        name={(value) => NOTE_VALUE_LABELS[value] ?? value}
        onChange={(noteValue) => changeBriefAndReadLine((now) => withRhythm(now, { noteValue }))}
      />{' '}
      in{' '}
      <Choice
        label="Meter"
        value={rhythm.meter}
        values={METERS}
        name={(meter) => meter}
        onChange={(meter) => changeBrief((now) => withRhythm(now, { meter }))}
      />
      , <ChangesPart brief={brief} />
      <Lengths brief={brief} />
      <Bowing brief={brief} />
      <Accents brief={brief} />
      <PickUp brief={brief} />
      at <TempoPart tempo={brief.tempo ?? null} />,{' '}
    </>
  );
}

/** The name of a choice of the teacher's own, which is not in the list. */
const OWN = 'own';

/** The choices of notes to every bow. */
const TO_A_BOW = [1, 2, 3, 4, 6, 8, 12, 16];

/** The choice of a line's own slurs. */
const AS_WRITTEN = 'as-written';

interface NamedChoiceProps<Name extends string> {
  readonly label: string;
  /** The options, by name. */
  readonly labels: Readonly<Record<Name, string>>;
  /** The option chosen; null for something of the teacher's own, which stands as `own`. */
  readonly chosen: Name | null;
  readonly own: string;
  readonly usual: Name;
  readonly onChoose: (name: Name) => void;
}

/** Shows one of several named options, where it is not as usual, and with the whole sentence. */
function NamedChoice<Name extends string>({ label, labels, chosen, own, usual, onChoose }: NamedChoiceProps<Name>) {
  const told = useTold(chosen === usual);
  if (!told) return null;
  const names = namesOf(labels);
  return (
    <>
      <OptionChoice
        label={label}
        value={chosen ?? OWN}
        options={[...(chosen === null ? [{ value: OWN, name: own }] : []), ...names.map((name) => ({ value: name, name: labels[name] }))]}
        onChange={(next) => {
          const name = names.find((name) => name === next);
          if (name) onChoose(name);
        }}
      />
      ,{' '}
    </>
  );
}

function Lengths({ brief }: RhythmProps) {
  const lengths = brief.rhythm?.lengths ?? [];
  return (
    <NamedChoice
      label="Rhythm"
      labels={LENGTH_PATTERN_LABELS}
      chosen={patternNamed(LENGTH_PATTERNS, lengths)}
      own={lengthsLabel(lengths)}
      usual="even"
      onChoose={(name) => changeBrief((now) => withRhythm(now, { lengths: name === 'even' ? null : [...LENGTH_PATTERNS[name]] }))}
    />
  );
}

function Bowing({ brief }: RhythmProps) {
  const isLine = brief.material.kind === 'line';
  const chosen = bowingOf(brief);
  const told = useTold(isLine && chosen === AS_WRITTEN);
  if (!told) return null;
  const plain = [...new Set([...TO_A_BOW.map(String), ...(/^[0-9]+$/.test(chosen) ? [chosen] : [])])];
  const values = [...(isLine ? [AS_WRITTEN] : []), ...plain, ...namesOf(BOW_PATTERNS), ...(chosen === OWN ? [OWN] : [])];
  return (
    <>
      <Choice
        label="Bowing"
        value={chosen}
        values={values}
        name={(value) => bowingLabel(value, brief.rhythm?.bows ?? [])}
        onChange={(next) => changeBrief((now) => withBowing(now, next))}
      />
      ,{' '}
    </>
  );
}

/** Names the chosen bowing: as written, a number to a bow, the name of a mixed one, or one without a name. */
function bowingOf({ material, rhythm }: Brief): string {
  const bows = rhythm?.bows;
  if (bows === undefined) return material.kind === 'line' ? AS_WRITTEN : String(rhythm?.notesPerBow ?? DEFAULT_RHYTHM.notesPerBow);
  return bows.length === 1 ? String(bows[0]) : (patternNamed(BOW_PATTERNS, bows) ?? OWN);
}

function bowingLabel(value: string, bows: readonly number[]): string {
  if (value === AS_WRITTEN) return 'slurred as written';
  if (value === OWN) return bowsLabel(bows);
  const name = namesOf(BOW_PATTERNS).find((known) => known === value);
  return name ? BOW_LABELS[name] : bowLabel(Number(value));
}

/**
 * Changes the bowing. A scale keeps its number of notes to a bow where it is the same for every bow; a line's own slurs stay under the
 * choice.
 */
function withBowing(brief: Brief, chosen: string): Brief {
  if (chosen === AS_WRITTEN) return withRhythm(brief, { bows: null });
  const name = namesOf(BOW_PATTERNS).find((known) => known === chosen);
  if (name) return withRhythm(brief, { bows: [...BOW_PATTERNS[name]] });
  const count = Number(chosen);
  if (!Number.isInteger(count)) return brief;
  return brief.material.kind === 'line' ? withRhythm(brief, { bows: [count] }) : withRhythm(brief, { notesPerBow: count, bows: null });
}

function Accents({ brief }: RhythmProps) {
  const accents = brief.rhythm?.accents ?? null;
  return (
    <NamedChoice
      label="Accents"
      labels={ACCENT_LABELS}
      chosen={patternNamed(ACCENTS, accents)}
      own={accentsLabel(accents)}
      usual="none"
      onChoose={(name) => changeBrief((now) => withRhythm(now, { accents: ACCENTS[name] }))}
    />
  );
}

/** The pick-ups offered: shorter than any measure there is. */
const PICK_UPS = ['', '1/16', '1/8', '1/4', '3/8'] as const;

function PickUp({ brief }: RhythmProps) {
  const pickUp = brief.rhythm?.pickUp ?? '';
  const told = useTold(pickUp === '');
  if (!told) return null;
  const values: readonly string[] = PICK_UPS.some((up) => up === pickUp) ? PICK_UPS : [...PICK_UPS, pickUp];
  return (
    <>
      <Choice
        label="Beginning"
        value={pickUp}
        values={values}
        name={pickUpLabel}
        onChange={(chosen) => changeBrief((now) => withRhythm(now, { pickUp: chosen === '' ? null : chosen }))}
      />
      ,{' '}
    </>
  );
}
