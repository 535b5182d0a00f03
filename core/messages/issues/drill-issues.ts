import { issuesAbout } from '../issue.ts';

/** Reports why a drill cannot be written. */
export const drillIssue = issuesAbout('drill', {
  /** Neither the shift nor one like it lies on the instrument in the key. */
  'no-such-shift': ({ key }: { readonly key: string }) => ({
    expected: 'a shift that this hand can make in the key',
    came: 'none',
    message: `This shift, or one like it, does not occur in ${key} on this instrument.`,
    hint: 'Choose another key, or start from another shift.',
  }),
  /** No note that a finger could pass lies between the fingers of a shift. */
  'no-guide': (_: object) => ({
    expected: 'a shift that passes a note on the way',
    came: 'none',
    message: 'This shift passes no note between these fingers.',
    hint: 'Choose another finger to arrive on, or another distance.',
  }),
  /** Nothing that was asked for lies on the instrument in the key. */
  'not-here': ({ key }: { readonly key: string }) => ({
    expected: 'a drill that this hand can play in the key',
    came: 'none',
    message: `No hand plays this drill in ${key} on this instrument.`,
    hint: 'Choose another position, string or key.',
  }),
});
