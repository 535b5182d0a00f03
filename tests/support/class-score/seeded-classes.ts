import type { Brief } from '#core/brief';
import { FIRST_BRIEF } from '#core/brief/lines';
import {
  type ClassMember,
  type ClassScore,
  classScore,
  type MemberWays,
  type Share,
  type Sounding,
  unisonOctaves,
  type WaysInClass,
  waysInClass,
} from '#core/class-score';
import { finish } from '#core/result';
import { pickerOf } from '../../../scripts/results/picker.ts';

const member = (id: string, base: Partial<Brief> & Pick<Brief, 'instrument'>, share: Share = 'all'): ClassMember => ({
  id,
  name: id,
  base: { ...FIRST_BRIEF, ...base },
  share,
});

/** Children and adults of all instruments, sizes, hands, limits and shares. */
const MEMBERS: readonly ClassMember[] = [
  member('Ada', { instrument: { kind: 'violin', size: '4/4' } }),
  member('Ben', { instrument: { kind: 'violin', size: '1/2' }, limits: { positions: ['1'] }, player: { hand: { preset: 'small' } } }),
  member('Cleo', { instrument: { kind: 'violin', size: '3/4' }, limits: { positions: ['1', '3'] } }),
  member('Dora', { instrument: { kind: 'violin', size: '1/4' }, limits: { positions: ['1'] } }, 'firsts'),
  member('Eli', { instrument: { kind: 'viola', size: '15.5"' }, player: { hand: { preset: 'average' } } }),
  member('Fay', { instrument: { kind: 'viola', size: '14"' }, limits: { positions: ['1'] } }),
  member('Gil', { instrument: { kind: 'cello', size: '4/4' }, player: { hand: { preset: 'large' } } }),
  member('Hans', { instrument: { kind: 'cello', size: '3/4' }, limits: { positions: ['1'] }, player: { hand: { preset: 'small' } } }),
  member('Ines', { instrument: { kind: 'cello', size: '1/2' }, limits: { positions: ['1', '4'] } }, 'open'),
  member('Jan', { instrument: { kind: 'bass', size: '3/4' } }),
  member('Kira', {
    instrument: { kind: 'bass', size: '1/2' },
    limits: { positions: ['half', 'I'] },
    player: { hand: { preset: 'small' } },
  }),
  member('Luis', { instrument: { kind: 'bass', size: '3/4' }, player: { school: '1234' } }, 'firsts'),
];

/** Makes a mixed class of three to seven players; number `index` is always the same. */
export function seededClass(index: number): readonly ClassMember[] {
  const pick = pickerOf(11 + index * 97);
  const some = pick.some(MEMBERS, 0.45).slice(0, 7);
  return some.length >= 3 ? some : MEMBERS.slice(index % 4, (index % 4) + 9).filter((_, order) => order % 3 === 0);
}

const TYPES = ['major', 'natural-minor', 'melodic-minor', 'harmonic-minor', 'dorian'] as const;
const TONICS = ['G3', 'D4', 'A3', 'E4', 'C4', 'F4', 'Bb3', 'Eb4', 'Ab3', 'B3'] as const;

/** Makes a line for a class: scales, arpeggios and broken thirds, then tunes with rests, slurs and pick-ups. */
export function seededClassLine(index: number): Brief {
  const pick = pickerOf(5 + index * 131);
  const rhythm = { noteValue: pick.one(['1/4', '1/8']), meter: pick.one(['4/4', '3/4', '6/8']), notesPerBow: pick.one([1, 2]) };
  const tonic = TONICS[index % TONICS.length] ?? 'G3';
  if (index % 4 === 3) return { ...FIRST_BRIEF, tempo: 60, ...tune(pick) };
  const octaves = index % 3 === 0 ? 2 : 1;
  const asked = { ...FIRST_BRIEF, tempo: 72, rhythm };
  const direction = pick.one(['up', 'up-down', 'up-down']);
  if (index % 4 === 2) return { ...asked, material: { kind: 'arpeggio', type: pick.one(['major', 'minor']), tonic, octaves, direction } };
  if (index % 8 === 5) return { ...asked, material: { kind: 'broken', figure: 'thirds', type: 'major', tonic, octaves: 1, direction } };
  return { ...asked, material: { kind: 'scale', type: pick.one(TYPES), tonic, octaves, direction } };
}

function tune(pick: ReturnType<typeof pickerOf>): Pick<Brief, 'material' | 'rhythm'> {
  const scale = ['G3', 'A3', 'B3', 'C4', 'D4', 'E4', 'F#4', 'G4', 'A4', 'B4', 'C5', 'D5'];
  let at = 7;
  const notes = Array.from({ length: 16 }, (_, order) => {
    const duration = pick.one(['1/4', '1/8', '3/8', '1/2']);
    if (order > 0 && pick.chance(0.12)) return { rest: true as const, duration };
    at = Math.min(scale.length - 1, Math.max(0, at + pick.whole(-3, 3)));
    return { pitches: [scale[at] ?? 'G4'], duration, ...(pick.chance(0.2) && order < 15 ? { slur: true } : {}) };
  });
  const sounding = notes.map((note, order) =>
    'rest' in note || !('rest' in (notes[order + 1] ?? note)) ? note : { ...note, slur: false },
  );
  return {
    material: { kind: 'line', key: 'G major', notes: sounding },
    rhythm: { meter: '4/4', ...(pick.chance(0.4) ? { pickUp: '1/4' } : {}) },
  };
}

const known = new Map<string, WaysInClass>();

/** Finds the ways of a player for a line; those that were found before are not looked for again. */
function waysOf({ id, base, share }: ClassMember, line: Brief, octaves: number | null): WaysInClass {
  const key = `${id} ${octaves} ${JSON.stringify([line.material, line.rhythm])}`;
  const found = known.get(key) ?? finish(waysInClass(base, { line, share, octaves }));
  known.set(key, found);
  return found;
}

/** Makes the score of a class for a line, as the page does. */
export function scoreFor(
  members: readonly ClassMember[],
  line: Brief,
  sounding: Sounding,
): ClassScore & { readonly unison: number | null } {
  const players = members.map((one): MemberWays => ({ member: one, ways: waysOf(one, line, null) }));
  if (sounding === 'octaves') return { ...classScore(players), unison: null };
  const unison = unisonOctaves(players) ?? 0;
  return { ...classScore(members.map((one) => ({ member: one, ways: waysOf(one, line, unison) }))), unison };
}
