import type { HandPreset, School } from '#core/hand';
import { type InstrumentKind, type InstrumentSpec, WRITTEN_OCTAVES_ABOVE } from '#core/instrument';
import {
  type ArpeggioType,
  type BrokenFigure,
  type Direction,
  type DoubleStopInterval,
  formatLineText,
  type Material,
  parseLineText,
  type Rhythm,
  type ScaleType,
} from '#core/material';
import { formatPitch, parsePitch } from '#core/pitch';
import type { Brief, Limits, PlayerProfile, WAYS_DOWN } from '#core/plan';
import type { Reading } from '#core/reading';
import type { Preference, Purpose } from '#core/search';
import { DEFAULT_RHYTHM, modeOf, tonicName, tonicOctaves } from './brief-reading.ts';

type Player = PlayerProfile['player'];

type Pattern = Exclude<Material, { kind: 'line' }>;

/** Another instrument: its own usual size and school, no limits of the old one, and a tonic that lies on it. */
export function withInstrument(brief: Brief, kind: InstrumentKind): Brief {
  const { limits, player, ...rest } = brief;
  const openStrings = limits?.openStrings;
  const { name, hand } = player ?? {};
  const moved: Brief = {
    ...rest,
    instrument: { kind },
    ...(player ? { player: { ...(name === undefined ? {} : { name }), ...(hand?.preset ? { hand: { preset: hand.preset } } : {}) } } : {}),
    ...(openStrings === undefined ? {} : { limits: { openStrings } }),
  };
  return withTonicOnInstrument(moved);
}

/** An instrument as measured; of another kind, the line moves to it as well as it can. */
export function withInstrumentSpec(brief: Brief, instrument: InstrumentSpec): Brief {
  const moved = brief.instrument.kind === instrument.kind ? brief : withInstrument(brief, instrument.kind);
  return { ...moved, instrument };
}

/** Another usual size: what was measured on the instrument before goes with it. */
export function withSize(brief: Brief, size: string): Brief {
  const { stringLengthMm: _, outerSpacingMm: __, pressingMm: ___, ...instrument } = brief.instrument;
  return { ...brief, instrument: { ...instrument, size } };
}

/** What the notes aim at. */
export function withIntonation(brief: Brief, change: NonNullable<Brief['intonation']>): Brief {
  return { ...brief, intonation: { ...brief.intonation, ...change } };
}

/**
 * A player of the studio with hand, school, purpose and the positions known. Where the player was given to the brief before
 * (`was`), only what has changed since is applied: what the teacher decided for this piece stays.
 */
export function withProfile(brief: Brief, profile: PlayerProfile, was: PlayerProfile | null = null): Brief {
  const { kind, player, purpose, positions } = profile;
  const moved = brief.instrument.kind === kind ? brief : withInstrument(brief, kind);
  const changed = (name: keyof PlayerProfile): boolean => was === null || !alike(was[name], profile[name]);
  const known = changed('positions') ? withLimits(moved, { positions: positions ?? null }) : moved;
  const meant = changed('purpose') ? withPurpose(known, purpose ?? null) : known;
  return { ...meant, player: was === null ? player : withChangedFields(meant.player ?? {}, was.player, player) };
}

function withChangedFields(fields: Player, was: Player, now: Player): Player {
  const before = new Map(Object.entries(was));
  const after = new Map(Object.entries(now));
  const untouched = Object.entries(fields).filter(([name]) => alike(before.get(name), after.get(name)));
  const changed = [...after].filter(([name, value]) => !alike(before.get(name), value));
  return Object.fromEntries([...untouched, ...changed]);
}

function alike(one: unknown, other: unknown): boolean {
  return JSON.stringify(one) === JSON.stringify(other);
}

/** Changes one or more limits; null lifts one. */
export function withLimits(brief: Brief, change: { readonly [Name in keyof Limits]?: Limits[Name] | null }): Brief {
  const { limits: before, ...rest } = brief;
  const merged = Object.fromEntries(Object.entries({ ...before, ...change }).filter(([, value]) => value !== null && value !== undefined));
  return Object.keys(merged).length === 0 ? rest : { ...rest, limits: merged };
}

