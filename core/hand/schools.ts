import type { InstrumentKind } from '#core/instrument';
import type { HandSchool } from './school.ts';

/** Lists the schools taught on an instrument, the usual one first. */
export function schoolsOf(kind: InstrumentKind): readonly [HandSchool, ...HandSchool[]] {
  switch (kind) {
    case 'violin':
    case 'viola':
      return ['standard'];
    case 'cello':
      return ['neck', 'thumb'];
    case 'bass':
      return ['124', '1234', 'thumb'];
  }
}
