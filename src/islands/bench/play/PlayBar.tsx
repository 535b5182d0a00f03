import { Play, Square } from '../../../ui/icons.ts';
import { noteLabel } from '#core/pitch';
import type { Plan } from '#core/plan/describe';
import { USUAL_TEMPO } from '#core/sound';
import { useSelection } from '../../../state/selection.ts';
import { chooseSound, type Drone, type SoundChoices, togglePlaying, useSound } from '../../../state/sound/index.ts';
import { Button } from '../../../ui/Button.tsx';
import { OptionChoice, Select, SENTENCE_PART } from '../../../ui/fields/index.ts';
import { titleOf } from '../tools/key-lines.ts';

const PACES = [0.5, 0.66, 0.8, 1] as const;

const PACE_LABELS: Readonly<Record<(typeof PACES)[number], string>> = {
  0.5: 'half tempo',
  0.66: 'two thirds',
  0.8: 'a little slower',
  1: 'at tempo',
};

/** Plays the line: as it is, slower, with what helps to practise it. */
export function PlayBar({ plan }: { readonly plan: Plan }) {
  const state = useSound((sound) => sound.state);
  const pace = useSound((sound) => sound.pace);
  const trouble = useSound((sound) => sound.trouble);
  const passage = useSelection((selection) => selection.passageFrom !== null);
  return (
    <>
      <Button aria-pressed={state !== 'silent'} onClick={togglePlaying} title={titleOf('Play or stop')}>
        {state === 'silent' ? <Play size={15} aria-hidden="true" /> : <Square size={15} aria-hidden="true" />}
        {state === 'silent' ? (passage ? 'Play these' : 'Play') : 'Stop'}
      </Button>
      <Select
        aria-label="Pace"
        className={`${SENTENCE_PART} text-sm`}
        value={pace}
        options={PACES.map((share) => ({
          value: share,
          name: `${PACE_LABELS[share]} (${Math.round((plan.brief.tempo ?? USUAL_TEMPO) * share)})`,
        }))}
        onChoose={(share) => chooseSound({ pace: share })}
      />
      <Toggle name="slides" label="slides" />
      <Toggle name="countIn" label="count-in" />
      <Toggle name="metronome" label="metronome" />
      <Toggle name="loop" label="loop" />
      <DroneChoice plan={plan} />
      {trouble !== null && (
        <span role="alert" className="text-sm text-ochre">
          {trouble}
        </span>
      )}
    </>
  );
}

type Switch = { [Name in keyof SoundChoices]: SoundChoices[Name] extends boolean ? Name : never }[keyof SoundChoices];

function Toggle({ name, label }: { readonly name: Switch; readonly label: string }) {
  const on = useSound((sound) => sound[name]);
  return (
    <label className="flex items-center gap-1.5 text-sm whitespace-nowrap">
      <input
        type="checkbox"
        className="size-3.5 accent-ink"
        checked={on}
        onChange={(event) => chooseSound({ [name]: event.target.checked })}
      />
      {label}
    </label>
  );
}

function DroneChoice({ plan }: { readonly plan: Plan }) {
  const drone = useSound((sound) => sound.drone);
  const read = (text: string): Drone => (text === 'none' || text === 'tonic' ? text : { open: text });
  return (
    <label className="text-sm whitespace-nowrap">
      drone{' '}
      <OptionChoice
        label="Drone"
        value={typeof drone === 'string' ? drone : drone.open}
        options={[
          { value: 'none', name: 'none' },
          { value: 'tonic', name: 'the tonic' },
          ...plan.strings.map(({ name }) => ({ value: name, name: `open ${noteLabel(name)}` })),
        ]}
        onChange={(text) => chooseSound({ drone: read(text) })}
      />
    </label>
  );
}