/** Changes note value, meter or bowing. */
export function withRhythm(brief: Brief, change: Partial<Rhythm>): Brief {
  return { ...brief, rhythm: { ...DEFAULT_RHYTHM, ...brief.rhythm, ...change } };
}

/** Changes the kind of material, keeping key, octaves and direction where both kinds have them. */
export function withMaterialKind(brief: Brief, kind: Material['kind'], lineText: string): Brief {
  const { material } = brief;
  if (material.kind === kind) return brief;
  if (kind !== 'scale' && kind !== 'arpeggio') return withMaterialKindOnly(withSamePattern(brief, false), kind, lineText);
  return withMaterialKindOnly(brief, kind, lineText);
}

function withMaterialKindOnly(brief: Brief, kind: Material['kind'], lineText: string): Brief {
  const { material } = brief;
  const minor = modeOf(material) === 'minor';
  switch (kind) {
    case 'line': {
      const key = `${tonicName(material)} ${minor ? 'minor' : 'major'}`;
      const notes = readLineText(brief, lineText);
      return withoutLocks({ ...brief, material: { kind, key, notes: notes.ok ? [...notes.value] : [] } });
    }
    case 'scale':
      return withoutLocks(withTonicOnInstrument({ ...brief, material: { kind, type: scaleTypeOf(material), ...patternOf(material) } }));
    case 'arpeggio':
      return withoutLocks(withTonicOnInstrument({ ...brief, material: { kind, type: minor ? 'minor' : 'major', ...patternOf(material) } }));
    case 'broken':
      return withoutLocks(
        withTonicOnInstrument({ ...brief, material: { kind, figure: 'thirds', type: scaleTypeOf(material), ...patternOf(material) } }),
      );
    case 'double-stops':
      return withoutLocks(
        withTonicOnInstrument({ ...brief, material: { kind, interval: 'sixths', type: scaleTypeOf(material), ...patternOf(material) } }),
      );
  }
}

/** Changes what scale and arpeggio have in common. */
export function withPattern(brief: Brief, change: Partial<Pick<Pattern, 'tonic' | 'octaves' | 'direction'>>): Brief {
  return brief.material.kind === 'line' ? brief : { ...brief, material: { ...brief.material, ...change } };
}

/** Another scale on the same tonic. */
export function withScaleType(brief: Brief, type: ScaleType): Brief {
  const { material } = brief;
  return material.kind === 'line' || material.kind === 'arpeggio' ? brief : { ...brief, material: { ...material, type } };
}

/** Another figure of a broken scale. */
export function withFigure(brief: Brief, figure: BrokenFigure): Brief {
  return brief.material.kind === 'broken' ? { ...brief, material: { ...brief.material, figure } } : brief;
}

/** Another interval of double stops. */
export function withDoubleStops(brief: Brief, interval: DoubleStopInterval): Brief {
  return brief.material.kind === 'double-stops' ? { ...brief, material: { ...brief.material, interval } } : brief;
}

/** Another chord on the same tonic. */
export function withArpeggioType(brief: Brief, type: ArpeggioType): Brief {
  return brief.material.kind === 'arpeggio' ? { ...brief, material: { ...brief.material, type } } : brief;
}

/** The hand as an estimate; null for a hand not spoken of. */
export function withHand(brief: Brief, preset: HandPreset | null): Brief {
  const { hand: _, ...player } = brief.player ?? {};
  return { ...brief, player: preset === null ? player : { ...player, hand: { preset } } };
}

/** Another school of the same instrument; its positions may differ, so limits and locks on positions go. */
export function withSchool(brief: Brief, school: School): Brief {
  return { ...withLimits(brief, { positions: null, fingers: null }), player: { ...brief.player, school } };
}

/** What the plan is for; null for nothing in particular. */
export function withPurpose(brief: Brief, purpose: Purpose | null): Brief {
  const { purpose: _, ...rest } = brief;
  return purpose === null ? rest : { ...rest, purpose };
}

