import { useEffect, useMemo, useState } from 'react';
import { cutOffAt, dueNotes } from '#core/listening';
import {
  type ArrivalMiss,
  arrivalsOf,
  chromaticOctaves,
  driftOf,
  isThisLine,
  missesOf,
  missGroups,
  type NoteMiss,
  samePitches,
  weakPlaces,
} from '#core/listening/report';
import { playSamples, stopPlaying } from '../../audio/index.ts';
import { useLogPages } from '../../state/practice/index.ts';
import { Button, ButtonLink } from '../../ui/Button.tsx';
import { OptionChoice } from '../../ui/fields/index.ts';
import { Heading } from '../../ui/Heading.tsx';
import { Volume2 } from '../../ui/icons.ts';
import { PageSteps } from '../../ui/NextSteps.tsx';
import { OpenedSection } from '../../ui/OpenedSection.tsx';
import { Notice } from '../../ui/states/index.ts';
import {
  chromaticOctaveText,
  cutOffText,
  driftText,
  GROUPS_TAKEN,
  heardText,
  KEEPING,
  landingsText,
  samePitchText,
  SHIFTS_TAKEN,
  TAKE_PAGE,
  weakText,
} from '../../words/intonation/takes.ts';
import { tellNotesOfPlan } from '../../words/line/note-places.ts';
import { type PlannedPiece, titleOfPlanned } from '../opened-piece/index.ts';
import { PathScore } from '../score/index.ts';
import { besideTarget } from './beside-target.ts';
import { CentsUnderStaff } from './CentsUnderStaff.tsx';
import { GroupTable } from './GroupTable.tsx';
import { KeepTake } from './KeepTake.tsx';
import { LANE_HEIGHT, MissLane } from './MissLane.tsx';
import { PitchTraces } from './PitchTraces.tsx';
import { ShiftTable } from './ShiftTable.tsx';
import { TakeTable } from './TakeTable.tsx';
import { type EarlierTake, useEarlier } from './use-earlier.ts';
import type { ReadTake, TakeOfVisit } from '../../state/takes/index.ts';

interface TakeReadProps {
  readonly piece: PlannedPiece;
  readonly take: ReadTake;
  /** The takes of this visit, this one too, the latest first. */
  readonly visit: readonly TakeOfVisit[];
  readonly toleranceCents: number;
}

/** Shows what was read of a take: in sentences, on staff and path, and note by note. */
export function TakeRead({ piece, take, visit, toleranceCents }: TakeReadProps) {
  const { plan, id, playerId } = piece;
  const { sound, reading, simulated } = take;
  const due = useMemo(() => dueNotes(plan), [plan]);
  const misses = useMemo(() => missesOf(plan, due, reading, toleranceCents), [plan, due, reading, toleranceCents]);
  const arrivals = useMemo(() => arrivalsOf(plan, due, reading, toleranceCents), [plan, due, reading, toleranceCents]);
  const log = useLogPages({ playerId, name: plan.brief.player?.name ?? '' });
  const earlier = useEarlier(plan, { pieceId: id, pages: log.pages, visit, shown: reading });
  const [overId, setOver] = useState('none');
  const over = earlier.find((one) => one.id === overId) ?? null;
  const isLine = isThisLine(due, reading, misses);
  const notKept = simulated ? KEEPING.simulated : isLine ? null : KEEPING.notThisLine;
  return (
    <section aria-label="What was heard">
      <PageSteps>
        <Button onClick={() => playSamples(Float32Array.from(sound.samples), sound.sampleRate)}>
          <Volume2 size={15} aria-hidden="true" /> Hear the take
        </Button>
        <ButtonLink href={drillOf(id, misses)}>Drill the worst place</ButtonLink>
      </PageSteps>
      <TakeInSentences piece={piece} take={take} misses={misses} arrivals={arrivals} isThisLine={isLine} />
      <KeepTake
        piece={{ id, title: titleOfPlanned(piece), player: plan.brief.player?.name ?? '' }}
        sound={sound}
        misses={misses}
        leftOut={reading.leftOut.length}
        toleranceCents={toleranceCents}
        notKept={notKept}
        log={log}
      />
      <ComparedWith earlier={earlier} over={over} onChoose={setOver} />
      <PathScore
        plan={plan}
        name="the take"
        drawn={{
          below: { height: LANE_HEIGHT, draw: (beads) => <MissLane beads={beads} misses={misses} earlier={over} /> },
          onPath: (beads, scale) => (
            <PitchTraces beads={beads} scale={scale} misses={misses} trace={reading.trace} stringLengthMm={plan.stringLengthMm} />
          ),
          underStaff: (heads, y) => <CentsUnderStaff heads={heads} y={y} misses={misses} />,
        }}
      />
      <p className="text-sm text-dove-dark">{TAKE_PAGE.trace}</p>
      <TakeTables piece={piece} take={take} misses={misses} arrivals={arrivals} />
    </section>
  );
}

interface ComparedWithProps {
  readonly earlier: readonly EarlierTake[];
  readonly over: EarlierTake | null;
  readonly onChoose: (id: string) => void;
}

