import type { PracticePart } from '#core/practice/item';
import { Button } from '../../../ui/Button.tsx';
import { PUT_IN_WORDS } from '../../../words/practice/put-in.ts';
import { putInNow } from './put-in-now.ts';

/** Puts a part of the piece, or all of it, into today’s session or the week. */
export function PutInButtons({ part }: { readonly part: PracticePart }) {
  return (
    <>
      <Button onClick={() => putInNow('session', part)}>{PUT_IN_WORDS.session}</Button>
      <Button onClick={() => putInNow('week', part)}>{PUT_IN_WORDS.week}</Button>
    </>
  );
}
