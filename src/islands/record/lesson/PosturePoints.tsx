import { useState } from 'react';
import type { InstrumentKind } from '#core/instrument';
import { asCorrected, ofKind, setIn } from '#core/practice/log';
import { Button } from '../../../ui/Button.tsx';
import { TextField } from '../../../ui/fields/index.ts';
import { Heading } from '../../../ui/Heading.tsx';
import { OpenedSection } from '../../../ui/OpenedSection.tsx';
import { pointsOffered, POSTURE_DEFERS, USUAL_POINTS } from '../../../words/practice/posture.ts';
import { INSTRUMENT_LABELS } from '../../../words/studio/instruments.ts';
import type { Log } from '../use-log.ts';

interface PosturePointsProps {
  readonly log: Log;
  readonly now: number;
  /** The player's instrument; null where it is not known. */
  readonly kind: InstrumentKind | null;
}

/** Lists what the teacher watches: ticked at the lesson, each with what to watch in a mirror or a film. */
export function PosturePoints({ log, now, kind }: PosturePointsProps) {
  const { points } = setIn(log.all);
  const seen = ofKind(asCorrected(log.all), 'posture');
  const today = new Date(now).setHours(0, 0, 0, 0);
  return (
    <section aria-label="Posture">
      <Heading as="h3">Posture</Heading>
      {points.length === 0 && (
        <p className="flex flex-wrap items-center gap-x-3 text-dove-dark">
          No point is watched yet.
          {kind !== null && (
            <Button className="no-print" onClick={() => void log.add({ kind: 'points', points: [...USUAL_POINTS[kind]] })}>
              Begin with the usual points for the {INSTRUMENT_LABELS[kind]}
            </Button>
          )}
        </p>
      )}
      <ul className="grid gap-x-10 lg:grid-cols-2 print:grid-cols-2">
        {points.map(({ name, hint }) => {
          const last = seen.filter(({ point }) => point === name).at(-1);
          const isToday = last !== undefined && last.at >= today;
          const say = (good: boolean): void => void log.add({ kind: 'posture', point: name, good });
          return (
            <li key={name} className="flex flex-wrap items-baseline gap-x-3 py-0.5">
              <span className="min-w-48 flex-1">
                {name}
                {hint !== undefined && <span className="text-dove-dark"> · {hint}</span>}
              </span>
              <span className="flex shrink-0 items-baseline gap-x-2">
                {last && !isToday && <span className="text-[14px] text-dove-dark">last time {last.good ? 'good' : 'to watch'}</span>}
                {isToday && <span className="hidden print:inline">{last.good ? 'good' : 'to watch'}</span>}
                <Button className="no-print" aria-label={`${name}: good`} aria-pressed={isToday && last.good} onClick={() => say(true)}>
                  Good
                </Button>
                <Button
                  className="no-print"
                  aria-label={`${name}: to watch`}
                  aria-pressed={isToday && !last.good}
                  onClick={() => say(false)}
                >
                  To watch
                </Button>
              </span>
            </li>
          );
        })}
      </ul>
      <div className="no-print">
        <OpenedSection title="Other points">{() => <OtherPoints log={log} kind={kind} />}</OpenedSection>
      </div>
    </section>
  );
}

/** Adds points, from the usual ones or in the teacher's own words, and takes points away. */
function OtherPoints({ log, kind }: Pick<PosturePointsProps, 'log' | 'kind'>) {
  const { points } = setIn(log.all);
  const [name, setName] = useState('');
  const [hint, setHint] = useState('');
  const add = async (): Promise<void> => {
    const typed = name.trim().slice(0, 80);
    const watched = hint.trim().slice(0, 160) || pointsOffered(kind).find((offered) => offered.name === typed)?.hint;
    const point = { name: typed, ...(watched === undefined ? {} : { hint: watched }) };
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
          {pointsOffered(kind).map((point) => (
            <option key={point.name} value={point.name} />
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
      <p className="mt-1 text-[14px] text-dove-dark">{POSTURE_DEFERS}</p>
    </>
  );
}
