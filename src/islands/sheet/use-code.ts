import { useSyncExternalStore } from 'react';
import type { Brief } from '#core/brief';
import { briefOfNobody } from '#core/brief/edits';
import { type Asked, engine, useAsked } from '../../engine/index.ts';
import type { CodeToScan } from '../../printing/index.ts';
import { addressForCodes, followAddress } from '../../state/paper/index.ts';

/** The side of a square of the code, which every camera reads from paper, and the smallest side of a code, mm. */
const SQUARE_MM = 0.5;
const SMALLEST_MM = 22;

/** The white squares around a code, on both sides. */
const AROUND = 8;

/** The most squares a row may have to be read from a sheet. */
const MOST_SQUARES = 117;

/** A code, or the reason why there is none. */
export type CodeOrNot = CodeToScan | 'not wanted' | 'own machine' | 'too long';

/** Gives the code that opens a piece on the stand of another device. */
export function useCode(brief: Brief | null, wanted: boolean): Asked<CodeOrNot> {
  const address = useSyncExternalStore(followAddress, addressForCodes);
  return useAsked({
    key: ['code', brief && engine.sessionOf(brief), wanted, address],
    ask: async (): Promise<CodeOrNot> => {
      if (!wanted || !brief) return 'not wanted';
      return address === null ? 'own machine' : await codeFor(brief, address);
    },
  });
}

async function codeFor(brief: Brief, address: string): Promise<CodeOrNot> {
  const [{ create }, { briefToText }] = await Promise.all([import('qrcode'), import('../../files/brief-link.ts')]);
  const link = `${address}/practise#brief=${await briefToText(briefOfNobody(brief))}`;
  const squares = squaresOf(create, link);
  if (squares === null || squares.length > MOST_SQUARES) return 'too long';
  return { rows: squares, link, sideMm: Math.max(SMALLEST_MM, (squares.length + AROUND) * SQUARE_MM) };
}

/** Draws a link as rows of squares; null where no code is large enough for it. */
function squaresOf(create: typeof import('qrcode').create, link: string): readonly (readonly boolean[])[] | null {
  try {
    const { modules } = create(link, { errorCorrectionLevel: 'L' });
    const row = Array.from({ length: modules.size }, (_, index) => index);
    return row.map((y) => row.map((x) => modules.get(y, x) === 1));
  } catch {
    return null;
  }
}
