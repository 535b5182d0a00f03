import type { InstrumentKind } from '#core/instrument';
import { bassHand } from './bass-hand.ts';
import { celloHand } from './cello-hand.ts';
import type { HandModel } from './types.ts';
import type { School } from './schema.ts';
import { violinHand } from './violin-hand.ts';

/** The schools taught on an instrument, the usual one first. */
export function schoolsOf(kind: InstrumentKind): readonly [School, ...School[]] {
  switch (kind) {
    case 'violin':
    case 'viola':
      return ['standard'];
    case 'cello':
      return ['neck'];
    case 'bass':
      return ['124'];
  }
}

/** The hand that a school teaches. */
export function handOf(school: School): HandModel {
  switch (school) {
    case 'standard':
      return violinHand;
    case 'neck':
      return celloHand;
    case '124':
      return bassHand;
  }
}
