import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { type Brief, waysOf } from '#core/brief';
import { differingWays, withInstrument, withPreference, withSchool, withWay, withWayDown } from '#core/brief/edits';
import { QUESTION_NAMES, type QuestionName, questionNamed, sideNames, type Ways, waysChange, withAnswer } from '#core/brief/parts/school';
import { fingeredOtherwise } from '#core/explain';
import { adviceFor } from '#core/fit/sizes';
import { intonationOf } from '#core/fit/intoned';
import { semitoneStepAt, taughtContactMm } from '#core/fit';
import type { Plan } from '#core/plan/describe';
import { planBest } from '../../support/briefs.ts';
import { isBrief } from '../../support/checked.ts';

type Material = Brief['material'];

function scale(kind: Brief['instrument']['kind'], type: 'major' | 'chromatic', tonic: string, octaves: 2 | 3): Brief {
  const material: Material = { kind: 'scale', type, tonic, octaves, direction: type === 'major' ? 'up-down' : 'up' };
  return { instrument: { kind }, material };
}

/** The pieces of a small studio; the questions move some of them and leave the others alone. */
const PIECES = {
  'violin G': scale('violin', 'major', 'G3', 2),
  'violin A': scale('violin', 'major', 'A3', 3),
  'violin B♭': scale('violin', 'major', 'Bb3', 2),
  'violin semitones': scale('violin', 'chromatic', 'A3', 2),
  'viola D': scale('viola', 'major', 'D3', 2),
  'viola F': scale('viola', 'major', 'F3', 3),
  'cello D': scale('cello', 'major', 'D2', 2),
  'cello E': scale('cello', 'major', 'E2', 3),
  'cello semitones': scale('cello', 'chromatic', 'C2', 2),
  'bass F': scale('bass', 'major', 'F1', 2),
  'bass semitones': scale('bass', 'chromatic', 'E1', 2),
} as const satisfies Readonly<Record<string, Brief>>;

type PieceName = keyof typeof PIECES;

/** The pieces that each side of each question moves; a side that is not named moves none. */
const MOVES: { readonly [Name in QuestionName]?: Readonly<Record<string, readonly PieceName[]>> } = {
  style: {
    older: ['cello E', 'bass F'],
    singing: ['violin G', 'violin A', 'violin B♭', 'violin semitones', 'viola D', 'viola F', 'cello semitones', 'bass F', 'bass semitones'],
  },
  openUp: {
    fourth: ['violin G', 'violin A', 'violin B♭', 'violin semitones', 'viola D', 'viola F'],
  },
  openDown: {
    fourth: ['violin G', 'violin A', 'violin B♭', 'viola D', 'viola F'],
  },
  openAbove: {
    open: ['cello D', 'cello E'],
  },
  fourthAtShifts: {
    use: ['violin A', 'cello E'],
    save: ['viola F', 'cello E', 'bass F', 'bass semitones'],
  },
  fourthOnTop: {
    use: ['violin semitones', 'cello E', 'bass F'],
    save: ['violin A', 'viola F', 'cello D', 'bass semitones'],
  },
  shiftUp: {
    early: ['violin A', 'viola F', 'cello E', 'bass F', 'bass semitones'],
    late: ['cello E'],
  },
  shiftDown: {
    early: ['violin A', 'cello E', 'bass F'],
  },
  nextPosition: {
    second: ['viola F'],
  },
  down: {
    'as-up': ['cello E'],
  },
  violinSemitones: {
    each: ['violin semitones'],
  },
  semitones: {
    '1234': ['cello semitones'],
  },
  celloHand: {
    closed: ['cello E'],
    open: ['cello E'],
  },
  bassHand: {
    '1234': ['bass F', 'bass semitones'],
  },
};

const PLANS = new Map<string, Plan>(Object.entries(PIECES).map(([name, brief]) => [name, planBest(brief)]));

function changesWith(name: QuestionName, side: string): readonly string[] {
  const ways = withAnswer({}, name, side);
  return Object.entries(PIECES).flatMap(([piece, brief]) => {
    const { kind } = brief.instrument;
    if (!questionNamed(name).kinds.includes(kind)) {
      assert.deepEqual(waysChange(kind, ways), [], 'no weight of an instrument on which the question does not come up');
      return [];
    }
    const before = PLANS.get(piece);
    return before && fingeredOtherwise(before, planBest({ ...brief, school: { ways } })).length > 0 ? [piece] : [];
  });
}

describe('a school', () => {
  for (const name of QUESTION_NAMES) {
    it(`moves the pieces it should, and no other: ${questionNamed(name).title}`, () => {
      for (const side of sideNames(questionNamed(name).sides)) {
        assert.deepEqual(changesWith(name, side), MOVES[name]?.[side] ?? [], side);
      }
    });
  }
});

