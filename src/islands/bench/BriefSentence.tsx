import { type InstrumentKind, INSTRUMENT_KINDS, defaultSize, SIZES } from '#core/instrument';
import { ARPEGGIO_TYPES, DIRECTIONS, type Material, METERS, NOTE_VALUES, SCALE_TYPES } from '#core/material';
import { KEY_MODES } from '#core/pitch';
import type { Brief } from '#core/plan';
import { OPEN_STRING_POLICIES } from '#core/search';
import { changeBrief, changeBriefAndReadLine, typeLine } from '../../store/bench-actions.ts';
import { useBench } from '../../store/bench-store.ts';
import {
  DEFAULT_RHYTHM,
  modeOf,
  tonicName,
  tonicNames,
  tonicOctaves,
  withArpeggioType,
  withInstrument,
  withLimits,
  withMaterialKind,
  withPattern,
  withRhythm,
  withScaleType,
  withTonicName,
} from '../../store/brief-edits.ts';
import {
  ARPEGGIO_LABELS,
  bowLabel,
  DIRECTION_LABELS,
  INSTRUMENT_LABELS,
  MATERIAL_LABELS,
  NOTE_VALUE_LABELS,
  noteLabel,
  OCTAVE_LABELS,
  OPEN_STRING_LABELS,
  SCALE_LABELS,
  sizeLabel,
  writtenLabel,
} from '../../words/labels.ts';
import { Choice } from './Choice.tsx';
import { LimitsPart } from './LimitsPart.tsx';
import { TempoPart } from './TempoPart.tsx';

const MATERIAL_KINDS = ['scale', 'arpeggio', 'line'] as const;
const OCTAVE_COUNTS = ['1', '2', '3'] as const;

/** The brief as one sentence: every underlined part is a control, and changing one plans anew. */
export function BriefSentence() {
  const brief = useBench((bench) => bench.brief);
  const lineText = useBench((bench) => bench.lineText);
  const setKind = (kind: Material['kind']): void => changeBrief((now) => withMaterialKind(now, kind, lineText));
  const article = brief.material.kind === 'arpeggio' ? 'An' : 'A';
  return (
    <section aria-label="Brief">
      <p className="font-serif text-[19px] leading-[1.75]">
        {article}{' '}
        <Choice
          label="Material"
          value={brief.material.kind}
          values={MATERIAL_KINDS}
          name={(kind) => MATERIAL_LABELS[kind]}
          onChange={setKind}
        />{' '}
        <MaterialPart brief={brief} />
        <RhythmPart brief={brief} />
        <PlayerPart brief={brief} />
        <LimitsPart brief={brief} />, open strings{' '}
        <Choice
          label="Open strings"
          value={brief.limits?.openStrings ?? 'allow'}
          values={OPEN_STRING_POLICIES}
          name={(policy) => OPEN_STRING_LABELS[policy]}
          onChange={(openStrings) => changeBrief((now) => withLimits(now, { openStrings: openStrings === 'allow' ? null : openStrings }))}
        />
        .
      </p>
      {brief.material.kind === 'line' && <LineField text={lineText} bass={brief.instrument.kind === 'bass'} />}
    </section>
  );
}

function MaterialPart({ brief }: { readonly brief: Brief }) {
  const { material } = brief;
  if (material.kind === 'line') return <LineKey brief={brief} keyText={material.key ?? 'C major'} />;
  const octaveNumbers = tonicOctaves(brief).map((octave) => `${tonicName(material)}${octave}`);
  const starts = octaveNumbers.includes(material.tonic) ? octaveNumbers : [material.tonic, ...octaveNumbers];
  return (
    <>
      in{' '}
      <Choice
        label="Tonic"
        value={tonicName(material)}
        values={tonicNames(modeOf(material))}
        name={noteLabel}
        onChange={(name) => changeBrief((now) => withTonicName(now, name))}
      />{' '}
      {material.kind === 'scale' ? (
        <Choice
          label="Scale"
          value={material.type}
          values={SCALE_TYPES}
          name={(type) => SCALE_LABELS[type]}
          onChange={(type) => changeBrief((now) => withScaleType(now, type))}
        />
      ) : (
        <Choice
          label="Chord"
          value={material.type}
          values={ARPEGGIO_TYPES}
          name={(type) => ARPEGGIO_LABELS[type]}
          onChange={(type) => changeBrief((now) => withArpeggioType(now, type))}
        />
      )}
      ,{' '}
      <Choice
        label="Octaves"
        value={octavesText(material.octaves)}
        values={OCTAVE_COUNTS}
        name={(count) => OCTAVE_LABELS[count]}
        onChange={(octaves) => changeBrief((now) => withPattern(now, { octaves: octaves === '1' ? 1 : octaves === '2' ? 2 : 3 }))}
      />{' '}
      from{' '}
      <Choice
        label="Lowest note"
        value={material.tonic}
        values={starts}
        name={(text) => writtenLabel(brief.instrument.kind, text)}
        onChange={(tonic) => changeBrief((now) => withPattern(now, { tonic }))}
      />
      ,{' '}
      <Choice
        label="Direction"
        value={material.direction}
        values={DIRECTIONS}
        name={(direction) => DIRECTION_LABELS[direction]}
        onChange={(direction) => changeBrief((now) => withPattern(now, { direction }))}
      />
      ,{' '}
    </>
  );
}

