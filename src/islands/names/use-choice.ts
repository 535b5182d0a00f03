import type { Brief } from '#core/brief';
import type { InstrumentSpec } from '#core/instrument';
import type { QuizChoice } from '#core/quiz';
import { answerOf, useAsked, useEngine } from '../../engine/index.ts';
import { kindsOf, type QuizGroup } from '../../words/names/quiz.ts';
import { ADDRESS } from './address.ts';
import { ownParts } from './asked-of.ts';

interface Wanted {
  readonly brief: Brief;
  readonly playerId: string | null;
  readonly instrument: InstrumentSpec;
  readonly musicKey: string;
  /** The position; null for the first. */
  readonly position: string | null;
  readonly ask: QuizGroup;
  /** Whether the player's own keys and positions are asked. */
  readonly own: boolean;
}

/** The choice of what is asked, as far as it is known. */
interface ChoiceMade {
  /** The choice; null while the player's own pieces are looked through. */
  readonly choice: QuizChoice | null;
  readonly positions: readonly string[];
  readonly position: string;
  /** Whether the player's own pieces contain nothing to ask. */
  readonly nothingOwn: boolean;
}

/** Gives the choice of what a player is asked: the keys and positions of their own pieces, or one of each. */
export function useChoice(wanted: Wanted): ChoiceMade {
  const { brief, playerId, instrument, musicKey, own } = wanted;
  const maps = answerOf(useEngine(brief, { kind: 'atlas', key: musicKey }, !own));
  const asked = useAsked({ key: ['own parts', playerId, instrument], ask: (signal) => ownParts(playerId, instrument, signal) });
  const found = asked.state === 'failed' ? [] : answerOf(asked);
  const here = maps?.map((map) => map.position) ?? [];
  // Until the map is there, the address is believed, so that nothing is asked of another position first.
  const wantedHere = maps ? here.find((known) => known === wanted.position) : wanted.position;
  const position = wantedHere ?? firstOf(instrument);
  return {
    choice: own && found === null ? null : { parts: partsOf(wanted, position, found ?? []), kinds: kindsOf(wanted.ask) },
    position,
    positions: here.includes(position) ? here : [position, ...here],
    nothingOwn: own && found?.length === 0,
  };
}

function partsOf({ own, musicKey, instrument, ask }: Wanted, position: string, found: QuizChoice['parts']): QuizChoice['parts'] {
  if (own && found.length > 0) return found;
  const first = firstOf(instrument);
  if (own) return [{ key: ADDRESS.key.defaultValue, position: first, own: false }];
  // A shift needs two positions: first, or third where first is asked.
  const other = position === first ? (instrument.kind === 'bass' ? 'III' : '3') : first;
  const shifts = ask === 'shifts' ? [{ key: musicKey, position: other, own: false }] : [];
  return [{ key: musicKey, position, own: false }, ...shifts];
}

/** Names first position, as players of the instrument write it. */
function firstOf({ kind }: InstrumentSpec): string {
  return kind === 'bass' ? 'I' : '1';
}
