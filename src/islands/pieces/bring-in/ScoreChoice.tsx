import { useId } from 'react';
import type { Brief } from '#core/brief';
import {
  allOf,
  FINGERING_USES,
  fingeringsHold,
  fits,
  hasFingering,
  lies,
  type ForeignPart,
  type ForeignScore,
  type ImportChoice,
  rangeOf,
  voicesOf,
} from '#core/format/foreign';
import { GRIDS } from '#core/format/midi';
import { INSTRUMENT_KINDS } from '#core/instrument';
import { Button } from '../../../ui/Button.tsx';
import { CheckField, FieldRow, SelectField, TextField } from '../../../ui/fields/index.ts';
import {
  BRINGING_IN,
  FINGERING_USE_LABELS,
  fitText,
  GRID_LABELS,
  gridErrorText,
  octavesLabel,
  outOfRangeText,
  voiceLabel,
} from '../../../words/line/brought-in.ts';
import { INSTRUMENT_LABELS } from '../../../words/studio/instruments.ts';
import type { ReadScore } from '../../../files/foreign/index.ts';

interface ScoreChoiceProps {
  readonly read: ReadScore;
  readonly choice: ImportChoice;
  readonly tempo: Brief['tempo'];
  readonly onChoose: (choice: ImportChoice) => void;
  /** Receives another grid for a played score. */
  readonly onGrid: (grid: (typeof GRIDS)[number]) => void;
}

/** Chooses from a score: part, voice, measures, instrument; a choice with a single option is not asked. */
export function ScoreChoice({ read, choice, tempo, onChoose, onGrid }: ScoreChoiceProps) {
  const { score, played } = read;
  const part = score.parts[choice.part];
  if (!part) return null;
  return (
    <div className="grid gap-1">
      <PartAndVoice score={score} part={part} choice={choice} onChoose={onChoose} />
      <Measures part={part} choice={choice} onChoose={onChoose} />
      {played && (
        <FieldRow label={BRINGING_IN.shortest}>
          <span className="flex flex-wrap items-center gap-2">
            <SelectField
              aria-label={BRINGING_IN.shortest}
              value={played.grid}
              options={GRIDS.map((value) => ({ value, name: GRID_LABELS[value] }))}
              onChoose={onGrid}
            />
            <span className="text-sm text-dove-dark">{gridErrorText(played.error, tempo ?? 120)}</span>
          </span>
        </FieldRow>
      )}
      <ForInstrument score={score} choice={choice} onChoose={onChoose} />
      {part.measures.some(({ repeat }) => repeat.times > 0) && (
        <CheckField
          label="Write the repeats out"
          checked={choice.writeOutRepeats}
          onChange={(writeOutRepeats) => onChoose({ ...choice, writeOutRepeats })}
        />
      )}
      {fingeringsHold(score, choice) && hasFingering(part) && (
        <FieldRow label={BRINGING_IN.fingering}>
          <SelectField
            aria-label={BRINGING_IN.fingering}
            value={choice.fingerings}
            options={FINGERING_USES.map((value) => ({ value, name: FINGERING_USE_LABELS[value] }))}
            onChoose={(fingerings) => onChoose({ ...choice, fingerings })}
          />
        </FieldRow>
      )}
    </div>
  );
}

type ChoosingProps = Pick<ScoreChoiceProps, 'choice' | 'onChoose'>;

function PartAndVoice({ score, part, choice, onChoose }: ChoosingProps & { readonly score: ForeignScore; readonly part: ForeignPart }) {
  const voices = voicesOf(part);
  const sounding = score.parts.flatMap((part, index) => (voicesOf(part).length > 0 ? [{ part, index }] : []));
  const choosePart = (index: number): void =>
    onChoose({ ...choice, ...allOf(score, index), kind: score.parts[index]?.kind ?? choice.kind, octaves: 0 });
  return (
    <>
      {sounding.length > 1 && (
        <FieldRow label="Part">
          <SelectField
            aria-label="Part"
            value={choice.part}
            options={sounding.map(({ part, index }) => ({ value: index, name: part.name || `Part ${index + 1}` }))}
            onChoose={choosePart}
          />
        </FieldRow>
      )}
      {voices.length > 1 && (
        <FieldRow label="Voice">
          <SelectField
            aria-label="Voice"
            value={choice.voice ?? voices[0]?.voice ?? ''}
            options={voices.map((voice) => ({ value: voice.voice, name: voiceLabel(voice) }))}
            onChoose={(voice) => onChoose({ ...choice, voice })}
          />
        </FieldRow>
      )}
    </>
  );
}

function Measures({ part, choice, onChoose }: ChoosingProps & { readonly part: ForeignPart }) {
  const { from, to } = choice.measures;
  const most = part.measures.length;
  const choose = (change: Partial<ImportChoice['measures']>): void => onChoose({ ...choice, measures: { from, to, ...change } });
  return (
    <FieldRow label="Measures">
      <span className="flex items-center gap-2">
        <TextField
          key={`from ${from}`}
          className="w-16"
          type="number"
          min={1}
          max={to + 1}
          aria-label="First measure"
          defaultValue={from + 1}
          onBlur={(event) => choose({ from: within(event.target.valueAsNumber, [1, to + 1], from + 1) - 1 })}
        />
        to
        <TextField
          key={`to ${to}`}
          className="w-16"
          type="number"
          min={from + 1}
          max={most}
          aria-label="Last measure"
          defaultValue={to + 1}
          onBlur={(event) => choose({ to: within(event.target.valueAsNumber, [from + 1, most], to + 1) - 1 })}
        />
        <span className="text-sm text-dove-dark">of {most}</span>
      </span>
    </FieldRow>
  );
}

/** Keeps a whole number between two ends; the one before where it is none. */
function within(value: number, [least, most]: readonly [number, number], before: number): number {
  return Number.isFinite(value) ? Math.min(most, Math.max(least, Math.round(value))) : before;
}

/** The octaves that can be chosen. */
const OCTAVES = [2, 1, 0, -1, -2] as const;

function ForInstrument({ score, choice, onChoose }: ChoosingProps & { readonly score: ForeignScore }) {
  const id = useId();
  const range = rangeOf(score, choice);
  const all = range ? fits(range, INSTRUMENT_KINDS) : [];
  return (
    <>
      <FieldRow label="For" htmlFor={id}>
        <span className="flex items-center gap-2">
          <SelectField
            id={id}
            value={choice.kind}
            options={INSTRUMENT_KINDS.map((value) => ({ value, name: INSTRUMENT_LABELS[value] }))}
            onChoose={(kind) => onChoose({ ...choice, kind })}
          />
          <SelectField
            aria-label="Octave"
            value={choice.octaves}
            options={OCTAVES.map((octaves) => ({ value: octaves, name: octavesLabel(octaves) }))}
            onChoose={(octaves) => onChoose({ ...choice, octaves })}
          />
        </span>
      </FieldRow>
      {range && !lies(range, choice) && (
        <div role="alert" className="py-1">
          {outOfRangeText(range, choice.octaves, choice.kind)} {all.length > 0 ? BRINGING_IN.fits : BRINGING_IN.fitsNone}
          <span className="mt-1 flex flex-wrap gap-2">
            {all.map((fit) => (
              <Button key={fit.kind} onClick={() => onChoose({ ...choice, ...fit })}>
                {fitText(fit)}
              </Button>
            ))}
          </span>
        </div>
      )}
    </>
  );
}
