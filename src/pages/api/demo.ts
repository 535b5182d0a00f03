import type { APIRoute } from 'astro';
import { DEMO_PIECES } from '../../demo/pieces.ts';
import { readPieceValue } from '../../validation/piece-value.ts';

/** The demo pieces as documents, those that pass their check. */
export const GET: APIRoute = () => Response.json(DEMO_PIECES.filter((piece) => readPieceValue(piece).ok));
