import { type Brief, wayDownOf } from '#core/brief';
import { tonicNames, tonicOctaves, withLineKey, withMaterial, withPattern, withTonicName, withWayDown } from '#core/brief/edits';
import {
  comesBackAlike,
  DIRECTION_LABELS,
  type MaterialChoice,
  materialPart,
  OCTAVE_COUNTS,
  OCTAVE_LABELS,
  type PatternMaterial,
} from '#core/brief/parts/materials';
import { WAY_DOWN_LABELS, WAYS_DOWN } from '#core/brief/parts/rules';
import { DIRECTIONS } from '#core/material/scale';
import { KEY_MODES } from '#core/key';
import { noteLabel } from '#core/pitch';
import { changeBrief } from '../../../state/edits/index.ts';
import { Choice, OptionChoice } from '../../../ui/fields/index.ts';
import { writtenLabel } from '../../../words/studio/instruments.ts';
import { useTold } from './use-told.ts';

/** Shows the material: key, kind, octaves and direction. */
export function MaterialPart({ brief }: { readonly brief: Brief }) {
  const { material } = brief;
  return material.kind === 'line' ? <LineKey brief={brief} /> : <Pattern brief={brief} material={material} />;
}

interface PatternProps {
  readonly brief: Brief;
  readonly material: PatternMaterial;
}

function Pattern({ brief, material }: PatternProps) {
  const part = materialPart(material.kind);
  const [tonic, offered] = [part.tonicName(material), tonicNames(part.mode(material))];
  return (
    <>
      <Choice
        label="Tonic"
        value={tonic}
        values={offered.includes(tonic) ? offered : [tonic, ...offered]}
        name={noteLabel}
        onChange={(name) => changeBrief((now) => withTonicName(now, name))}
      />
      {part.choices
        .filter(({ usual }) => usual === undefined)
        .map((choice) => (
          <PartChoice key={choice.label} material={material} choice={choice} />
        ))}
      , <Extent brief={brief} material={material} />
      {part.choices
        .filter(({ usual }) => usual !== undefined)
        .map((choice) => (
          <FoldedChoice key={`${material.kind} ${choice.label}`} material={material} choice={choice} />
        ))}
      {comesBackAlike(material) && <WayDownPart brief={brief} />},{' '}
    </>
  );
}

interface PartChoiceProps {
  readonly material: PatternMaterial;
  readonly choice: MaterialChoice<PatternMaterial>;
}

function PartChoice({ material, choice }: PartChoiceProps) {
  return (
    <>
      {choice.lead === '' ? ' ' : ` ${choice.lead} `}
      <OptionChoice
        label={choice.label}
        value={choice.chosen(material)}
        options={choice.options}
        onChange={(chosen) => changeBrief((now) => withMaterial(now, choice.choose(material, chosen)))}
      />
    </>
  );
}

/** Shows a choice where it is not as usual, and with the whole sentence. */
function FoldedChoice({ material, choice }: PartChoiceProps) {
  const told = useTold(choice.chosen(material) === choice.usual);
  if (!told) return null;
  return (
    <>
      ,<PartChoice material={material} choice={choice} />
    </>
  );
}

/** Chooses how the way down is fingered; it is folded while each way has a fingering of its own. */
function WayDownPart({ brief }: { readonly brief: Brief }) {
  const way = wayDownOf(brief);
  const told = useTold(way === WAYS_DOWN[0]);
  if (!told) return null;
  return (
    <>
      ,{' '}
      <Choice
        label="Way down"
        value={way}
        values={WAYS_DOWN}
        name={(value) => WAY_DOWN_LABELS[value]}
        onChange={(next) => changeBrief((now) => withWayDown(now, next))}
      />
    </>
  );
}

/** Shows the extent: octaves, first note, and direction. */
function Extent({ brief, material }: PatternProps) {
  const part = materialPart(material.kind);
  const tonicName = part.tonicName(material);
  const octaveNumbers = tonicOctaves(brief).map((octave) => `${tonicName}${octave}`);
  return (
    <>
      <Choice
        label="Octaves"
        value={String(material.octaves)}
        values={OCTAVE_COUNTS.map(String)}
        name={(count) => OCTAVE_LABELS[octavesOf(count)]}
        onChange={(count) => changeBrief((now) => withPattern(now, { octaves: octavesOf(count) }))}
      />{' '}
      from{' '}
      <Choice
        label="Lowest note"
        value={material.tonic}
        values={octaveNumbers.includes(material.tonic) ? octaveNumbers : [material.tonic, ...octaveNumbers]}
        name={(tonic) => writtenLabel(brief.instrument.kind, part.begins({ ...material, tonic }) ?? tonic)}
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
    </>
  );
}

function octavesOf(count: string): (typeof OCTAVE_COUNTS)[number] {
  return OCTAVE_COUNTS.find((value) => String(value) === count) ?? OCTAVE_COUNTS[0];
}

function LineKey({ brief }: { readonly brief: Brief }) {
  const { material } = brief;
  const part = materialPart(material.kind);
  const [tonic, mode] = [part.tonicName(material), part.mode(material)];
  const setKey = (key: string): void => changeBrief((now) => withLineKey(now, key));
  return (
    <>
      <Choice label="Tonic" value={tonic} values={tonicNames(mode)} name={noteLabel} onChange={(name) => setKey(`${name} ${mode}`)} />{' '}
      <Choice
        label="Mode"
        value={mode}
        values={KEY_MODES}
        name={(value) => value}
        onChange={(next) => setKey(`${tonicNames(next).includes(tonic) ? tonic : 'C'} ${next}`)}
      />
      ,{' '}
    </>
  );
}
