import { useMemo } from 'react';
import type { Instrument } from '#core/instrument';
import { mmFromNut } from '#core/instrument/geometry';
import type { LogEntry } from '#core/practice/log';
import { missesByPlace, type PlaceMisses } from '#core/trends';
import type { Plan } from '#core/plan/describe';
import { noteLabel } from '#core/pitch';
import { Heading } from '../../../ui/Heading.tsx';
import { OpenedSection } from '../../../ui/OpenedSection.tsx';
import { Table } from '../../../ui/Table.tsx';
import { DRAWN_WORDS, noteMissesText } from '../../../words/practice/record-drawn.ts';
import { BoardDrawing, type BoardMark } from '../../measurements/BoardDrawing.tsx';
import { boardScale } from '../../measurements/board-geometry.ts';
import { instrumentLike } from '../../parts/index.ts';
import { useWidth } from '../../../ui/use-width.ts';

interface MissedOnBoardProps {
  readonly entries: readonly LogEntry[];
  readonly plans: ReadonlyMap<string, Plan>;
}

/** The largest ground under a finger, px. */
const LARGEST = 24;

/** Shows on the fingerboard where it was missed, with which finger, all pieces of the instrument together. */
export function MissedOnBoard({ entries, plans }: MissedOnBoardProps) {
  const [into, width] = useWidth();
  const [first] = plans.values();
  const instrument = useMemo(() => first && instrumentLike(first.brief.instrument), [first]);
  const places = useMemo(() => (instrument ? missesByPlace(entries, plans, instrument) : []), [entries, plans, instrument]);
  if (!instrument || places.length === 0) return null;
  const most = Math.max(1, ...places.map(({ missed }) => missed));
  return (
    <section aria-label={DRAWN_WORDS.onBoard} className="min-w-0">
      <Heading>{DRAWN_WORDS.onBoard}</Heading>
      <div ref={into} className="overflow-x-auto">
        {width > 0 && (
          <BoardDrawing
            instrument={instrument}
            scale={boardScale(instrument, Math.max(320, width), 1)}
            label={DRAWN_WORDS.onBoard}
            marks={places.map((place) => markOf(place, instrument, most))}
            touches={[]}
            ticks={[]}
            band={null}
            ringing={new Set()}
          />
        )}
      </div>
      <p className="text-[14px] text-dove-dark">{DRAWN_WORDS.onBoardLegend}</p>
      <OpenedSection title="Table of the places" className="mt-1">
        {() => <PlacesTable places={places} instrument={instrument} />}
      </OpenedSection>
    </section>
  );
}

function markOf({ stringIndex, semitonesAboveOpen, fingers, missed }: PlaceMisses, instrument: Instrument, most: number): BoardMark {
  return {
    id: `${stringIndex} ${semitonesAboveOpen}`,
    stringIndex,
    mm: mmFromNut(instrument.stringLengthMm, semitonesAboveOpen),
    text: missed > 0 ? (fingers[0] ?? '') : '',
    // Areas tell numbers, so the radius goes with the root.
    ground: Math.sqrt(missed / most) * LARGEST,
    look: missed > 0 ? 'plays' : 'key',
    rings: false,
  };
}

function PlacesTable({ places, instrument }: { readonly places: readonly PlaceMisses[]; readonly instrument: Instrument }) {
  return (
    <Table>
      <thead>
        <tr>
          <th scope="col">String</th>
          <th scope="col">Above the open string</th>
          <th scope="col">Fingers</th>
          <th scope="col">Missed</th>
        </tr>
      </thead>
      <tbody>
        {places
          .filter(({ missed }) => missed > 0)
          .toSorted((one, other) => other.missed - one.missed)
          .map((place) => (
            <tr key={`${place.stringIndex} ${place.semitonesAboveOpen}`}>
              <td>{noteLabel(instrument.strings[place.stringIndex]?.name ?? '')}</td>
              <td>{place.semitonesAboveOpen === 0 ? 'open' : `${place.semitonesAboveOpen} semitones`}</td>
              <td>{place.fingers.join(', ')}</td>
              <td>{noteMissesText(place)}</td>
            </tr>
          ))}
      </tbody>
    </Table>
  );
}
