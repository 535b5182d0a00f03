import { useState } from 'react';
import { asCorrected, ofKind, setIn } from '#core/practice/log';
import { Button } from '../../ui/Button.tsx';
import { TextField } from '../../ui/fields/index.ts';
import { Heading } from '../../ui/Heading.tsx';
import { OpenedSection } from '../../ui/OpenedSection.tsx';
import type { Log } from './use-log.ts';

/** Lists what the teacher watches: ticked at the lesson, each with what to watch in a mirror or a film. */
export function PosturePoints({ log, now }: { readonly log: Log; readonly now: number }) {
  const { points } = setIn(log.all);
  const seen = ofKind(asCorrected(log.all), 'posture');
  const today = new Date(now).setHours(0, 0, 0, 0);
  return (
    <section aria-label="Posture">
      <Heading as="h3" className="mt-3">
        Posture
      </Heading>
      {points.length === 0 && <p className="text-dove-dark">No point is watched yet.</p>}
      <ul>
        {points.map(({ name, hint }) => {
          const last = seen.filter(({ point }) => point === name).at(-1);
          const isToday = last !== undefined && last.at >= today;
          const say = (good: boolean): void => void log.add({ kind: 'posture', point: name, good });
          return (
            <li key={name} className="flex flex-wrap items-baseline gap-x-3 py-0.5">
              <span className="min-w-0 grow">
                {name}
                {hint !== undefined && <span className="text-dove-dark"> · {hint}</span>}
              </span>
              {last && !isToday && <span className="text-[14px] text-dove-dark">last time {last.good ? 'good' : 'to watch'}</span>}
              {isToday && <span className="hidden print:inline">{last.good ? 'good' : 'to watch'}</span>}
              <Button className="no-print" aria-label={`${name}: good`} aria-pressed={isToday && last.good} onClick={() => say(true)}>
                Good
              </Button>
              <Button className="no-print" aria-label={`${name}: to watch`} aria-pressed={isToday && !last.good} onClick={() => say(false)}>
                To watch
              </Button>
            </li>
          );
        })}
      </ul>
      <div className="no-print">
        <OpenedSection title="Other points">{() => <OtherPoints log={log} />}</OpenedSection>
      </div>
    </section>
  );
}

/** The points that teachers watch, by the part of the body and the arm. */
const OFFERED = [
  'Left elbow under the instrument',
  'Left thumb loose',
  'Left wrist straight',
  'Nails of the left hand short',
  'Bow hold: right thumb bent',
  'Right elbow level with the bow',
  'Bow straight',
] as const;

function OtherPoints({ log }: { readonly log: Log }) {
  const { points } = setIn(log.all);
  const [name, setName] = useState('');
  const [hint, setHint] = useState('');
  const add = async (): Promise<void> => {
    const point = { name: name.trim().slice(0, 80), ...(hint.trim() === '' ? {} : { hint: hint.trim().slice(0, 160) }) };
    if (point.name === '' || points.some((value) => value.name === point.name)) return;
    setName('');
    setHint('');
    await log.add({ kind: 'points', points: [...points, point] });
  };
  return (
    <>
      <ul>
        {points.map((point) => (
          <li key={point.name} className="flex items-baseline gap-2">
            {point.name}
            <Button
              aria-label={`No longer watch: ${point.name}`}
              onClick={() => void log.add({ kind: 'points', points: points.filter((other) => other !== point) })}
            >
              No longer
            </Button>
          </li>
        ))}
      </ul>
      <div className="mt-1 flex flex-wrap items-end gap-2">
        <TextField aria-label="Point to watch" list="points" maxLength={80} value={name} onChange={({ target }) => setName(target.value)} />
        <datalist id="points">
          {OFFERED.map((point) => (
            <option key={point} value={point} />
          ))}
        </datalist>
        <TextField
          aria-label="What to watch in a mirror or a film"
          placeholder="in a mirror or a film"
          maxLength={160}
          value={hint}
          onChange={({ target }) => setHint(target.value)}
        />
        <Button onClick={() => void add()}>Watch it</Button>
      </div>
    </>
  );
}
