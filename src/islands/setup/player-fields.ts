import { type PlayerProfile, playerWays } from '#core/brief';
import { type Purpose, PURPOSES } from '#core/brief/parts/rules';
import { type QuestionName, questionsFor, withAnswer, type Ways } from '#core/brief/parts/school';
import type { PlayerDocument } from '#core/documents';
import { schoolsOf } from '#core/hand';
import { ARM_MM, FOURTH_FINGERS, HAND_PRESETS, type HandMeasurements, type HandPreset, presetHand, readPlayerHand } from '#core/hand/reach';
import { type Instrument, INSTRUMENT_KINDS, type InstrumentKind, type InstrumentSpec, readInstrument } from '#core/instrument';
import { instrumentIssue } from '#core/messages';
import { badReading, goodReading, type Reading } from '#core/result';
import type { InstrumentRecord, PlayerRecord } from '../../records/record.ts';
import { playerDocument } from '../../records/studio.ts';
import type { ReadFields } from './instrument-fields.ts';
import { typedNumber } from '../../ui/fields/index.ts';

/** The sources of the spans of a hand. */
export const HAND_SOURCES = ['none', ...HAND_PRESETS, 'measured'] as const;

/** The spans that are measured, by their name in documents. */
export const SPANS = ['firstToFourth', 'firstToSecond', 'thumbToThird'] as const;

/** One measured span as typed. */
export interface SpanFields {
  comfort: string;
  most: string;
}

/** A player as typed. */
export interface PlayerFields {
  name: string;
  kind: string;
  /** The id of the player's own instrument; empty for none. */
  instrumentId: string;
  source: string;
  /** The spans between two fingers, mm as typed. */
  spans: Record<(typeof SPANS)[number], SpanFields>;
  fingerDistance: string;
  measuredOn: string;
  fourthFinger: string;
  arm: string;
  nails: string;
  school: string;
  thumbFrom: string;
  pivots: boolean;
  /** The id of the school the player follows; empty for none. */
  schoolId: string;
  /** The answers by question; empty where the player is taught as the school says. */
  ways: Record<string, string>;
  purpose: string;
  positions: string[];
}

/** The instrument a player has and the school the player follows. */
export type PlayerLinks = Pick<PlayerRecord, 'instrumentId' | 'schoolId'>;

/** Gives the fields of a stored player. */
export function playerFields({ name, profile }: PlayerDocument, { instrumentId, schoolId }: PlayerLinks): PlayerFields {
  const { kind, player, purpose, positions } = profile;
  return {
    name,
    kind,
    instrumentId: instrumentId ?? '',
    schoolId: schoolId ?? '',
    ...handFields(player.hand),
    ...schoolFields(kind, player),
    purpose: purpose ?? 'none',
    positions: [...(positions ?? [])],
  };
}

type HandFields = Pick<PlayerFields, 'source' | 'spans' | 'fingerDistance' | 'measuredOn' | 'fourthFinger' | 'arm' | 'nails'>;

function handFields(hand: HandMeasurements = {}): HandFields {
  const measured = SPANS.some((span) => hand[span] !== undefined);
  const span = (of: (typeof SPANS)[number]): SpanFields => ({ comfort: textOf(hand[of]?.comfortMm), most: textOf(hand[of]?.maxMm) });
  return {
    source: measured ? 'measured' : (hand.preset ?? 'none'),
    spans: { firstToFourth: span('firstToFourth'), firstToSecond: span('firstToSecond'), thumbToThird: span('thumbToThird') },
    fingerDistance: textOf(hand.fingerDistanceMm),
    measuredOn: hand.measuredOn ?? '',
    fourthFinger: hand.fourthFinger ?? 'usual',
    arm: textOf(hand.armMm),
    nails: hand.nails ?? '',
  };
}

/** The value for being taught as the school teaches, or as is usual where it says nothing. */
export const TAUGHT = '';

/** Lists the questions a player may answer differently from the school; the hand on the double bass is a field of its own. */
export function playerQuestions(kind: InstrumentKind): readonly QuestionName[] {
  return questionsFor(kind).filter((name) => name !== 'bassHand');
}

type SchoolFields = Pick<PlayerFields, 'school' | 'thumbFrom' | 'pivots' | 'ways'>;

function schoolFields(kind: InstrumentKind, player: PlayerProfile['player']): SchoolFields {
  return {
    school: player.school ?? TAUGHT,
    thumbFrom: textOf(player.thumbFrom),
    pivots: player.pivots ?? false,
    ways: Object.fromEntries(playerQuestions(kind).map((name) => [name, playerWays(player)[name] ?? TAUGHT])),
  };
}

/** Gives the answers in which the player differs from the school. */
function ownWays(kind: InstrumentKind, { ways }: PlayerFields): Omit<Ways, 'bassHand'> {
  return playerQuestions(kind).reduce<Ways>((own, name) => withAnswer(own, name, ways[name] || null), {});
}

