import type { Brief } from '#core/brief';
import { readLineText } from '#core/brief/lines';
import { withGiven, withoutLocks } from '#core/brief/locks';
import {
  type Material,
  type MaterialBefore,
  type MaterialKind,
  materialPart,
  type OctaveCount,
  type PatternMaterial,
} from '#core/brief/parts/materials';
import type { LineNoteDocument } from '#core/material/typed';
import type { ScaleType } from '#core/material/scale';
import { formatPitch, parsePitch } from '#core/pitch';
import { withSamePattern } from './asked-edits.ts';
import { tonicOctaves } from './tonics.ts';

/** Changes the kind of material, keeping key, octaves and direction where both kinds have them. */
export function withMaterialKind(brief: Brief, kind: MaterialKind, lineText: string): Brief {
  if (brief.material.kind === kind) return brief;
  const part = materialPart(kind);
  const before = part.repeatsByOctave ? brief : withSamePattern(brief, false);
  const notes = (): LineNoteDocument[] => {
    const read = readLineText(before, lineText);
    return read.ok ? [...read.value] : [];
  };
  const material = part.after(materialBefore(brief.material, notes));
  return withGiven(withoutLocks(withTonicOnInstrument({ ...before, material })), []);
}

/** Changes the fields that all material made by rule has in common. */
export function withPattern(brief: Brief, change: Partial<Pick<PatternMaterial, 'tonic' | 'octaves' | 'direction'>>): Brief {
  return brief.material.kind === 'line' ? brief : { ...brief, material: { ...brief.material, ...change } };
}

/** Changes one choice of the material and keeps its kind. */
export function withMaterial(brief: Brief, material: Material): Brief {
  return { ...brief, material };
}

/** Sets the key of a line, as a key text; other material has its key from its tonic. */
export function withLineKey(brief: Brief, key: string): Brief {
  return brief.material.kind === 'line' ? { ...brief, material: { ...brief.material, key } } : brief;
}

/** Puts another note name under the tonic, in the octave where the line lies best. */
export function withTonicName(brief: Brief, name: string): Brief {
  const octaves = tonicOctaves(withPattern(brief, { tonic: `${name}4` }));
  const now = parsePitch(brief.material.kind === 'line' ? 'C4' : brief.material.tonic);
  const wished = now.ok ? now.value.octave : 4;
  const nearest = octaves.toSorted((one, other) => Math.abs(one - wished) - Math.abs(other - wished))[0] ?? wished;
  return withPattern(brief, { tonic: `${name}${nearest}` });
}

/** Moves the tonic into an octave that lies on the instrument; uses fewer octaves where the whole has no room. */
export function withTonicOnInstrument(brief: Brief): Brief {
  const { material } = brief;
  if (material.kind === 'line') return brief;
  const octaves = tonicOctaves(brief);
  const tonic = parsePitch(material.tonic);
  if (tonic.ok && octaves.includes(tonic.value.octave)) return brief;
  const [lowest] = octaves;
  if (lowest !== undefined && tonic.ok) return withPattern(brief, { tonic: formatPitch({ ...tonic.value, octave: lowest }) });
  const fewer = FEWER_OCTAVES[material.octaves];
  return fewer === null ? brief : withTonicOnInstrument(withPattern(brief, { octaves: fewer }));
}

const FEWER_OCTAVES: Readonly<Record<OctaveCount, OctaveCount | null>> = { 1: null, 2: 1, 3: 2, 4: 3 };

/** Finds the scale that material is made of; null for chords and lines. */
function scaleOf(material: Material): ScaleType | null {
  switch (material.kind) {
    case 'scale':
    case 'broken':
    case 'double-stops':
      return material.type;
    case 'arpeggio':
    case 'arpeggio-cycle':
    case 'line':
      return null;
  }
}

function materialBefore(material: Material, notes: () => LineNoteDocument[]): MaterialBefore {
  const part = materialPart(material.kind);
  const [tonicName, mode] = [part.tonicName(material), part.mode(material)];
  const plain = mode === 'minor' ? 'natural-minor' : 'major';
  return {
    tonicName,
    mode,
    scale: scaleOf(material) ?? plain,
    pattern:
      material.kind === 'line'
        ? { tonic: `${tonicName}4`, octaves: 1, direction: 'up' }
        : { tonic: material.tonic, octaves: material.octaves, direction: material.direction },
    notes,
  };
}
