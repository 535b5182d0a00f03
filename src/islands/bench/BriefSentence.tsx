import { type Material, METERS, NOTE_VALUES } from '#core/material';
import type { Brief } from '#core/plan';
import { OPEN_STRING_POLICIES } from '#core/search';
import { changeBrief, changeBriefAndReadLine, typeLine } from '../../store/bench-actions.ts';
import { useBench } from '../../store/bench-store.ts';
import { DEFAULT_RHYTHM, withLimits, withMaterialKind, withRhythm } from '../../store/brief-edits.ts';
import { bowLabel, MATERIAL_LABELS, NOTE_VALUE_LABELS, OPEN_STRING_LABELS } from '../../words/labels.ts';
import { Choice } from './Choice.tsx';
import { LimitsPart } from './LimitsPart.tsx';
import { MaterialPart } from './MaterialPart.tsx';
import { PlayerPart } from './PlayerPart.tsx';
import { TempoPart } from './TempoPart.tsx';
import { WishesPart } from './WishesPart.tsx';

const MATERIAL_KINDS = ['scale', 'arpeggio', 'broken', 'double-stops', 'line'] as const;

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
        <WishesPart brief={brief} />.
      </p>
      {brief.material.kind === 'line' && <LineField text={lineText} bass={brief.instrument.kind === 'bass'} />}
    </section>
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

function LineField({ text, bass }: { readonly text: string; readonly bass: boolean }) {
  return (
    <label className="mt-1 block">
      <span className="text-sm text-dove-dark">
        Notes, for example Eb4 F4 (G4:1/8 Ab4) r:1/4 — a value holds until the next one, ( ) is one bow, ~ a tie, r a rest, A3+F4 a double
        stop, A4* a natural harmonic.
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
