import { HOME_FRAME } from '#core/hand/reach';
import { CONTACT_SHARES, contactPointMm } from '#core/instrument';
import type { Plan, PlannedSound } from '#core/plan/describe';

/** Where the bow meets the string for a note. */
export interface ContactPoint {
  /** From the bridge, mm. */
  readonly mm: number;
  /** How much nearer to the bridge than in first position, 0 to 1; 0 where it is no nearer. */
  readonly nearer: number;
  /** The teacher's school says so for this position; else it is reckoned from first position. */
  readonly taught: boolean;
}

/**
 * The contact point of a note: what the school says of its position, else the school's for first position (or a usual share of
 * the sounding length) moved toward the bridge as the sounding length shortens: `mm = first · 2^(−(n − n₁)/12)`, as the length
 * itself does, so that the bow keeps its share of the string.
 */
export function contactPoint(plan: Pick<Plan, 'brief' | 'stringLengthMm'>, note: PlannedSound): ContactPoint {
  const { kind } = plan.brief.instrument;
  const table = plan.brief.school?.contactMm?.[kind] ?? {};
  const [home] = HOME_FRAME[kind];
  const first = table[FIRST_POSITION[kind]] ?? contactPointMm(plan.stringLengthMm, home, CONTACT_SHARES.usual);
  const place = Math.max(...note.stops.map(({ semitonesAboveOpen }) => semitonesAboveOpen));
  const own = note.stops.every(({ finger }) => finger === '0') ? undefined : table[note.position.label];
  const mm = own ?? first * 2 ** (-Math.max(0, place - home) / 12);
  return { mm, nearer: Math.max(0, 1 - mm / first), taught: own !== undefined };
}

/** What first position is called on each instrument. */
const FIRST_POSITION = { violin: '1', viola: '1', cello: '1', bass: 'I' } as const;
