import { type TUnsafe, Type } from '@sinclair/typebox';
import type { Line } from '#core/material/line';
import type { Reading } from '#core/result';
import type { Rhythm } from '#core/rhythm';
import { arpeggio } from './arpeggio.ts';
import { arpeggioCyclePart } from './arpeggio-cycle.ts';
import { broken } from './broken.ts';
import { doubleStops } from './double-stops.ts';
import { line } from './line.ts';
import type { MaterialPart } from './material-part.ts';
import { scale } from './scale.ts';

/** Every kind of material, by its name in documents, in the order in which they are offered. */
const MATERIAL_PARTS = { scale, arpeggio, 'arpeggio-cycle': arpeggioCyclePart, broken, 'double-stops': doubleStops, line } as const;

/** A kind of material. */
export type MaterialKind = keyof typeof MATERIAL_PARTS;

/** The value of a kind of material in documents. */
export type MaterialOf<Kind extends MaterialKind> = Materials[Kind];

type Materials = { [Kind in MaterialKind]: (typeof MATERIAL_PARTS)[Kind] extends MaterialPart<infer Value> ? Value : never };

/** The material of a brief, as documents carry it. */
export type Material = MaterialOf<MaterialKind>;

/** Material that is made by rule from a tonic. */
export type PatternMaterial = Exclude<Material, { kind: 'line' }>;

/** The names of all kinds of material, in order. */
export const MATERIAL_KINDS: readonly MaterialKind[] = Object.keys(MATERIAL_PARTS).filter(
  (kind): kind is MaterialKind => kind in MATERIAL_PARTS,
);

const TYPED: { readonly [Kind in MaterialKind]: MaterialPart<MaterialOf<Kind>> } = MATERIAL_PARTS;

/** Finds a kind of material by its name. */
export function materialPart<Kind extends MaterialKind>(kind: Kind): MaterialPart<MaterialOf<Kind>> {
  return TYPED[kind];
}

/** The schema of the material of a brief: a scale, an arpeggio, a line of the teacher's own and others. */
export const Material: TUnsafe<Material> = Type.Unsafe<Material>(Type.Union(MATERIAL_KINDS.map((kind) => materialPart(kind).schema)));

/** Turns material into the line it stands for. Refuses what cannot be spelled, an empty line, and one that is too long. */
export function readMaterial(material: Material, rhythm: Rhythm = {}): Reading<Line> {
  return materialPart(material.kind).read(material, rhythm);
}

/** Tells whether the way down mirrors the way up note for note, so that it can have the same fingers. */
export function comesBackAlike(material: Material): boolean {
  const part = materialPart(material.kind);
  const octaves = part.octaves(material);
  return part.comesBackAlike && octaves !== null && octaves.direction === 'up-down' && !octaves.topTwice && octaves.after === 0;
}
