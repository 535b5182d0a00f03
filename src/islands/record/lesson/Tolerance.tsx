import { useState } from 'react';
import { setIn } from '#core/practice/log';
import { FIRST_TOLERANCE, proposedTolerance } from '#core/trends';
import { fieldsTypedBefore, lessonField, useTyped } from '../../../state/typed.ts';
import { Button } from '../../../ui/Button.tsx';
import { TextField } from '../../../ui/fields/index.ts';
import { Heading } from '../../../ui/Heading.tsx';
import type { Log } from '../use-log.ts';

/** Sets the tolerance, with the proposed one. */
export function Tolerance({ log, now }: { readonly log: Log; readonly now: number }) {
  const { tolerance } = setIn(log.all);
  const { cents, since, tried } = tolerance ?? { cents: FIRST_TOLERANCE, since: now, tried: [] };
  const proposed = proposedTolerance({ cents, since, tries: tried.length, good: tried.filter(({ miss }) => miss === null).length }, now);
  return (
    <section aria-label="Tolerance">
      <Heading as="h3">Tolerance</Heading>
      <div className="flex flex-wrap items-center gap-x-1.5">
        <span>In tune is within</span>
        <ToleranceField key={cents} log={log} cents={cents} />
        <span>cents{tolerance ? '' : ', where every player begins'}.</span>
        {proposed === cents ? (
          <span className="text-dove-dark">It stays for now.</span>
        ) : (
          <Button onClick={() => void log.add({ kind: 'tolerance', cents: proposed })}>Set it to {proposed} cents</Button>
        )}
      </div>
    </section>
  );
}

/** Edits the tolerance: it is entered when its field is left, and there again when the page was closed before. */
function ToleranceField({ log, cents }: { readonly log: Log; readonly cents: number }) {
  const place = lessonField('tolerance', log.whose.playerId);
  const [text, setText] = useState(() => fieldsTypedBefore(place, { text: String(cents) }).text);
  useTyped(place, { text }, text === String(cents));
  const enter = (): void => {
    const typed = Number(text);
    if (Number.isInteger(typed) && typed >= 1 && typed <= 100 && typed !== cents) void log.add({ kind: 'tolerance', cents: typed });
  };
  return (
    <>
      <TextField
        type="number"
        aria-label="Tolerance in cents"
        className="no-print w-16"
        min={1}
        max={100}
        value={text}
        onChange={({ target }) => setText(target.value)}
        onBlur={enter}
      />
      <span className="hidden print:inline">{cents}</span>
    </>
  );
}
