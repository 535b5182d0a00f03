import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import type { Brief } from '#core/brief';
import { tonicOctaves, withMaterialKind, withTonicName } from '#core/brief/edits';
import { type Material, MATERIAL_KINDS, type MaterialKind, materialPart } from '#core/brief/parts/materials';
import { INSTRUMENT_KINDS, type InstrumentKind } from '#core/instrument';
import { plan } from '#core/plan';
import { ACCENTS, BOW_PATTERNS, LENGTH_PATTERNS, namesOf, type Rhythm } from '#core/rhythm';

/** The features that make a variant, by name. */
const VARIANTS: Readonly<Record<string, Rhythm>> = {
  ...Object.fromEntries(
    namesOf(LENGTH_PATTERNS).map((name) => [name, LENGTH_PATTERNS[name].length === 0 ? {} : { lengths: [...LENGTH_PATTERNS[name]] }]),
  ),
  ...Object.fromEntries(namesOf(BOW_PATTERNS).map((name) => [name, { bows: [...BOW_PATTERNS[name]] }])),
  ...Object.fromEntries(namesOf(ACCENTS).flatMap((name) => (ACCENTS[name] ? [[`accents ${name}`, { accents: ACCENTS[name] }]] : []))),
  'pick-up': { pickUp: '1/8' },
  'four to a bow': { bows: [4] },
};

/** Gives a kind of material in D as the sentence would first have it on an instrument. */
function first(instrument: InstrumentKind, kind: MaterialKind): Brief {
  const scale: Brief = {
    instrument: { kind: instrument },
    material: { kind: 'scale', type: 'major', tonic: 'D4', octaves: 1, direction: 'up' },
    rhythm: { noteValue: '1/8', meter: '4/4' },
  };
  const text = { violin: 'D4 E4 F#4 G4', viola: 'D4 E4 F#4 G4', cello: 'D3 E3 F#3 G3', bass: 'D3 E3 F#3 G3' }[instrument];
  return withMaterialKind(withTonicName(scale, 'D'), kind, text);
}

/** Gives the same with each choice of its kind taken by itself. */
function withChoices(brief: Brief): readonly Material[] {
  const { choices } = materialPart(brief.material.kind);
  return choices.flatMap(({ options, choose }) => options.map(({ value }) => choose(brief.material, value)));
}

/** Checks that a brief is planned as it is, or refused with a nearest that is planned. */
function assertPlanned(brief: Brief, name: string): void {
  const outcome = plan(brief);
  if (outcome.ok) return;
  const words = outcome.issues.map(({ message }) => message).join(' ');
  assert.ok(outcome.relaxed, `${name}: ${words}`);
  assert.ok(plan(outcome.relaxed.brief).ok, `${name}: what is proposed is not planned either`);
}

describe('every kind of material', () => {
  for (const kind of MATERIAL_KINDS) {
    it(`${kind}: is planned in every variant on four instruments, or refused with a nearest that is`, () => {
      for (const instrument of INSTRUMENT_KINDS) {
        const brief = first(instrument, kind);
        for (const [name, rhythm] of Object.entries(VARIANTS))
          assertPlanned({ ...brief, rhythm: { ...brief.rhythm, ...rhythm } }, `${instrument} ${kind} ${name}`);
      }
    });

    it(`${kind}: is planned with every choice it has, in the octaves it offers`, () => {
      for (const instrument of INSTRUMENT_KINDS) {
        const brief = first(instrument, kind);
        for (const material of withChoices(brief)) {
          const chosen: Brief = { ...brief, material };
          const octaves = tonicOctaves(chosen);
          if (octaves.length > 0) assertPlanned(withTonicName(chosen, 'D'), `${instrument} ${JSON.stringify(material)}`);
        }
      }
    });
  }
});
