import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import {
  withHand,
  withInstrument,
  withLimits,
  withMaterial,
  withMaterialKind,
  withPattern,
  withPreference,
  withPurpose,
  withSamePattern,
  withHandSchool,
  withWayDown,
} from '#core/brief/edits';
import { FIRST_BRIEF } from '#core/brief/lines';
import { MATERIAL_KINDS, materialPart } from '#core/brief/parts/materials';
import { PREFERENCES, wishPart } from '#core/brief/parts/wishes';
import { schoolsOf } from '#core/hand';
import { HAND_PRESETS } from '#core/hand/reach';
import { INSTRUMENT_KINDS } from '#core/instrument';
import { positionMark, positionWords } from '#core/messages';
import { type AlternativeName, plan } from '#core/plan';
import { cautionsOf } from '#core/fit';
import { cautionText } from '../../../src/words/cautions.ts';
import type { Guide } from '#core/plan/describe';
import { WEIGHTS } from '#core/weights';
import { briefLine } from '../../../src/words/piece/brief-line.ts';
import { COST_TERMS } from '../../../src/words/explain/cost-terms.ts';
import { alternativeName } from '../../../src/words/explain/alternatives.ts';
import { gainText, payText, pointsText } from '../../../src/words/explain/differences.ts';
import { weighedHow, weighedText } from '../../../src/words/explain/weighed.ts';
import { guideText } from '../../../src/words/hand/guides.ts';
import { SCHOOL_LABELS, wayLabel } from '../../../src/words/hand/hands.ts';
import { materialLabel } from '../../../src/words/piece/pieces.ts';
import { STRENGTHS, wishLabels } from '../../../src/words/piece/wishes.ts';
import { touchText } from '../../../src/words/hand/patterns.ts';
import { fingeringText, soundText } from '../../../src/words/plan-words.ts';
import { REASON_HEADINGS, whyNotText } from '../../../src/words/explain/reasons.ts';
import { UNIT_LABELS, weightName } from '../../../src/words/explain/weights.ts';
import { toldReasons } from '../../support/plans/asked.ts';
import { lineBrief, planBest } from '../../support/briefs.ts';

/** The names of cost terms, for one and for several. */
const TERMS = ['crossing', 'shift-travel', 'shift', 'finger', 'position', 'open-string'] as const;

describe('a difference in words', () => {
  it('counts what is more and what is fewer, in the singular and the plural', () => {
    assert.equal(payText([{ term: 'crossing', times: 2, thousandths: 560 }]), '2 string crossings more');
    assert.equal(
      payText([
        { term: 'crossing', times: 1, thousandths: 280 },
        { term: 'shift-travel', times: 0, thousandths: 200 },
      ]),
      '1 string crossing more and more travel for the hand',
    );
    assert.equal(gainText([{ term: 'crossing', times: -1, thousandths: -280 }]), '1 string crossing fewer');
  });

  it('names three at most, the counted before the others', () => {
    const many = TERMS.filter((term) => term !== 'shift-travel').map((term) => ({ term, times: 1, thousandths: 10 }));
    const told = payText([{ term: 'shift-travel', times: 0, thousandths: 200 }, ...many]);
    assert.equal(told.split(/, | and /).length, 3);
    assert.ok(!told.includes(COST_TERMS['shift-travel'].many));
  });

  it('tells points with as many figures as mean something', () => {
    assert.deepEqual([50, 120, 1449, -2300].map(pointsText), ['0.05', '0.1', '1.4', '2.3']);
    assert.equal(
      whyNotText({ kind: 'costs', deltaThousandths: 0, keptOut: null, more: [], plan: planBest(FIRST_BRIEF) }),
      'It would be equally good; of equals the first is taken.',
    );
  });

  it('is there for every cost, as one and as many', () => {
    for (const [term, { one, many }] of Object.entries(COST_TERMS)) {
      assert.match(one, /^[a-z -]{4,}$/, term);
      assert.notEqual(one, many, term);
    }
  });

  it('of an alternative says what it gains and pays', () => {
    const outcome = plan(
      { instrument: { kind: 'violin' }, material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 2, direction: 'up' } },
      { alternatives: 6 },
    );
    assert.ok(outcome.ok);
    const stopped = outcome.value.alternatives.find(({ name }) => name.kind === 'stopped');
    assert.ok(stopped);
    assert.equal(gainText(stopped.gains), '3 open strings fewer');
    assert.equal(payText(stopped.pays), '3 weaker fingers more');
    assert.equal(alternativeName(stopped.name, stopped.plan.strings), 'no open strings');
  });

  it('weighs in words, with the figure on asking', () => {
    assert.deepEqual([50, 300, -300, 2400].map(weighedText), ['equally good', 'a little harder', 'a little easier', 'clearly harder']);
    assert.match(weighedHow(300, [{ term: 'shift', times: 1, thousandths: 300 }]), /^0\.3 more in the sum of costs: shifts \+0\.3\.$/);
  });
});

