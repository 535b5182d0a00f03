import { type Brief, playerWays } from '#core/brief';
import type { InstrumentKind, InstrumentSpec } from '#core/instrument';
import { withTonicOnInstrument } from './material-edits.ts';

/** Another instrument: its own usual size and school, no limits of the old one, and a tonic that lies on it. */
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

/** What of a player holds on another instrument too: the name, an estimated hand, and how questions are answered. */
function ofAnyInstrument(player: NonNullable<Brief['player']>): NonNullable<Brief['player']> {
  const { name, hand } = player;
  const { bassHand: _, ...ways } = playerWays(player);
  return { ...(name === undefined ? {} : { name }), ...(hand?.preset ? { hand: { preset: hand.preset } } : {}), ...ways };
}

/** An instrument as measured; of another kind, the line moves to it as well as it can. */
export function withInstrumentSpec(brief: Brief, instrument: InstrumentSpec): Brief {
  const moved = brief.instrument.kind === instrument.kind ? brief : withInstrument(brief, instrument.kind);
  return { ...moved, instrument };
}

/** Another usual size: what was measured on the instrument before goes with it. */
export function withSize(brief: Brief, size: string): Brief {
  const { stringLengthMm: _, outerSpacingMm: __, pressingMm: ___, ...instrument } = brief.instrument;
  return { ...brief, instrument: { ...instrument, size } };
}

/** What the notes aim at. */
export function withIntonation(brief: Brief, change: NonNullable<Brief['intonation']>): Brief {
  return { ...brief, intonation: { ...brief.intonation, ...change } };
}
