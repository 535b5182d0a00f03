import type { PracticePart } from '#core/practice/item';
import { Button } from '../../../ui/Button.tsx';
import { putInNow } from './put-in-now.ts';

/** Puts a part of the piece, or all of it, into today’s session or the week. */
export function PutInButtons({ part }: { readonly part: PracticePart }) {
  return (
    <>
      <Button onClick={() => putInNow('session', part)}>Put it in today’s session</Button>
      <Button onClick={() => putInNow('week', part)}>Put it in the week</Button>
    </>
  );
}
