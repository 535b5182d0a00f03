import { type ReactNode, useEffect, useMemo, useState, useRef } from 'react';
import { KEYS_OFFERED } from '#core/brief/edits';
import { instrumentOf, intonationOf } from '#core/fit/intoned';
import type { Instrument } from '#core/instrument';
import { type Intonation, LEADING_CENTS, SYSTEMS } from '#core/intonation';
import { keyPlaces } from '#core/intonation/checks';
import { positionWords } from '#core/messages';
import { keyLabel, parseKey } from '#core/key';
import type { Plan, PlannedSound, Stay } from '#core/plan/describe';
import { select, useSelection } from '../../state/selection.ts';
import { Button } from '../../ui/Button.tsx';
import { Choice } from '../../ui/fields/index.ts';
import { SYSTEM_LABELS } from '../../words/intonation/intonation.ts';
import { instrumentLabel } from '../../words/studio/instruments.ts';
import { noteAtText, passageText, type TellNoteOfLine, tellNotesOfPlan } from '../../words/line/note-places.ts';
import { fingeringText } from '../../words/plan-words.ts';
import { SystemChoice } from '../parts/index.ts';
import { BoardDrawing } from './BoardDrawing.tsx';
import { HandTable } from './HandTable.tsx';
import { KeyTable } from './KeyTable.tsx';
import { boardScale, boardX, ZOOMS } from './board-geometry.ts';
import { handMarks, handTouches, keyMarks, keyTouches, otherTicks, samePitchMarks, stringsRinging } from './board-marks.ts';
import { useWidth } from '../../ui/use-width.ts';

const SCOPES = ['hand', 'note', 'key'] as const;
type Scope = (typeof SCOPES)[number];

const SCOPE_LABELS: Readonly<Record<Scope, string>> = {
  hand: 'the hand in one position',
  note: 'the selected note and its hand',
  key: 'all notes of a key',
};

const NO_OTHER = 'none';
const NO_STRINGS: ReadonlySet<number> = new Set();

/** Shows the fingerboard in true millimetres: a hand, a note, or a whole key on it; two systems of intonation against each other. */
export function FingerboardPart({ plan }: { readonly plan: Plan }) {
  const selected = useSelection((selection) => selection.selected);
  const [scope, setScope] = useState<Scope>(selected === null ? 'hand' : 'note');
  const [zoom, setZoom] = useState<number>(1);
  const instrument = useMemo(() => instrumentOf(plan), [plan]);
  const zoomTo = (step: 1 | -1): void => setZoom(ZOOMS[ZOOMS.findIndex((known) => known === zoom) + step] ?? zoom);
  return (
    <section aria-label="Fingerboard">
      <p className="mt-3 font-serif text-[17px] leading-[1.9]">
        Show <Choice label="What to show" value={scope} values={SCOPES} name={(value) => SCOPE_LABELS[value]} onChange={setScope} />
        {', '}
        <span className="no-print whitespace-nowrap">
          <Button disabled={zoom === ZOOMS[0]} onClick={() => zoomTo(-1)}>
            Farther
          </Button>{' '}
          <Button disabled={zoom === ZOOMS[ZOOMS.length - 1]} onClick={() => zoomTo(1)}>
            Nearer
          </Button>
        </span>
      </p>
      {scope === 'key' ? (
        <KeyBoard plan={plan} instrument={instrument} zoom={zoom} />
      ) : (
        <HandBoard plan={plan} instrument={instrument} zoom={zoom} scope={scope} />
      )}
    </section>
  );
}

interface BoardProps {
  readonly plan: Plan;
  readonly instrument: Instrument;
  readonly zoom: number;
}

function HandBoard({ plan, instrument, zoom, scope }: BoardProps & { readonly scope: 'hand' | 'note' }) {
  const selected = useSelection((selection) => selection.selected) ?? plan.notes.findIndex((note) => note.kind === 'note');
  const [chosenStay, setChosenStay] = useState(0);
  const { stay, note } = scope === 'note' ? noteShown(plan, selected) : { stay: plan.stays[chosenStay] ?? plan.stays[0], note: null };
  const [into, width] = useWidth();
  const scale = boardScale(instrument, Math.max(320, width), zoom);
  if (!stay) return null;
  const middle = boardX(scale, (stay.lowestMm + stay.highestMm) / 2);
  const marks = [...(note ? samePitchMarks(instrument, note) : []), ...handMarks(plan, instrument, stay, note)];
  const tell = tellNotesOfPlan(plan);
  return (
    <>
      <p className="font-serif text-[17px]">
        {note ? (
          <NoteChoice plan={plan} selected={selected} />
        ) : (
          <Choice
            label="Position shown"
            value={String(plan.stays.indexOf(stay))}
            values={plan.stays.map((_, index) => String(index))}
            name={(index) => stayText(plan.stays[Number(index)] ?? stay, tell)}
            onChange={(index) => setChosenStay(Number(index))}
          />
        )}
      </p>
      <Scroller into={into} middle={middle}>
        <BoardDrawing
          instrument={instrument}
          scale={scale}
          label={`Fingerboard of the ${instrumentLabel(plan.brief)}: ${note ? fingeringText(note) : stayText(stay, tell)}`}
          marks={marks}
          touches={handTouches(instrument, stay)}
          ticks={[]}
          band={{ fromMm: stay.lowestMm, toMm: stay.highestMm }}
          ringing={note ? stringsRinging(plan, instrument, note) : NO_STRINGS}
        />
      </Scroller>
      <Legend across={scale.across}>
        Solid fingers play, dotted ones stand where the hand puts them; a bar joins fingers that touch. A green ring: another open string
        rings with it{note ? '; a green string sounds along; = is the same note elsewhere' : ''}.
      </Legend>
      <HandTable plan={plan} instrument={instrument} stay={stay} />
    </>
  );
}

