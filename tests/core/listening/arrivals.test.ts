import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { INSTRUMENT_KINDS } from '#core/instrument';
import { type DueNote, dueNotes } from '#core/listening';
import { type HeardArrival, readTake } from '#core/listening/reading';
import { FAULTLESS, makeTake, playNotes, QUIET, type SimulatedNote, type SimulatedPlayer } from '#core/listening/simulated';
import { slurredOnOneString } from '../../support/listening/seeded-lines.ts';

/** A shift within one bow as it was played and as it was heard. */
interface Compared {
  /** The pitch at which the finger first came to rest, cents from its aim. */
  readonly first: number;
  readonly part: HeardArrival['part'];
  /** The length of its slide, seconds. */
  readonly slideSeconds: number;
  readonly heard: HeardArrival | null;
}

/** The shortest note on which a landing and its correction have room, seconds. */
const ROOM = 0.45;

/** The shortest slide that is told from a finger that falls, seconds. */
const LONG_ENOUGH = 0.08;

/** The distance within which two pitches are one, cents. */
const ONE_PITCH = 40;

const centsOf = (hz: number): number => 1200 * Math.log2(hz / 440);

/** Plays lines on all four instruments, and compares every shift within one bow. */
function compareArrivals(player: Partial<SimulatedPlayer>): readonly Compared[] {
  return INSTRUMENT_KINDS.flatMap((kind) =>
    Array.from({ length: 2 }, (_, seed) => seed).flatMap((seed) => {
      const due = dueNotes(slurredOnOneString(kind, seed));
      const faults = { ...FAULTLESS, seed: seed + 1, spreadCents: 8, ...player };
      const { heard } = readTake(makeTake(due, { kind, voice: 'full', player: faults, surroundings: QUIET, sampleRate: 22_050 }), due);
      const played = playNotes(due, faults);
      return played.flatMap((note, order): readonly Compared[] => {
        const owed = due[note.order];
        const read = heard.find((other) => other.order === note.order);
        return owed ? compare(owed, { note, oldHz: played[order - 1]?.hz[0] ?? 1, heard: read?.arrival ?? null }) : [];
      });
    }),
  );
}

/** A note that was played, after another, and the arrival that was heard. */
interface PlayedAndHeard extends Pick<Compared, 'heard'> {
  readonly note: SimulatedNote;
  readonly oldHz: number;
}

/** Compares one note; nothing where no shift within one bow arrives on it, and where it is too short for its landing. */
function compare({ shift, hz: [aim = 1] }: DueNote, { note, oldHz, heard }: PlayedAndHeard): readonly Compared[] {
  if (!shift || !note.slurred || note.until - note.at < (note.landing ? ROOM : 0)) return [];
  const first = centsOf(note.hz[0] ?? 1) - centsOf(aim) + (note.landing?.cents ?? 0);
  return [{ first, part: partOf(note.slide, oldHz, aim), slideSeconds: note.slide?.seconds ?? 0, heard }];
}

function partOf(slide: { readonly fromHz: number; readonly toHz: number } | null, oldHz: number, aimHz: number): HeardArrival['part'] {
  if (!slide) return 'none';
  if (Math.abs(centsOf(slide.fromHz) - centsOf(oldHz)) > ONE_PITCH) return 'into';
  return Math.abs(centsOf(slide.toHz) - centsOf(aimHz)) > ONE_PITCH ? 'from' : 'all';
}

function shareOf(compared: readonly Compared[], isRight: (one: Compared) => boolean): number {
  assert.ok(compared.length >= 10, `${compared.length} shifts within one bow`);
  return compared.filter(isRight).length / compared.length;
}

const landsRight = ({ first, heard }: Compared): boolean => heard !== null && Math.abs(heard.firstCents - first) <= 10;

describe('an arrival that is heard', () => {
  it('tells a slide from a silent shift, and the part of the way for which it is heard', () => {
    const slid = compareArrivals({ slides: true });
    const long = slid.filter(({ slideSeconds }) => slideSeconds >= LONG_ENOUGH);
    assert.ok(shareOf(long, ({ part, heard }) => heard?.part === part) >= 0.9);
    assert.ok(shareOf(long, ({ slideSeconds, heard }) => heard !== null && heard.slideSeconds < slideSeconds + 0.02) >= 0.9);
    assert.ok(shareOf(slid, landsRight) >= 0.9);
    const silent = compareArrivals({ slides: false });
    assert.ok(shareOf(silent, ({ heard }) => heard?.part === 'none' && heard.slideSeconds === 0) >= 0.9);
    assert.ok(shareOf(silent, ({ heard }) => heard?.correctedIn === 0) >= 0.95);
  });

  for (const beyondCents of [45, -40]) {
    it(`tells where it landed first, and that it was corrected: ${beyondCents} cents beyond`, () => {
      const landed = compareArrivals({ slides: true, landing: { beyondCents, correctedIn: 0.12 } });
      assert.ok(shareOf(landed, landsRight) >= 0.85);
      assert.ok(shareOf(landed, ({ heard }) => heard !== null && heard.correctedIn > 0.1 && heard.correctedIn < 0.35) >= 0.85);
    });
  }
});
