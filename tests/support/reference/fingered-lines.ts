import type { Brief } from '#core/brief';
import { readMaterial } from '#core/brief/parts/materials';
import { readPlayer } from '#core/brief';
import { formatPitch } from '#core/pitch';
import type { FingeredLine, FingeredNote, RightFingering } from '#core/learning';
import { caseFrom, caseFromBrief, casesOf, freeBriefs } from './reference-case.ts';
import { readBriefs } from './read-brief.ts';

/** Lists all lines with accepted fingerings: of the standard cases, the free briefs, and the briefs that were read. */
export function fingeredLines(): readonly FingeredLine[] {
  const asked = [
    ...(['cases.json', 'cases-2.json', 'own-cases.json'] as const).flatMap((file) => casesOf(file).map(caseFrom)),
    ...freeBriefs().map(caseFromBrief),
  ].filter(({ properties }) => properties.length === 0);
  const read = readBriefs().map(({ id, brief, accept = [], read: { grade, plan } }) => ({
    id,
    brief,
    accept: [...accept, ...(grade === 'd' && plan !== undefined ? [plan.replaceAll(/[[\]]/g, '')] : [])],
  }));
  return [...asked, ...read].flatMap(({ id, brief, accept }) => {
    const right = accept.map((line) => rightFingering(brief, line));
    return right.length === 0 ? [] : [{ name: id, family: familyOf(brief), brief, right }];
  });
}

/** Reads a fingering as it is written in a case: "A1 A2 D0/G4", double stops joined by +. */
function rightFingering(brief: Brief, line: string): RightFingering {
  const player = readPlayer(brief);
  const strings = player.ok ? player.value.instrument.strings.map(({ open }) => formatPitch(open).replace(/-?\d/, '')) : [];
  const notes = line
    .replaceAll(/[[\]]/g, '')
    .split(' ')
    .map((labels) => labels.split('/'));
  return (placement, order) => notes[order]?.includes(labelOf(strings, placement)) ?? false;
}

function labelOf(strings: readonly string[], { stringIndex, finger, upper, top }: FingeredNote): string {
  const stops = [{ stringIndex, finger }, ...(upper ? [upper] : []), ...(top ? [top] : [])];
  return stops.map((stop) => `${strings[stop.stringIndex] ?? ''}${stop.finger}`).join('+');
}

/** Gives the family of a line: the instrument and the names of its notes, so that a scale, its arpeggio downward and its thirds stay together. */
function familyOf({ instrument, material, rhythm }: Brief): string {
  const line = readMaterial(material, rhythm);
  if (!line.ok) return 'none';
  const names = line.value.notes.flatMap((note) => (note.kind === 'note' ? [formatPitch(note.pitch).replace(/-?\d+$/, '')] : []));
  return [instrument.kind, ...[...new Set(names)].toSorted()].join(' ');
}