/** Chooses the take of the record with which this one is compared. */
function ComparedWith({ earlier, over, onChoose }: ComparedWithProps) {
  if (earlier.length === 0) return null;
  const options = [
    { value: 'none', name: 'no earlier take' },
    ...earlier.map(({ id, name }) => ({ value: id, name: `the take of ${name}` })),
  ];
  return (
    <p className="mt-2 font-serif text-[17px]">
      Compared with{' '}
      <OptionChoice label="The earlier take it is compared with" value={over?.id ?? 'none'} options={options} onChange={onChoose} />.
    </p>
  );
}

/** Gives the address of the drill for what lies furthest out: of the weak place that is surest, or of the whole take. */
function drillOf(pieceId: string, misses: readonly NoteMiss[]): string {
  const [weak] = weakPlaces(misses);
  const off = misses.filter(
    ({ side, doubtful, note }) => side !== null && side !== 'in tune' && !doubtful && (!weak || weak.notes.includes(note)),
  );
  const worst = off.reduce<NoteMiss | null>((most, miss) => (Math.abs(miss.mm ?? 0) > Math.abs(most?.mm ?? 0) ? miss : most), null);
  if (worst === null) return `/drills?piece=${pieceId}`;
  return `/drills?piece=${pieceId}${worst.due.shift ? `&shift=${worst.note}` : `&part=spots&spot=${worst.note}`}`;
}

interface ReadPartProps {
  readonly piece: PlannedPiece;
  readonly take: ReadTake;
  readonly misses: readonly NoteMiss[];
  readonly arrivals: readonly ArrivalMiss[];
}

/** Tells what was played and what to work on. */
function TakeInSentences({ piece: { plan }, take, misses, arrivals, isThisLine }: ReadPartProps & { readonly isThisLine: boolean }) {
  const { reading, sound } = take;
  const due = useMemo(() => dueNotes(plan), [plan]);
  const cutOff = useMemo(() => cutOffText(cutOffAt(sound)), [sound]);
  const tell = tellNotesOfPlan(plan);
  const leftOut = reading.leftOut.flatMap((order) => due[order]?.note ?? []);
  const sentences = heardText(misses, leftOut, due.length, tell);
  const chromatic = chromaticOctaves(due, reading).map((octave) => chromaticOctaveText(octave, tell));
  const same = samePitches(misses).slice(0, MOST_PITCHES);
  return (
    <div className="grid gap-x-10 gap-y-2 md:grid-cols-2">
      <div>
        <Heading>What was played</Heading>
        {(isThisLine ? [...sentences, ...chromatic] : sentences.slice(0, 1)).map((sentence) => (
          <p key={sentence}>{sentence}</p>
        ))}
        {cutOff !== null && <p>{cutOff}</p>}
      </div>
      {isThisLine ? (
        <div>
          <WeakList plan={plan} misses={misses} landings={landingsText(arrivals)} />
          {same.map((pitch) => (
            <p key={pitch.written}>{samePitchText(pitch, plan)}</p>
          ))}
          <p className="text-sm text-dove-dark">{TAKE_PAGE.caution}</p>
        </div>
      ) : (
        <Notice className="h-fit" trouble>
          {TAKE_PAGE.notThisLine}
        </Notice>
      )}
    </div>
  );
}

/** The most pitches that are told to differ from themselves. */
const MOST_PITCHES = 3;

interface WeakListProps extends Pick<PlannedPiece, 'plan'> {
  readonly misses: readonly NoteMiss[];
  readonly landings: string | null;
}

function WeakList({ plan, misses, landings }: WeakListProps) {
  const weak = useMemo(() => weakPlaces(misses), [misses]);
  const drift = useMemo(() => driftOf(misses), [misses]);
  return (
    <>
      <Heading>What to work on</Heading>
      {drift && <p>{driftText(drift)}</p>}
      {weak.length === 0 && !drift && <p>{TAKE_PAGE.nothingWeak}</p>}
      {landings !== null && <p>{landings}</p>}
      {weak.map((place) => (
        <p key={JSON.stringify(place.group)}>{weakText(place, plan)}</p>
      ))}
    </>
  );
}

/** Shows a take in tables: its shifts, its groups, and note by note; every note is heard beside its target, or over and over. */
function TakeTables({ piece: { plan }, take: { sound }, misses, arrivals }: ReadPartProps) {
  const [looped, setLooped] = useState<NoteMiss | null>(null);
  useEffect(() => stopPlaying, []);
  const hear = ({ heard, due: { hz } }: NoteMiss): void => {
    setLooped(null);
    playSamples(besideTarget(sound, { from: heard.at, to: heard.until, hz }), sound.sampleRate);
  };
  const loop = (miss: NoteMiss): void => {
    const { at, until } = miss.heard;
    setLooped(looped === miss ? null : miss);
    if (looped === miss) stopPlaying();
    else playSamples(Float32Array.from(sound.samples.subarray(at * sound.sampleRate, until * sound.sampleRate)), sound.sampleRate, true);
  };
  return (
    <>
      {arrivals.length > 0 && (
        <OpenedSection title={SHIFTS_TAKEN.title} opened>
          {() => <ShiftTable plan={plan} arrivals={arrivals} />}
        </OpenedSection>
      )}
      <OpenedSection title={GROUPS_TAKEN.title}>{() => <GroupTable plan={plan} groups={missGroups(plan, misses)} />}</OpenedSection>
      <TakeTable plan={plan} misses={misses} looped={looped} onHear={hear} onLoop={loop} />
    </>
  );
}
