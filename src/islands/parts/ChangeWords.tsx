import type { Brief } from '#core/brief';
import { useEngine } from '../../engine/index.ts';
import { Answered } from '../../ui/states/index.ts';
import { tellNotesOfBrief } from '../../words/line/note-places.ts';
import { changeEffects, setupChanges } from '../../words/studio/setup.ts';

/** Describes a change of player or instrument, and its effect on a piece: "string length 307 mm. Measure 1, beat 2 (A4) is …". */
export function ChangeWords({ before, after }: { readonly before: Brief; readonly after: Brief }) {
  const changed = useEngine(after, { kind: 'what-changed', before });
  const told = setupChanges(before, after).join('; ');
  return (
    <>
      {told.charAt(0).toUpperCase()}
      {told.slice(1)}
      {told === '' ? '' : '. '}
      <Answered asked={changed} waiting="Working out what changes …">
        {(what) => <>{(what && changeEffects(what, tellNotesOfBrief(after)).join(' ')) || 'Its fingering stays as it is.'}</>}
      </Answered>
    </>
  );
}