describe('another fingering', () => {
  const name = (of: AlternativeName): string => alternativeName(of, planBest(FIRST_BRIEF).strings);
  const third = { label: '3', alteration: null } as const;
  const first = { label: '1', alteration: null } as const;

  it('is called by what it does', () => {
    assert.equal(name({ kind: 'no-shift', position: third }), 'third position, no shift');
    assert.equal(name({ kind: 'strings', shifts: [{ string: 'II', position: third }] }), 'shifts on the A string to third position');
    assert.equal(name({ kind: 'starts', position: third, shifts: [] }), 'starts in third position');
    assert.equal(
      name({ kind: 'starts', position: third, shifts: [{ string: 'I', position: first }] }),
      'starts in third, shifts on E to first',
    );
    assert.equal(name({ kind: 'positions', positions: [first, third, first] }), 'through 1st, 3rd and 1st position');
    assert.equal(name({ kind: 'positions', positions: [first, third] }), 'through first and third position');
    assert.equal(name({ kind: 'moment', notes: -1, string: 'I' }), 'shifts 1 note sooner');
    assert.equal(name({ kind: 'slides', fingers: ['1', '4'] }), 'slides with 1 and 4');
    assert.equal(name({ kind: 'groups', fingers: ['1', '2', '4'] }), '1 2 4 on every string');
    assert.equal(name({ kind: 'fourth-finger', string: 'IV' }), 'fourth finger on the G string');
  });

  it('is called by a second thing where a better one does the first too, told in brief', () => {
    const pairs = { kind: 'two-and-two', string: 'I' } as const;
    const shifts = [
      { string: 'II', position: third },
      { string: 'I', position: first },
    ] as const;
    assert.equal(name({ kind: 'both', one: pairs, other: { kind: 'strings', shifts } }), '1 2, 1 2 up E, shifts on A');
    assert.equal(
      name({ kind: 'both', one: { kind: 'stopped' }, other: { kind: 'moment', notes: 2, string: 'II' } }),
      'no open strings, shifts 2 notes later on A',
    );
  });
});

describe('thumb position', () => {
  it('is named by the note under the thumb', () => {
    const brief: Brief = {
      instrument: { kind: 'cello' },
      player: { school: 'thumb' },
      material: { kind: 'scale', type: 'major', tonic: 'D4', octaves: 1, direction: 'up' },
      limits: { strings: ['D3', 'A3'], openStrings: 'none' },
    };
    const [stay] = planBest(brief).stays;
    assert.ok(stay);
    assert.equal(positionWords(stay.position), 'thumb position on D4');
    assert.equal(positionMark({ label: 'thumb', alteration: null, underThumb: 'Bb4' }), 'thumb on B♭4');
    assert.equal(positionWords({ label: 'thumb', alteration: null }), 'thumb position');
    assert.match(cautionText(cautionsOf(planBest(brief))) ?? '', /The thumb lies on the string/);
  });
});

