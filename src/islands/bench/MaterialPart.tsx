import { ARPEGGIO_TYPES, BROKEN_FIGURES, DIRECTIONS, DOUBLE_STOP_INTERVALS, type Material, SCALE_TYPES } from '#core/material';
import { KEY_MODES } from '#core/pitch';
import { type Brief, WAYS_DOWN } from '#core/plan';
import { change } from '../../store/change.ts';
import { modeOf, tonicName, tonicNames, tonicOctaves } from '../../store/brief-reading.ts';
import {
  ARPEGGIO_LABELS,
  DIRECTION_LABELS,
  DOUBLE_STOP_LABELS,
  FIGURE_LABELS,
  noteLabel,
  OCTAVE_COUNTS,
  OCTAVE_LABELS,
  octavesText,
  SCALE_LABELS,
  WAY_DOWN_LABELS,
  writtenLabel,
} from '../../words/labels.ts';
import { Choice } from './Choice.tsx';

type Pattern = Exclude<Material, { kind: 'line' }>;

/** What is played: key, kind, octaves and direction. */
export function MaterialPart({ brief }: { readonly brief: Brief }) {
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
        onChange={(name) => change((now, { withTonicName }) => withTonicName(now, name))}
      />{' '}
      <TypePart material={material} />,{' '}
      <Choice
        label="Octaves"
        value={octavesText(material.octaves)}
        values={OCTAVE_COUNTS}
        name={(count) => OCTAVE_LABELS[count]}
        onChange={(count) => change((now, { withPattern }) => withPattern(now, { octaves: OCTAVES[count] }))}
      />{' '}
      from{' '}
      <Choice
        label="Lowest note"
        value={material.tonic}
        values={starts}
        name={(text) => writtenLabel(brief.instrument.kind, text)}
        onChange={(tonic) => change((now, { withPattern }) => withPattern(now, { tonic }))}
      />
      ,{' '}
      <Choice
        label="Direction"
        value={material.direction}
        values={DIRECTIONS}
        name={(direction) => DIRECTION_LABELS[direction]}
        onChange={(direction) => change((now, { withPattern }) => withPattern(now, { direction }))}
      />
      {material.direction === 'up-down' && material.kind !== 'broken' && (
        <>
          {' '}
          <Choice
            label="Way down"
            value={brief.wayDown ?? 'own'}
            values={WAYS_DOWN}
            name={(way) => WAY_DOWN_LABELS[way]}
            onChange={(way) => change((now, { withWayDown }) => withWayDown(now, way))}
          />
        </>
      )}
      ,{' '}
    </>
  );
}

const OCTAVES = { '1': 1, '2': 2, '3': 3, '4': 4 } as const;

function TypePart({ material }: { readonly material: Pattern }) {
  if (material.kind === 'arpeggio') {
    return (
      <Choice
        label="Chord"
        value={material.type}
        values={ARPEGGIO_TYPES}
        name={(type) => ARPEGGIO_LABELS[type]}
        onChange={(type) => change((now, { withArpeggioType }) => withArpeggioType(now, type))}
      />
    );
  }
  return (
    <>
      <Choice
        label="Scale"
        value={material.type}
        values={SCALE_TYPES}
        name={(type) => SCALE_LABELS[type]}
        onChange={(type) => change((now, { withScaleType }) => withScaleType(now, type))}
      />
      {material.kind === 'broken' && (
        <>
          {' '}
          in{' '}
          <Choice
            label="Figure"
            value={material.figure}
            values={BROKEN_FIGURES}
            name={(figure) => FIGURE_LABELS[figure]}
            onChange={(figure) => change((now, { withFigure }) => withFigure(now, figure))}
          />
        </>
      )}
      {material.kind === 'double-stops' && (
        <>
          {' '}
          in{' '}
          <Choice
            label="Double stops"
            value={material.interval}
            values={DOUBLE_STOP_INTERVALS}
            name={(interval) => DOUBLE_STOP_LABELS[interval]}
            onChange={(interval) => change((now, { withDoubleStops }) => withDoubleStops(now, interval))}
          />
        </>
      )}
    </>
  );
}

function LineKey({ brief, keyText }: { readonly brief: Brief; readonly keyText: string }) {
  const mode = modeOf(brief.material);
  const setKey = (key: string): void =>
    change((now) => (now.material.kind === 'line' ? { ...now, material: { ...now.material, key } } : now));
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
