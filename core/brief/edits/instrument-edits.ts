import { type Brief, playerWays } from '#core/brief';
import type { InstrumentKind, InstrumentSpec } from '#core/instrument';
import { withTonicOnInstrument } from './material-edits.ts';

/** Changes the instrument: its usual size and school, none of the old limits, and a tonic that lies on it. */
export function withInstrument(brief: Brief, kind: InstrumentKind): Brief {
  const { limits, player, ...others } = brief;
  const openStrings = limits?.openStrings;
  return withTonicOnInstrument({
    ...others,
    instrument: { kind },
    ...(player ? { player: ofAnyInstrument(player) } : {}),
    ...(openStrings === undefined ? {} : { limits: { openStrings } }),
  });
}

/** Keeps what holds of a player on any instrument: the name, an estimated hand, and the answers to questions. */
function ofAnyInstrument(player: NonNullable<Brief['player']>): NonNullable<Brief['player']> {
  const { name, hand } = player;
  const { bassHand: _, ...ways } = playerWays(player);
  return { ...(name === undefined ? {} : { name }), ...(hand?.preset ? { hand: { preset: hand.preset } } : {}), ...ways };
}

/** Takes an instrument as it was measured; if it is of another kind, the line moves to it as well as it can. */
export function withInstrumentSpec(brief: Brief, instrument: InstrumentSpec): Brief {
  const moved = brief.instrument.kind === instrument.kind ? brief : withInstrument(brief, instrument.kind);
  return { ...moved, instrument };
}

/** Changes the usual size; measurements of the instrument before are dropped with it. */
export function withSize(brief: Brief, size: string): Brief {
  const { stringLengthMm: _, outerSpacingMm: __, pressingMm: ___, ...instrument } = brief.instrument;
  return { ...brief, instrument: { ...instrument, size } };
}

/** Sets the tuning that the notes aim at. */
export function withIntonation(brief: Brief, change: NonNullable<Brief['intonation']>): Brief {
  return { ...brief, intonation: { ...brief.intonation, ...change } };
}
