import { type Instrument, type InstrumentSpec, readInstrument } from '#core/instrument';

/**
 * Reads an instrument as it is described; one whose description does not read becomes the usual one of its kind.
 *
 * @throws where the usual instrument does not read, which is a bug
 */
export function instrumentLike(spec: InstrumentSpec): Instrument {
  const own = readInstrument(spec);
  const read = own.ok ? own : readInstrument({ kind: spec.kind });
  if (!read.ok) throw new RangeError(`The usual ${spec.kind} cannot be read`);
  return read.value;
}
