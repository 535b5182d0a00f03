import type { APIRoute } from 'astro';
import { DEMO_PIECES } from '../../demo/pieces.ts';
import { DEMO_STUDIO } from '../../demo/studio.ts';
import { readPieceValue } from '../../validation/piece-value.ts';
import { readInstrumentValue, readPlayerValue } from '../../validation/setup-values.ts';

/** The demo's pieces, instruments and players as documents, those that pass their check. */
export const GET: APIRoute = () =>
  Response.json({
    pieces: DEMO_PIECES.filter((piece) => readPieceValue(piece).ok),
    studio: DEMO_STUDIO.filter(({ instrument, player }) => readInstrumentValue(instrument).ok && readPlayerValue(player).ok),
  });
