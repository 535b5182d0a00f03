import { type DrillFamily, LIFT_TIMES, movableFingers, POSITION_SETS } from '#core/drill/families';
import { fingersOf } from '#core/drill';
import { LabelledChoice } from '../../ui/fields/LabelledChoice.tsx';
import { INSIDE_WORDS, positionText } from '../../words/drills/families.ts';
import { type AsksProps, positionsFor } from './first-request.ts';

/** Edits the request for a drill inside a position: the position, and the music played there. */
export function InPositionFields({ asks, place, onChange }: AsksProps) {
  return (
    <>
      {'position' in asks && asks.position !== null && (
        <LabelledChoice
          label="Position"
          value={asks.position}
          among={IN_THUMB_TOO.includes(asks.family) ? place.hand.positionLabels : positionsFor(place)}
          nameOf={positionText}
          onChoose={(position) => onChange({ ...asks, position })}
        />
      )}
      {asks.family === 'position' && (
        <LabelledChoice
          label="Played"
          value={asks.set}
          among={POSITION_SETS}
          nameOf={(set) => INSIDE_WORDS[set]}
          onChoose={(set) => onChange({ ...asks, set })}
        />
      )}
      {asks.family === 'two-places' && (
        <LabelledChoice
          label="Finger"
          value={asks.finger}
          among={movableFingers(place.instrument.kind, asks.position, fingersOf(place.hand))}
          nameOf={(finger) => finger}
          onChoose={(finger) => onChange({ ...asks, finger })}
        />
      )}
      {asks.family === 'lift-and-replace' && (
        <LabelledChoice
          label="First by itself"
          value={asks.times ?? LIFT_TIMES[0]}
          among={LIFT_TIMES}
          nameOf={(times) => (times === 0 ? 'no' : `${times} times`)}
          onChoose={(times) => onChange({ ...asks, times })}
        />
      )}
    </>
  );
}

/** The families that are written for thumb position, too. */
const IN_THUMB_TOO: readonly DrillFamily['family'][] = [
  'position',
  'two-places',
  'first-and-fourth',
  'blocks',
  'hovering',
  'chords',
  'open-string',
];
