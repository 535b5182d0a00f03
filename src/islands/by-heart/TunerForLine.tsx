import { useMemo, useState } from 'react';
import { centsOfRatio } from '#core/intonation';
import { pitchLabel } from '#core/pitch';
import type { Plan } from '#core/plan/describe';
import type { NoteGroup } from '#core/practice/item';
import { performanceOf } from '#core/sound';
import { Button } from '../../ui/Button.tsx';
import { NO_MICROPHONE } from '../../words/intonation/tuner.ts';
import { Meter } from '../tuner/Meter.tsx';
import { useMicrophone } from '../tuner/use-microphone.ts';

interface TunerForLineProps {
  readonly plan: Plan;
  readonly group: NoteGroup;
}

interface Target {
  readonly name: string;
  readonly hz: number;
}

/** The tuner beside a line: each sound is compared with the nearest note of the line, in the tuning of the line. */
export function TunerForLine({ plan, group }: TunerForLineProps) {
  const [wanted, setWanted] = useState(false);
  const listening = useMicrophone(wanted);
  const targets = useMemo(() => targetsOf(plan, group), [plan, group]);
  const heard = listening?.state === 'open' ? listening.heard : null;
  const hz = heard?.kind === 'pitch' ? heard.hz : null;
  const nearest = hz === null ? targets[0] : nearestTo(hz, targets);
  return (
    <section aria-label="Tuner" className="text-[16px]">
      <Button aria-pressed={wanted} onClick={() => setWanted(!wanted)}>
        {wanted ? 'Stop the tuner' : 'Listen with the tuner'}
      </Button>
      {listening?.state === 'none' && <p role="alert">{NO_MICROPHONE[listening.why]}</p>}
      {heard && nearest && (
        <>
          <p className="mt-1 text-[24px] font-semibold">{hz === null ? '' : nearest.name}</p>
          <Meter how={`${nearest.name} as the line is intoned`} heard={heard} targetHz={nearest.hz} otherString={null} />
        </>
      )}
    </section>
  );
}

/** Lists the notes of a line with their sounds, each once. */
function targetsOf(plan: Plan, { from, to }: NoteGroup): readonly Target[] {
  const played = performanceOf(plan, { from, to, pace: 1, slides: false }).notes;
  const all = played.flatMap(({ note, hz }): readonly Target[] => {
    const sound = plan.notes[note];
    return sound?.kind === 'note'
      ? sound.stops.flatMap(({ written }, order) => (hz[order] ? [{ name: pitchLabel(written), hz: hz[order] }] : []))
      : [];
  });
  return [...new Map(all.map((target) => [target.name, target])).values()];
}

function nearestTo(hz: number, targets: readonly Target[]): Target | undefined {
  const off = (target: Target): number => Math.abs(centsOfRatio({ p: hz, q: target.hz }));
  return targets.toSorted((one, other) => off(one) - off(other))[0];
}
