import { useMemo } from 'react';
import { dueNotes } from '#core/listening';
import type { Sound, TakeReading } from '#core/listening/reading';
import { missesOf, type NoteMiss, weakPlaces } from '#core/listening/report';
import type { Plan } from '#core/plan/describe';
import { playSamples } from '../../audio/index.ts';
import { Button, ButtonLink } from '../../ui/Button.tsx';
import { Heading } from '../../ui/Heading.tsx';
import { Volume2 } from '../../ui/icons.ts';
import { PageSteps } from '../../ui/NextSteps.tsx';
import { heardText, TAKE_PAGE, weakText } from '../../words/intonation/takes.ts';
import { tellNotesOfPlan } from '../../words/line/note-places.ts';
import { Notice } from '../../ui/states/index.ts';
import { PathScore } from '../score/index.ts';
import { besideTarget } from './beside-target.ts';
import { LANE_HEIGHT, MissLane } from './MissLane.tsx';
import { TakeTable } from './TakeTable.tsx';

interface TakeReadProps {
  readonly plan: Plan;
  readonly pieceId: string;
  readonly sound: Sound;
  readonly reading: TakeReading;
  readonly toleranceCents: number;
}

/** The notes that are right at least, and their share of those heard, where it is this line that was played. */
const KNOWN_FROM = { notes: 3, share: 0.5 } as const;

/** Shows what was read of a take: in sentences, under the path, and note by note. */
export function TakeRead({ plan, pieceId, sound, reading, toleranceCents }: TakeReadProps) {
  const due = useMemo(() => dueNotes(plan), [plan]);
  const misses = useMemo(() => missesOf(plan, due, reading, toleranceCents), [plan, due, reading, toleranceCents]);
  const right = new Set(misses.filter(({ side, doubtful }) => side !== null && !doubtful).map(({ note }) => note));
  const isThisLine = right.size >= Math.min(KNOWN_FROM.notes, due.length) && right.size >= KNOWN_FROM.share * misses.length;
  const leftOut = reading.leftOut.flatMap((order) => due[order]?.note ?? []);
  const sentences = heardText(misses, leftOut, due.length, tellNotesOfPlan(plan));
  const hear = ({ heard, due: { hz } }: NoteMiss): void =>
    playSamples(besideTarget(sound, { from: heard.at, to: heard.until, hz: hz[0] ?? 440 }), sound.sampleRate);
  return (
    <section aria-label="What was heard">
      <PageSteps>
        <Button onClick={() => playSamples(Float32Array.from(sound.samples), sound.sampleRate)}>
          <Volume2 size={15} aria-hidden="true" /> Hear the take
        </Button>
        <ButtonLink href={`/drills?piece=${pieceId}`}>Drill it</ButtonLink>
      </PageSteps>
      <div className="grid gap-x-10 gap-y-2 md:grid-cols-2">
        <div>
          <Heading>What was played</Heading>
          {(isThisLine ? sentences : sentences.slice(0, 1)).map((sentence) => (
            <p key={sentence}>{sentence}</p>
          ))}
        </div>
        {isThisLine ? (
          <WeakList plan={plan} misses={misses} />
        ) : (
          <Notice className="h-fit" trouble>
            {TAKE_PAGE.notThisLine}
          </Notice>
        )}
      </div>
      <PathScore plan={plan} name="the take" below={{ height: LANE_HEIGHT, draw: (beads) => <MissLane beads={beads} misses={misses} /> }} />
      <TakeTable plan={plan} misses={misses} onHear={hear} />
    </section>
  );
}

function WeakList({ plan, misses }: Pick<TakeReadProps, 'plan'> & { readonly misses: readonly NoteMiss[] }) {
  const weak = useMemo(() => weakPlaces(misses), [misses]);
  return (
    <div>
      <Heading>What to work on</Heading>
      {weak.length === 0 && <p>{TAKE_PAGE.nothingWeak}</p>}
      {weak.map((place) => (
        <p key={JSON.stringify(place.group)}>{weakText(place, plan)}</p>
      ))}
      <p className="text-sm text-dove-dark">{TAKE_PAGE.caution}</p>
    </div>
  );
}