/** Reads the fields as a player; the hand is compared with this player's instrument, or the usual one. */
export function readPlayerFields(fields: PlayerFields, instrument: Instrument): ReadFields<PlayerDocument> {
  const { kind } = instrument;
  const hand = readHand(fields, instrument);
  if (!hand.ok) return { document: null, issues: hand.issues };
  const schools = schoolsOf(kind);
  const school = schools.find((school) => school === fields.school);
  const thumbFrom = typedNumber(fields.thumbFrom);
  const purpose = PURPOSES.find((purpose): purpose is Purpose => purpose === fields.purpose);
  const player: PlayerProfile['player'] = {
    ...(hand.value === null ? {} : { hand: hand.value }),
    ...(school ? { school } : {}),
    ...(school === 'thumb' && thumbFrom !== null ? { thumbFrom } : {}),
    ...(kind === 'bass' && fields.pivots ? { pivots: true } : {}),
    ...ownWays(kind, fields),
  };
  const profile: PlayerProfile = {
    kind,
    player,
    ...(purpose ? { purpose } : {}),
    ...(fields.positions.length > 0 ? { positions: [...fields.positions] } : {}),
  };
  return { document: playerDocument(fields.name.trim(), profile), issues: [] };
}

/**
 * Gives the instrument with which a player's measurements are compared: the player's own, else the usual one.
 *
 * @throws where the usual instrument does not read, which is a bug
 */
export function instrumentForPlayer(kindText: string, own: InstrumentSpec | null): Instrument {
  const kind = INSTRUMENT_KINDS.find((kind): kind is InstrumentKind => kind === kindText) ?? 'violin';
  const read = readInstrument(own?.kind === kind ? own : { kind });
  const usual = read.ok ? read : readInstrument({ kind });
  if (!usual.ok) throw new RangeError(`The usual ${kind} cannot be read`);
  return usual.value;
}

/**
 * Gives the player that the form makes of a record as long as nothing is typed, judged on the instrument that the record has: another that
 * is just being chosen is a change. Null where the form makes none.
 */
export function playerUntouched(record: PlayerRecord, instruments: readonly InstrumentRecord[]): PlayerDocument | null {
  const own = instruments.find(({ id }) => id === record.instrumentId);
  const instrument = instrumentForPlayer(record.document.profile.kind, own?.document.instrument ?? null);
  return readPlayerFields(playerFields(record.document, record), instrument).document;
}

/** Gives estimated spans to start measuring from, as fields. */
export function estimatedSpans(preset: HandPreset, instrument: Instrument): Record<(typeof SPANS)[number], SpanFields> {
  const { firstToFourth, thumbToThird } = presetHand(preset, instrument);
  const round = (span: { readonly comfortMm: number; readonly maxMm: number }): SpanFields => ({
    comfort: String(Math.round(span.comfortMm)),
    most: String(Math.round(span.maxMm)),
  });
  const thumb = instrument.kind === 'cello' || instrument.kind === 'bass';
  return {
    firstToFourth: round(firstToFourth),
    firstToSecond: { comfort: '', most: '' },
    thumbToThird: thumb ? round(thumbToThird) : { comfort: '', most: '' },
  };
}

function readHand(fields: PlayerFields, instrument: Instrument): Reading<HandMeasurements | null> {
  const distance = typedNumber(fields.fingerDistance);
  const tips = distance === null ? {} : { fingerDistanceMm: distance };
  const preset = HAND_PRESETS.find((preset) => preset === fields.source);
  if (fields.source === 'none') return goodReading(null);
  const spans = preset ? goodReading({}) : readSpans(fields);
  if (!spans.ok) return spans;
  const remarks = readRemarks(fields);
  if (!remarks.ok) return remarks;
  const measurements: HandMeasurements = { ...(preset ? { preset } : {}), ...spans.value, ...tips, ...remarks.value };
  const checked = readPlayerHand(measurements, instrument);
  return checked.ok ? goodReading(measurements) : checked;
}

/** Reads the remarks on a hand beside its spans. */
function readRemarks({ measuredOn, fourthFinger, arm, nails }: PlayerFields): Reading<HandMeasurements> {
  const fourth = FOURTH_FINGERS.find((finger) => finger === fourthFinger);
  const armMm = typedNumber(arm);
  const day = measuredOn.trim();
  if (day !== '' && !/^\d{4}-\d{2}-\d{2}$/.test(day)) {
    return badReading(instrumentIssue('day-unreadable', { text: day }, { pointer: '/player/hand/measuredOn' }));
  }
  if (armMm !== null && !(armMm >= ARM_MM.least && armMm <= ARM_MM.most)) {
    return badReading(instrumentIssue('arm-beyond-sense', { text: arm.trim(), ...ARM_MM }, { pointer: '/player/hand/armMm' }));
  }
  return goodReading({
    ...(day === '' ? {} : { measuredOn: day }),
    ...(fourth ? { fourthFinger: fourth } : {}),
    ...(armMm === null ? {} : { armMm }),
    ...(nails.trim() === '' ? {} : { nails: nails.trim().slice(0, 200) }),
  });
}

function readSpans({ spans }: PlayerFields): Reading<HandMeasurements> {
  const measurements: HandMeasurements = {};
  for (const name of SPANS) {
    const comfortMm = typedNumber(spans[name].comfort);
    const maxMm = typedNumber(spans[name].most);
    if (comfortMm === null && maxMm === null) continue;
    if (comfortMm === null || maxMm === null || Number.isNaN(comfortMm + maxMm)) {
      return badReading(
        instrumentIssue('span-incomplete', { span: `${spans[name].comfort} and ${spans[name].most}` }, { pointer: `/player/hand/${name}` }),
      );
    }
    measurements[name] = { comfortMm, maxMm };
  }
  return goodReading(measurements);
}

function textOf(value: number | undefined): string {
  return value === undefined ? '' : String(value);
}