describe('a guide in words', () => {
  const over: Guide['inBetween'] = {
    finger: '1',
    string: 'II',
    open: 'A4',
    pitch: 'D5',
    written: 'D5',
    semitonesAboveOpen: 5,
    mmFromNut: 82,
  };

  it('tells who leads and over which note', () => {
    assert.equal(
      guideText({ kind: 'old-finger', inBetween: over }),
      'The finger that leaves slides to its new place, passing D5 (1 on II); then the new finger is set.',
    );
    assert.equal(guideText({ kind: 'new-finger', inBetween: over }), 'The arriving finger slides in from D5 (1 on II).');
    assert.match(guideText({ kind: 'first-finger', inBetween: over }), /^The first finger slides to its new place, passing D5/);
    assert.match(guideText({ kind: 'harmonic', inBetween: over }), /^The half-string harmonic D5 on II/);
    assert.match(guideText({ kind: 'thumb', inBetween: over }), /^The thumb takes over the place of the first finger: D5/);
    for (const kind of ['same-finger', 'open-string', 'substitution'] as const) assert.match(guideText({ kind, inBetween: null }), /\.$/);
  });
});

describe('a finger pattern in words', () => {
  const places = ['1', '2', '3', '4'].map((finger, index) => ({
    finger: finger === '1' ? ('1' as const) : finger === '2' ? ('2' as const) : finger === '3' ? ('3' as const) : ('4' as const),
    semitonesAboveOpen: index,
    played: true,
  }));
  const gaps = (...semitones: number[]) =>
    touchText({
      string: 'I',
      way: 'both',
      open: 'E5',
      places,
      gaps: semitones.map((gap, index) => ({ from: places[index]?.finger ?? '1', to: places[index + 1]?.finger ?? '2', semitones: gap })),
    });

  it('says what touches, by the fingers’ own numbers', () => {
    assert.equal(gaps(2, 1, 2), '2 and 3 close');
    assert.equal(gaps(1, 2, 1), '1 and 2 close, 3 and 4 close');
    assert.equal(gaps(1, 3, 1), '1 and 2 close, 3 and 4 close, 2 and 3 wide apart');
    assert.equal(gaps(2, 2, 2), 'all apart');
    assert.equal(gaps(1, 1, 1), 'all close');
  });
});

describe('the sentence', () => {
  it('has words for every school, hand, wish, strength and unit there is', () => {
    for (const kind of INSTRUMENT_KINDS) for (const school of schoolsOf(kind)) assert.ok(SCHOOL_LABELS[school].length > 5);
    for (const wish of PREFERENCES) assert.ok(wishPart(wish).label.length > 4 && wishPart(wish).hint.endsWith('.'));
    assert.deepEqual(
      STRENGTHS.map(({ name }) => name),
      ['no', 'a little', 'rather', 'above all'],
    );
    for (const [name, entry] of Object.entries(WEIGHTS))
      assert.ok(UNIT_LABELS[entry.unit].length > 3 && /^[A-Z][a-z ]+$/.test(weightName(name)), name);
  });

  it('tells wishes, and what is asked of the whole line, in words', () => {
    const brief = withSamePattern(withPreference(withLimits(FIRST_BRIEF, { shifts: 1, harmonics: true }), 'one-string', 1), true);
    assert.deepEqual(wishLabels(brief), ['one string where possible', 'one pattern for every octave', 'harmonics', 'exactly one shift']);
    assert.match(briefLine(withPurpose(brief, 'training')), /for training; one string where possible; one pattern/);
  });

  it('tells every kind of material', () => {
    const labels = (['scale', 'arpeggio', 'broken', 'double-stops'] as const).map((kind) =>
      materialLabel(withMaterialKind(FIRST_BRIEF, kind, '')),
    );
    assert.deepEqual(labels, [
      'G major, two octaves, up',
      'G major arpeggio, two octaves, up',
      'G major in thirds, two octaves, up',
      'G major in double stops, sixths, two octaves, up',
    ]);
  });

  it('tells two notes at once as two', () => {
    const [sound] = planBest(
      lineBrief('violin', ['A3'], { material: { kind: 'line', notes: [{ pitches: ['A3', 'F#4'], duration: '1/4' }] } }),
    ).notes;
    assert.ok(sound?.kind === 'note');
    assert.equal(soundText(sound), 'A3 and F♯4');
    assert.match(fingeringText(sound), /^finger \d on IV \(G\) with finger \d on III \(D\)$/);
    assert.equal(wayLabel({ finger: '1', topFinger: null, upperFinger: '2' }), '1·2');
  });

  it('has a heading for everything a reason can be about', () => {
    const found = toldReasons({
      instrument: { kind: 'violin' },
      material: { kind: 'scale', type: 'major', tonic: 'G3', octaves: 3, direction: 'up-down' },
    });
    assert.ok(found.length > 0 && found.every((reason) => REASON_HEADINGS[reason.about].startsWith('Th')));
  });
});

