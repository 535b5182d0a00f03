import { type Alteration, type Written } from '../drill.ts';
import { fingered, fingersOf, type Ground, stringNamed } from '../standings.ts';
import type { FamilyOf } from './request.ts';
import { fingerIn, insertedNote } from './written.ts';

/**
 * Every finger onto every finger, from one position to another and back, string by string: first each finger onto itself, then
 * onto the others. A finger without a note in the key plays the note under it, which is said.
 */
export function matrix(ground: Ground, { strings, from, to, fingers }: FamilyOf<'matrix'>): Written {
  const each = fingersOf(ground.hand);
  const same = each.map((finger) => [finger, finger] as const);
  const mixed = each.flatMap((one) => each.filter((other) => other !== one).map((other) => [one, other] as const));
  const pairs = { same, mixed, all: [...same, ...mixed] }[fingers];
  const found = strings
    .map((open) => stringNamed(ground.instrument, open))
    .flatMap((string) =>
      pairs.flatMap(([leaves, arrives]) => {
        const [left, reached] = [fingerIn(ground, string, from, leaves), fingerIn(ground, string, to, arrives)];
        return left && reached ? [{ left, reached }] : [];
      }),
    );
  const measures = found.map(({ left, reached }) => [fingered(left.stands), fingered(reached.stands), fingered(left.stands)]);
  const inserted = found.flatMap(({ left, reached }) =>
    [left, reached].filter(({ inKey }) => !inKey).map(({ stands }) => insertedNote(stands)),
  );
  return { measures, altered: eachOnce(inserted) };
}

function eachOnce(altered: readonly Alteration[]): readonly Alteration[] {
  const names = altered.map((each) => JSON.stringify(each));
  return altered.filter((_, order) => names.indexOf(names[order] ?? '') === order);
}
