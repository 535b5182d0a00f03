import { defaultSize, INSTRUMENT_KINDS, type InstrumentSpec, SIZES } from '#core/instrument';
import type { InstrumentRecord, PieceRecord } from '../../records/record.ts';
import { fingerboardName, instrumentLabel } from '../../words/studio/instruments.ts';
import { pieceTitle } from '../../words/piece/pieces.ts';

/** An instrument that may be taped: one of the studio, the one described in a piece, or any of a size. */
export interface TapeInstrument {
  /** The value in the address. */
  readonly value: string;
  /** The id of an instrument of the studio; null for any other. */
  readonly id: string | null;
  readonly name: string;
  readonly spec: InstrumentSpec;
}

/** Lists the instruments to choose from: the one the piece describes, then the studio, then every size there is. */
export function instrumentsOf(studio: readonly InstrumentRecord[], piece: PieceRecord | null): readonly TapeInstrument[] {
  return [
    ...(piece && !studio.some(({ id }) => id === piece.instrumentId) ? [instrumentOfPiece(piece)] : []),
    ...studio.map(({ id, document }) => ({ value: id, id, name: document.name || 'an unnamed instrument', spec: document.instrument })),
    ...INSTRUMENT_KINDS.flatMap((kind) =>
      SIZES[kind].map(({ size }) => ({
        value: `${kind} ${size}`,
        id: null,
        name: `any ${fingerboardName(kind, size)}`,
        spec: { kind, size },
      })),
    ),
  ];
}

function instrumentOfPiece({ id, document }: PieceRecord): TapeInstrument {
  const { brief } = document;
  return {
    value: `piece ${id}`,
    id: null,
    name: `the ${instrumentLabel(brief)} of “${pieceTitle(document)}”`,
    spec: { ...brief.instrument, size: brief.instrument.size ?? defaultSize(brief.instrument.kind) },
  };
}