/** Lists the fingers on every pitch that an open string has too, going up and coming down. */
function onOpenPitches({ notes, strings }: Plan, way: 'up' | 'down'): string {
  const open = new Set(strings.map(({ name }) => name));
  const stops = notes.flatMap((note) => (note.kind === 'note' ? [note.stops[0]] : []));
  const top = stops.findIndex(({ pitch }) => pitch === 'G5');
  const half = way === 'up' ? stops.slice(0, top) : stops.slice(top);
  return half.flatMap(({ pitch, finger }) => (open.has(pitch) ? [finger] : [])).join('');
}

/** The sides in documents: a name that was once written is read for ever. */
const SIDES_IN_DOCUMENTS: Readonly<Record<QuestionName, string>> = {
  style: 'older plain singing',
  openUp: 'free open fourth',
  openDown: 'free open fourth',
  openAbove: 'free open covered',
  fourthAtShifts: 'free use save',
  fourthOnTop: 'free use save',
  guide: 'usual old-finger new-finger first-finger',
  shiftUp: 'free early late',
  shiftDown: 'free early late',
  nextPosition: 'third second',
  down: 'own as-up',
  violinSemitones: 'free slide each',
  semitones: '123 1234',
  sameFinger: 'slide lift',
  celloHand: 'free closed open',
  bassHand: '124 1234 124-pivots',
  fingers: 'held lifted',
  intonation: 'equal linear pure',
  thumbViolin: 'both with ahead',
  thumbCello: 'both with ahead',
  wrist: 'both straight leads',
  elbow: 'both whole elbow',
  slideSpeed: 'both even slowing',
  fingerWeight: 'both light even',
  vibrato: 'both off on',
  padOrTip: 'both tip pad',
  bowOnTwo: 'both even lower',
  // Its label says “set again”; the name stays.
  correcting: 'both anew small',
  judging: 'both ear open-strings lower tuner',
  liveTuner: 'both late never',
};

describe('the questions of a school', () => {
  it('keep every side that a document may carry', () => {
    for (const name of QUESTION_NAMES) {
      const sides = sideNames(questionNamed(name).sides);
      for (const side of SIDES_IN_DOCUMENTS[name].split(' ')) assert.ok(sides.includes(side), `${name}: ${side}`);
    }
  });

  it('have a usual side among at least two, and every side but a neutral one says what it gains', () => {
    for (const name of QUESTION_NAMES) {
      const { sides, usual } = questionNamed(name);
      assert.ok(usual in sides && Object.keys(sides).length > 1, name);
      for (const [side, { gains, label }] of Object.entries(sides)) {
        assert.ok(gains !== '' || side === usual, `${name}: ${side}`);
        assert.match(label, /^[a-z\d]/);
      }
    }
  });

  it('take open strings or the fourth finger by the way the line goes', () => {
    const placesOf = (ways: Ways, way: 'up' | 'down'): string => onOpenPitches(planBest({ ...PIECES['violin G'], school: { ways } }), way);
    assert.deepEqual([placesOf({ openUp: 'open' }, 'up'), placesOf({ openUp: 'fourth' }, 'up')], ['0000', '0444']);
    assert.deepEqual([placesOf({ openDown: 'open' }, 'down'), placesOf({ openDown: 'fourth' }, 'down')], ['0000', '4440']);
    assert.equal(placesOf({ openUp: 'open', openDown: 'fourth' }, 'down'), '4440');
  });

  it('give shifts their guide', () => {
    const guides = (guide: NonNullable<Ways['guide']>): readonly (string | undefined)[] =>
      planBest({ ...PIECES['violin A'], school: { ways: { guide } } }).shifts.map((shift) => shift.guides[0]?.kind);
    assert.deepEqual(guides('usual'), ['new-finger', 'new-finger', 'old-finger', 'old-finger']);
    assert.deepEqual(guides('new-finger'), ['new-finger', 'new-finger', 'new-finger', 'new-finger']);
  });

  it('slide or lift one finger from sharp to natural, unless the note is marked', () => {
    const minor: Brief = {
      ...PIECES['violin G'],
      material: { kind: 'scale', type: 'chromatic', tonic: 'G3', octaves: 1, direction: 'up' },
    };
    const step = planBest(minor).notes.findIndex((_, index) => semitoneStepAt(planBest(minor), index) !== null);
    const by = (brief: Brief): string | null | undefined => semitoneStepAt(planBest(brief), step)?.by;
    assert.deepEqual([by(minor), by({ ...minor, school: { ways: { sameFinger: 'lift' } } })], [null, 'lift']);
    assert.equal(by({ ...minor, school: { ways: { sameFinger: 'lift' } }, marks: [{ note: step, semitone: 'slide' }] }), 'slide');
    assert.equal(semitoneStepAt(planBest(minor), 0), null);
  });

  it('say what notes aim at, and what is told beside a note', () => {
    const plan = (ways: Ways): Plan => planBest({ ...PIECES['violin A'], school: { ways } });
    assert.equal(intonationOf(plan({ intonation: 'pure' })).system, 'pure');
    assert.equal(
      intonationOf(planBest({ ...PIECES['violin A'], school: { ways: { intonation: 'pure' } }, intonation: { system: 'linear' } })).system,
      'linear',
    );
    const arrival = plan({}).shifts[0]?.to ?? 0;
    const sides = (ways: Ways): readonly string[] =>
      adviceFor(plan(ways), arrival).find(({ question }) => question === 'thumbViolin')?.sides ?? [];
    assert.deepEqual([sides({}), sides({ thumbViolin: 'with' })], [['with', 'ahead'], ['with']]);
    assert.deepEqual(adviceFor(plan({}), 0), [], 'nothing is told where nothing applies');
  });

  it('put the bow where the school has measured it, and toward the bridge as the string gets shorter', () => {
    const plan = planBest({ ...PIECES['violin A'], school: { contactMm: { violin: { '1': 30, '7': 12 } } } });
    const sounds = plan.notes.flatMap((note) => (note.kind === 'note' ? [note] : []));
    const [low, top] = [sounds[0], sounds.findLast(({ position }) => position.label === '7')];
    assert.ok(low && top);
    assert.deepEqual(
      [low, top].map((note) => taughtContactMm(plan, note)),
      [30, 12],
    );
    const unmeasured = planBest({ ...PIECES['violin A'], school: { contactMm: { violin: { '1': 30 } } } });
    assert.ok(Math.abs(taughtContactMm(unmeasured, top) - 30 * 2 ** (-(top.stops[0].semitonesAboveOpen - 2) / 12)) < 1e-9);
  });
});

