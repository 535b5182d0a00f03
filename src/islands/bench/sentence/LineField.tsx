import { lazy, useState } from 'react';
import type { Brief } from '#core/brief';
import { typeLine } from '../../../state/edits/brief-actions.ts';
import { Button } from '../../../ui/Button.tsx';
import { Part } from '../../../ui/states/Boundary.tsx';
import { ENTERING } from '../../../words/entering.ts';
import { LineText } from './LineText.tsx';

const EnterNotes = lazy(async () => ({ default: (await import('./EnterNotes.tsx')).EnterNotes }));

/** The line of one's own: what reads of it is planned as it is typed, or entered otherwise. */
export function LineField({ text, kind }: { readonly text: string; readonly kind: Brief['instrument']['kind'] }) {
  const [entering, setEntering] = useState(false);
  return (
    <>
      <LineText text={text} bass={kind === 'bass'} onType={typeLine} />
      {entering ? (
        <Part>
          <EnterNotes kind={kind} onClose={() => setEntering(false)} />
        </Part>
      ) : (
        <Button className="mt-1" onClick={() => setEntering(true)}>
          {ENTERING.title}
        </Button>
      )}
    </>
  );
}
