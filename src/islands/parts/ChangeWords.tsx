import type { Brief } from '#core/brief';
import { useEngine } from '../../engine/index.ts';
import { Answered } from '../../ui/states/index.ts';
import { changeEffects, setupChanges } from '../../words/studio/setup.ts';

/** Describes a change of player or instrument, and its effect on a piece: "string length 307 mm, was 300 mm. Notes 3, 4 are …". */
export function ChangeWords({ before, after }: { readonly before: Brief; readonly after: Brief }) {
  const changed = useEngine(after, { kind: 'what-changed', before });
  const told = setupChanges(before, after).join('; ');
  return (
    <>
      {told.charAt(0).toUpperCase()}
      {told.slice(1)}
      {told === '' ? '' : '. '}
      <Answered asked={changed} waiting="Working out what changes …">
        {(what) => <>{(what && changeEffects(what).join(' ')) || 'Its fingering stays as it is.'}</>}
      </Answered>
    </>
  );
}
