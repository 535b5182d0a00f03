import { HOME_FRAME } from '#core/hand/reach';
import { CONTACT_SHARES, contactPointMm } from '#core/instrument/geometry';
import type { Plan, PlannedSound } from '#core/plan/describe';

/**
 * Finds where the bow meets the string for a note, mm from the bridge: the school's figure for its position, else the school's figure for
 * first position (or a usual share of the sounding length) moved toward the bridge as the sounding length shortens: `mm = first · 2^(−(n −
 * n₁)/12)`, as the length itself does, so that the bow keeps its share of the string.
 */
export function taughtContactMm(plan: Pick<Plan, 'brief' | 'stringLengthMm'>, note: PlannedSound): number {
  const { kind } = plan.brief.instrument;
  const [home] = HOME_FRAME[kind];
  const first = homeContactMm(plan);
  const place = Math.max(...note.stops.map(({ semitonesAboveOpen }) => semitonesAboveOpen));
  const own = note.stops.every(({ finger }) => finger === '0') ? undefined : contactTable(plan)[note.position.label];
  return own ?? first * 2 ** (-Math.max(0, place - home) / 12);
}

/** Gives where the bow meets the string in first position, mm from the bridge: the school's figure, else a usual share of the length. */
export function homeContactMm(plan: Pick<Plan, 'brief' | 'stringLengthMm'>): number {
  const { kind } = plan.brief.instrument;
  return contactTable(plan)[FIRST_POSITION[kind]] ?? contactPointMm(plan.stringLengthMm, HOME_FRAME[kind][0], CONTACT_SHARES.usual);
}

/** Gives the school's contact points by position, mm from the bridge; empty where it has none. */
function contactTable({ brief }: Pick<Plan, 'brief'>): Readonly<Record<string, number>> {
  return brief.school?.contactMm?.[brief.instrument.kind] ?? {};
}

/** The label of first position on each instrument. */
const FIRST_POSITION = { violin: '1', viola: '1', cello: '1', bass: 'I' } as const;