/** A wish and its strength, 0 to 1; 0 takes it away. */
export function withPreference(brief: Brief, wish: Preference, strength: number): Brief {
  const { preferences: before, ...rest } = brief;
  const { [wish]: _, ...others } = before ?? {};
  const preferences = strength > 0 ? { ...others, [wish]: strength } : others;
  return Object.keys(preferences).length === 0 ? rest : { ...rest, preferences };
}

/** The same fingers in every octave, or not. */
export function withSamePattern(brief: Brief, same: boolean): Brief {
  const { samePatternEveryOctave: _, ...rest } = brief;
  return same ? { ...rest, samePatternEveryOctave: true } : rest;
}

/** Down for itself or as the way up. */
export function withWayDown(brief: Brief, wayDown: (typeof WAYS_DOWN)[number]): Brief {
  const { wayDown: _, ...rest } = brief;
  return wayDown === 'own' ? rest : { ...rest, wayDown };
}

/** Another tempo in quarters a minute; null for none. */
export function withTempo(brief: Brief, tempo: number | null): Brief {
  const { tempo: _, ...rest } = brief;
  return tempo === null ? rest : { ...rest, tempo };
}

/** Puts another note name under the tonic, in the octave where the line lies best. */
export function withTonicName(brief: Brief, name: string): Brief {
  const octaves = tonicOctaves(withPattern(brief, { tonic: `${name}4` }));
  const now = parsePitch(brief.material.kind === 'line' ? 'C4' : brief.material.tonic);
  const wished = now.ok ? now.value.octave : 4;
  const nearest = octaves.toSorted((one, other) => Math.abs(one - wished) - Math.abs(other - wished))[0] ?? wished;
  return withPattern(brief, { tonic: `${name}${nearest}` });
}

/** Reads what the teacher typed, in the pitch the player reads. */
export function readLineText(brief: Brief, text: string): Reading<Extract<Material, { kind: 'line' }>['notes']> {
  const reading = parseLineText(text, brief.rhythm?.noteValue ?? DEFAULT_RHYTHM.noteValue, WRITTEN_OCTAVES_ABOVE[brief.instrument.kind]);
  return reading.ok ? { ok: true, value: [...reading.value] } : reading;
}

/** The typed form of a line that came without one. */
export function lineTextOf(brief: Brief): string {
  if (brief.material.kind !== 'line') return '';
  return formatLineText(
    brief.material.notes,
    brief.rhythm?.noteValue ?? DEFAULT_RHYTHM.noteValue,
    WRITTEN_OCTAVES_ABOVE[brief.instrument.kind],
  );
}

function withTonicOnInstrument(brief: Brief): Brief {
  const { material } = brief;
  if (material.kind === 'line') return brief;
  const octaves = tonicOctaves(brief);
  const tonic = parsePitch(material.tonic);
  if (tonic.ok && octaves.includes(tonic.value.octave)) return brief;
  const [lowest] = octaves;
  if (lowest !== undefined && tonic.ok) return withPattern(brief, { tonic: formatPitch({ ...tonic.value, octave: lowest }) });
  return material.octaves > 1
    ? withTonicOnInstrument(withPattern(brief, { octaves: material.octaves === 4 ? 3 : material.octaves === 3 ? 2 : 1 }))
    : brief;
}

function patternOf(material: Material): { tonic: string; octaves: Pattern['octaves']; direction: Direction } {
  if (material.kind === 'line') return { tonic: `${tonicName(material)}4`, octaves: 1, direction: 'up' };
  return { tonic: material.tonic, octaves: material.octaves, direction: material.direction };
}

function scaleTypeOf(material: Material): ScaleType {
  if (material.kind !== 'line' && material.kind !== 'arpeggio') return material.type;
  return modeOf(material) === 'minor' ? 'natural-minor' : 'major';
}

function withoutLocks(brief: Brief): Brief {
  const { locks: _, ...rest } = brief;
  return rest;
}