describe('school, player and piece', () => {
  const school = { ways: { openUp: 'fourth', openDown: 'fourth' } } as const;
  const brief: Brief = { ...PIECES['violin G'], school };

  it('are followed in this order, the piece before the player before the school', () => {
    const taught: Brief = { ...brief, player: { openUp: 'open' }, ways: { guide: 'first-finger' } };
    assert.deepEqual(waysOf(taught), { openUp: 'open', openDown: 'fourth', guide: 'first-finger' });
    assert.deepEqual(differingWays(taught), { openUp: 'open', guide: 'first-finger' }, 'only what differs is told');
    assert.equal(onOpenPitches(planBest(taught), 'up'), '0000');
  });

  it('keep for a piece only what differs', () => {
    const own = withWay(brief, 'openUp', 'open');
    assert.deepEqual([own.ways, withWay(own, 'openUp', 'fourth').ways], [{ openUp: 'open' }, undefined]);
    assert.ok(
      isBrief(own) && isBrief(withSchool(own, { name: 'Ours', weights: { violin: { shift: 2000 } }, patternNames: { '1-2:1': 'close' } })),
    );
    assert.deepEqual(withWay({ ...brief, instrument: { kind: 'violin' } }, 'down', 'own').ways, undefined);
    const reversed = withSchool(PIECES['viola F'], { ways: { down: 'as-up' } });
    assert.deepEqual([withWayDown(reversed, 'as-up').wayDown, withWayDown(reversed, 'own').wayDown], [undefined, 'own']);
  });

  it('let a piece wish for more or less than its style', () => {
    const sung = withSchool(brief, { ways: { style: 'singing' }, styles: { singing: { connected: 0.7 } } });
    assert.deepEqual(withPreference(sung, 'connected', 0).preferences, { connected: 0 });
    assert.deepEqual(withPreference(withPreference(sung, 'connected', 0), 'connected', 0.7).preferences, undefined);
    assert.deepEqual(fingeredOtherwise(planBest(PIECES['violin G']), planBest(withPreference(sung, 'connected', 0))), []);
  });

  it('change the costs of an instrument, and take them along to no other', () => {
    const costly = withSchool(PIECES['violin A'], { weights: { violin: { shift: 9000, shiftPerMm: 40 } } });
    assert.notEqual(planBest(costly).cost.totalThousandths, PLANS.get('violin A')?.cost.totalThousandths);
    const moved = withInstrument(costly, 'viola');
    assert.equal(planBest(moved).cost.totalThousandths, planBest(withSchool(moved, null)).cost.totalThousandths);
  });

  it('goes to another instrument with its answers, but not with the hand of the double bass', () => {
    const bass: Brief = { ...PIECES['bass F'], school: { ways: { bassHand: '1234' } }, player: { openUp: 'open' } };
    assert.equal(planBest(bass).notes.length, planBest(PIECES['bass F']).notes.length);
    assert.deepEqual(withInstrument(bass, 'violin').player, { openUp: 'open' });
    assert.deepEqual(fingeredOtherwise(planBest(bass), planBest({ ...bass, player: { school: '1234' } })), []);
    assert.deepEqual(fingeredOtherwise(planBest(PIECES['bass F']), planBest({ ...bass, player: { school: '124' } })), []);
  });
});