function LineKey({ brief, keyText }: { readonly brief: Brief; readonly keyText: string }) {
  const mode = modeOf(brief.material);
  const setKey = (key: string): void =>
    changeBrief((now) => (now.material.kind === 'line' ? { ...now, material: { ...now.material, key } } : now));
  const tonic = keyText.split(' ')[0] ?? 'C';
  return (
    <>
      in <Choice label="Tonic" value={tonic} values={tonicNames(mode)} name={noteLabel} onChange={(name) => setKey(`${name} ${mode}`)} />{' '}
      <Choice
        label="Mode"
        value={mode}
        values={KEY_MODES}
        name={(each) => each}
        onChange={(next) => setKey(`${tonicNames(next).includes(tonic) ? tonic : 'C'} ${next}`)}
      />
      ,{' '}
    </>
  );
}

function RhythmPart({ brief }: { readonly brief: Brief }) {
  const rhythm = { ...DEFAULT_RHYTHM, ...brief.rhythm };
  const values = NOTE_VALUES.some((value) => value === rhythm.noteValue) ? NOTE_VALUES : [rhythm.noteValue, ...NOTE_VALUES];
  const bows = [...new Set([1, 2, 3, 4, 6, 8, 12, 16, rhythm.notesPerBow])].map(String);
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
      ,{' '}
      {brief.material.kind !== 'line' && (
        <>
          <Choice
            label="Bowing"
            value={String(rhythm.notesPerBow)}
            values={bows}
            name={(count) => bowLabel(Number(count))}
            onChange={(count) => changeBrief((now) => withRhythm(now, { notesPerBow: Number(count) }))}
          />{' '}
        </>
      )}
      at <TempoPart tempo={brief.tempo ?? null} />,{' '}
    </>
  );
}

function PlayerPart({ brief }: { readonly brief: Brief }) {
  const { kind } = brief.instrument;
  const setName = (name: string): void => changeBrief((now) => ({ ...now, player: { ...now.player, name } }));
  const setKind = (next: InstrumentKind): void => changeBriefAndReadLine((now) => withInstrument(now, next));
  return (
    <>
      for{' '}
      <input
        aria-label="Player"
        className="sentence-part"
        value={brief.player?.name ?? ''}
        maxLength={80}
        placeholder="any player"
        onChange={(event) => setName(event.target.value)}
      />{' '}
      on a{' '}
      <Choice
        label="Size"
        value={brief.instrument.size ?? defaultSize(kind)}
        values={SIZES[kind].map((entry) => entry.size)}
        name={sizeLabel}
        onChange={(size) => changeBrief((now) => ({ ...now, instrument: { ...now.instrument, size } }))}
      />{' '}
      <Choice label="Instrument" value={kind} values={INSTRUMENT_KINDS} name={(each) => INSTRUMENT_LABELS[each]} onChange={setKind} />,{' '}
    </>
  );
}

function LineField({ text, bass }: { readonly text: string; readonly bass: boolean }) {
  return (
    <label className="mt-1 block">
      <span className="text-sm text-dove-dark">
        Notes, for example Eb4 F4 (G4:1/8 Ab4) r:1/4 — a value holds until the next one, ( ) is one bow, ~ a tie, r a rest.
        {bass && ' Write as the double bass reads, an octave above what sounds.'}
      </span>
      <textarea
        className="field mt-1 block w-full"
        rows={2}
        spellCheck={false}
        value={text}
        onChange={(event) => typeLine(event.target.value)}
      />
    </label>
  );
}

function octavesText(octaves: 1 | 2 | 3): '1' | '2' | '3' {
  return octaves === 1 ? '1' : octaves === 2 ? '2' : '3';
}