/** Finds a note, and the stay of the hand that plays it. */
function noteShown({ stays, notes }: Plan, index: number): { readonly stay: Stay | undefined; readonly note: PlannedSound | null } {
  const stay = stays.find(({ from, to }) => index >= from && index <= to) ?? stays[0];
  const sound = notes[index];
  return { stay, note: sound?.kind === 'note' ? sound : null };
}

function NoteChoice({ plan, selected }: { readonly plan: Plan; readonly selected: number }) {
  const sounding = plan.notes.flatMap((note, index) => (note.kind === 'note' ? [String(index)] : []));
  const tell = tellNotesOfPlan(plan);
  const name = (index: string): string => {
    const note = plan.notes[Number(index)];
    return note?.kind === 'note' ? `${noteAtText(tell(Number(index)), Number(index))}, ${fingeringText(note)}` : '';
  };
  return <Choice label="Note" value={String(selected)} values={sounding} name={name} onChange={(index) => select(Number(index))} />;
}

function KeyBoard({ plan, instrument, zoom }: BoardProps) {
  const [keyText, setKeyText] = useState(OWN_KEY);
  const [other, setOther] = useState<(typeof SYSTEMS)[number] | typeof NO_OTHER>(NO_OTHER);
  const [into, width] = useWidth();
  const scale = boardScale(instrument, Math.max(320, width), zoom);
  const chosen = parseKey(keyText);
  const key = chosen.ok ? chosen.value : plan.line.key;
  const intonation: Intonation = { ...intonationOf(plan), tonic: key.tonic };
  const against: Intonation | null =
    other === NO_OTHER
      ? null
      : { system: other, tonic: key.tonic, leadingCents: plan.brief.intonation?.leadingCents ?? LEADING_CENTS.usual };
  const places = keyPlaces(instrument, key, intonation);
  return (
    <>
      <p className="font-serif text-[17px]">
        <Choice label="Key" value={keyText} values={[OWN_KEY, ...KEYS_OFFERED]} name={keyName} onChange={setKeyText} />, aiming at{' '}
        <SystemChoice intonation={intonation} />, against{' '}
        <Choice
          label="Other system"
          value={other}
          values={[NO_OTHER, ...SYSTEMS]}
          name={(value) => (value === NO_OTHER ? 'no other' : SYSTEM_LABELS[value])}
          onChange={setOther}
        />
      </p>
      <Scroller into={into} middle={0}>
        <BoardDrawing
          instrument={instrument}
          scale={scale}
          label={`Fingerboard of the ${instrumentLabel(plan.brief)}: the notes of ${keyName(keyText)}`}
          marks={keyMarks(places)}
          touches={keyTouches(places)}
          ticks={against ? otherTicks(instrument, places, against) : []}
          band={null}
          ringing={NO_STRINGS}
        />
      </Scroller>
      <Legend across={scale.across}>
        Dark: the tonic. A bar joins notes a semitone apart. A green ring: another open string rings with it.
        {against && ' Ochre: where the note stands in the other system; go nearer to see it in millimetres.'}
      </Legend>
      <KeyTable instrument={instrument} places={places} against={against} />
    </>
  );
}

interface ScrollerProps {
  /** The ref of the element whose width is measured. */
  readonly into: ReturnType<typeof useWidth>[0];
  /** The place that should be in view, px from the left of the drawing. */
  readonly middle: number;
  readonly children: ReactNode;
}

/** Scrolls where the drawing is wider than the window, to where the hand is. */
function Scroller({ into, middle, children }: ScrollerProps) {
  const place = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const element = place.current;
    into(element);
    element?.scrollTo({ left: middle - element.clientWidth / 2 });
  }, [into, middle]);
  return (
    <div ref={place} className="mt-2 overflow-auto [scrollbar-width:thin]" tabIndex={0} role="group" aria-label="Fingerboard, scrolls">
      {children}
    </div>
  );
}

function Legend({ across, children }: { readonly across: number; readonly children: ReactNode }) {
  return (
    <p className="mt-1 text-sm text-dove-dark">
      {children}{' '}
      {across > 1.05 ? `True along the strings; across drawn ${across.toFixed(1)} times wider.` : 'True along and across the strings.'}
    </p>
  );
}

const OWN_KEY = 'own';

function keyName(text: string): string {
  return text === OWN_KEY ? 'the key of the piece' : keyLabel(text);
}

function stayText(stay: Stay, tell: TellNoteOfLine): string {
  return `${passageText(stay, tell)}, ${positionWords(stay.position)}`;
}
