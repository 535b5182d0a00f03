import { Type } from '@sinclair/typebox';
import { goodReading } from '#core/result';
import { type LimitPart, NO_STEPS } from './limit-part.ts';

/** Tells whether natural harmonics may be chosen; a note marked as one is always a harmonic. */
export const harmonics: LimitPart<boolean> = {
  schema: Type.Boolean({ description: 'Natural harmonics may be chosen.' }),
  read: (allowed) => goodReading({ harmonics: allowed }),
  smallerSteps: () => NO_STEPS,
  words: {
    name: 'Harmonics',
    none: 'no harmonics',
    inSentence: (allowed) => (allowed ? 'harmonics' : ''),
    inPrint: (allowed) => (allowed ? 'harmonics' : ''),
    asked: () => 'natural harmonics',
    leftOut: 'harmonics',
    whole: 'natural harmonics',
  },
  control: {
    kind: 'switch',
    label: 'Natural harmonics may be used',
    hint: 'Touched at a half, a third or a quarter of the string.',
    isOn: (allowed) => allowed === true,
    turn: (on) => (on ? true : null),
  },
  stands: { in: 'rules' },
};