/** Makes a brief with each choice that its kind of material alone offers: the last of those always shown, and all that are folded. */
function everyChoice(brief: Brief): readonly Brief[] {
  const { material } = brief;
  const { choices } = materialPart(material.kind);
  return [...choices.filter(({ usual }) => usual === undefined).slice(-1), ...choices.filter(({ usual }) => usual !== undefined)].flatMap(
    (choice) => choice.options.map(({ value }) => withMaterial(brief, choice.choose(material, value))),
  );
}

describe('an edit', () => {
  it('to any material, scale, chord, figure or interval leaves a brief that is planned or refused in words', () => {
    const briefs = MATERIAL_KINDS.flatMap((kind) => everyChoice(withMaterialKind(FIRST_BRIEF, kind, '')));
    for (const brief of briefs) {
      const outcome = plan(brief);
      assert.ok(
        outcome.ok || outcome.issues.every((issue) => issue.message.endsWith('.') && issue.hint.endsWith('.')),
        materialLabel(brief),
      );
    }
    // From the open G string up there is no string below for these, and tenths are wide.
    assert.deepEqual(
      briefs
        .filter((brief) => !plan(brief).ok)
        .map((brief) => (brief.material.kind === 'double-stops' ? brief.material.interval : brief.material.kind)),
      ['thirds', 'fingered-octaves', 'unisons'],
    );
  });

  it('to every school and hand leaves a brief that can be planned', () => {
    for (const kind of INSTRUMENT_KINDS) {
      for (const school of schoolsOf(kind)) {
        for (const hand of [null, ...HAND_PRESETS]) {
          const brief = withHand(withHandSchool(withInstrument(FIRST_BRIEF, kind), school), hand);
          const outcome = plan(withPattern(brief, { octaves: 1 }));
          assert.ok(outcome.ok, `${kind} ${school} ${hand ?? 'any'}: ${outcome.ok ? '' : (outcome.issues[0]?.message ?? '')}`);
        }
      }
    }
  });

  it('of the instrument takes another school and its limits away, and keeps the player’s name and hand', () => {
    const cello = withHandSchool(withInstrument({ ...FIRST_BRIEF, player: { name: 'Wren', hand: { preset: 'small' } } }, 'cello'), 'thumb');
    assert.deepEqual(withInstrument(cello, 'violin').player, { name: 'Wren', hand: { preset: 'small' } });
  });

  it('and its undoing leave no trace in the brief', () => {
    assert.deepEqual(withPurpose(withPurpose(FIRST_BRIEF, 'performance'), null), FIRST_BRIEF);
    assert.deepEqual(withPreference(withPreference(FIRST_BRIEF, 'connected', 1), 'connected', 0), FIRST_BRIEF);
    assert.deepEqual(withWayDown(withWayDown(FIRST_BRIEF, 'as-up'), 'own'), FIRST_BRIEF);
    assert.deepEqual(withSamePattern(withSamePattern(FIRST_BRIEF, true), false), FIRST_BRIEF);
  });
});
