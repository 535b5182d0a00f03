import { useState } from 'react';
import { setIn } from '#core/practice/log';
import { fieldsTypedBefore, lessonField, useTyped } from '../../../state/typed.ts';
import { SuggestedField } from '../../../ui/fields/index.ts';
import { Heading } from '../../../ui/Heading.tsx';
import { AIMS_OFFERED } from '../../../words/practice/session.ts';
import type { Log } from '../use-log.ts';
import { isOnPage } from './is-on-page.ts';

/** Edits the aim of the next sessions. */
export function NextAim({ log }: { readonly log: Log }) {
  const { aim } = setIn(log.all);
  const place = lessonField('aim', log.whose.playerId);
  const [typed, setTyped] = useState(() => fieldsTypedBefore(place, { text: aim ?? '' }).text);
  useTyped(place, { text: typed }, typed === (aim ?? ''));
  return (
    <section aria-label="Next aim">
      <Heading as="h3">Next aim</Heading>
      <p className="hidden print:block">{aim ?? ''}</p>
      <SuggestedField
        key={aim}
        label="Next aim"
        suggestions={AIMS_OFFERED}
        value={typed}
        maxLength={80}
        className="no-print w-full max-w-xl"
        onType={setTyped}
        onLeave={(left) => {
          const text = left.trim();
          if (isOnPage() && text !== '' && text !== aim) void log.add({ kind: 'aim', text });
        }}
      />
    </section>
  );
}
