import { useCallback } from 'react';
import type { Brief } from '#core/plan';
import { changeEffects, setupChanges } from '../words/setup.ts';
import { advisor } from '../workers/client.ts';
import { useAnswer } from './use-answer.ts';

/** What a change of player or instrument is, and what it does to a piece: "string length 307 mm, was 300 mm. Notes 3, 4 are …". */
export function ChangeWords({ before, after }: { readonly before: Brief; readonly after: Brief }) {
  const changed = useAnswer(
    useCallback(async () => {
      const what = await advisor.whatChanged(before, after);
      return what ? changeEffects(what) : [];
    }, [before, after]),
  );
  const told = setupChanges(before, after).join('; ');
  return (
    <>
      {told.charAt(0).toUpperCase()}
      {told.slice(1)}
      {told === '' ? '' : '. '}
      {changed === null ? 'Looking at what changes …' : changed.length === 0 ? 'Its fingering stays as it is.' : changed.join(' ')}
    </>
  );
}
