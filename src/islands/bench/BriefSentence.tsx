import { lazy, Suspense } from 'react';
import { type Material, METERS, NOTE_VALUES } from '#core/material';
import type { Brief } from '#core/plan';
import { OPEN_STRING_POLICIES } from '#core/search';
import { useBench } from '../../store/bench-store.ts';
import { DEFAULT_RHYTHM } from '../../store/brief-reading.ts';
import { actOnLine, change, changeAndReadLine } from '../../store/change.ts';
import { bowLabel, MATERIAL_LABELS, NOTE_VALUE_LABELS, OPEN_STRING_LABELS } from '../../words/labels.ts';
import { Choice } from './Choice.tsx';
import { LineText } from './LineText.tsx';
import { LimitsPart } from './LimitsPart.tsx';
import { MaterialPart } from './MaterialPart.tsx';
import { PlayerPart } from './PlayerPart.tsx';
import { TempoPart } from './TempoPart.tsx';
import { WishesPart } from './WishesPart.tsx';

/** Typing a line needs what reads it; until that is there the line stands as it is. */
const LineField = lazy(async () => ({ default: (await import('./LineField.tsx')).LineField }));

const MATERIAL_KINDS = ['scale', 'arpeggio', 'broken', 'double-stops', 'line'] as const;

/** The brief as one sentence: every underlined part is a control, and changing one plans anew. */
export function BriefSentence() {
  const brief = useBench((bench) => bench.brief);
  const lineText = useBench((bench) => bench.lineText);
  // A line of one's own begins as what stood there, unless one was typed before.
  const setKind = (kind: Material['kind']): void =>
    kind === 'line' && lineText.trim() === ''
      ? actOnLine((actions) => actions.writeOut())
      : change((now, { withMaterialKind }) => withMaterialKind(now, kind, lineText));
  const article = brief.material.kind === 'arpeggio' ? 'An' : 'A';
  return (
    <section aria-label="Brief">
      <p className="font-serif text-[17px] leading-[1.7] sm:text-[19px] sm:leading-[1.75]">
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
          onChange={(openStrings) =>
            change((now, { withLimits }) => withLimits(now, { openStrings: openStrings === 'allow' ? null : openStrings }))
          }
        />
        <WishesPart brief={brief} />.
      </p>
      {brief.material.kind === 'line' && (
        <Suspense fallback={<LineText text={lineText} bass={brief.instrument.kind === 'bass'} />}>
          <LineField text={lineText} bass={brief.instrument.kind === 'bass'} />
        </Suspense>
      )}
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
        onChange={(noteValue) => changeAndReadLine((now, { withRhythm }) => withRhythm(now, { noteValue }))}
      />{' '}
      in{' '}
      <Choice
        label="Meter"
        value={rhythm.meter}
        values={METERS}
        name={(meter) => meter}
        onChange={(meter) => change((now, { withRhythm }) => withRhythm(now, { meter }))}
      />
      ,{' '}
      {brief.material.kind !== 'line' && (
        <>
          <Choice
            label="Bowing"
            value={String(rhythm.notesPerBow)}
            values={bows}
            name={(count) => bowLabel(Number(count))}
            onChange={(count) => change((now, { withRhythm }) => withRhythm(now, { notesPerBow: Number(count) }))}
          />{' '}
        </>
      )}
      at <TempoPart tempo={brief.tempo ?? null} />,{' '}
    </>
  );
}
