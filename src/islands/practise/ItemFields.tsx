import { TUNINGS } from '#core/instrument';
import { GROUPINGS, ITEM_MINUTES, MODELS, type PracticeItem, SUBDIVISIONS } from '#core/practice/item';
import { LADDER_RULES, MISSES_SAID, MOST_RUNS, runsOfSet, secondsOfLadder, SET_RULES } from '#core/practice/ladder';
import { notesOfPart } from '#core/practice/session';
import { answerOf } from '../../engine/index.ts';
import { Button } from '../../ui/Button.tsx';
import { CheckField, LabelledChoice } from '../../ui/fields/index.ts';
import { OpenedSection } from '../../ui/OpenedSection.tsx';
import { Answered } from '../../ui/states/index.ts';
import {
  clockText,
  droneText,
  GROUPING_WORDS,
  LADDER_RULE_WORDS,
  MISS_WORDS,
  MODEL_WORDS,
  partText,
  COUNTED_WORDS,
  tempoText,
} from '../../words/practice/session.ts';
import type { TellNote } from '../../words/line/note-places.ts';
import { NumberInput } from './NumberInput.tsx';
import { useLoadedItem } from './use-loaded-items.ts';

interface ItemFieldsProps {
  readonly item: PracticeItem;
  readonly number: number;
  readonly tell: TellNote;
  readonly onChange: (item: PracticeItem) => void;
  readonly onRemove: () => void;
  /** Moves it up; null for the first. */
  readonly onUp: (() => void) | null;
}

const BOWS = ['none', '2', '4', '2, then 4', '4, then 8'] as const;
const BOW_LISTS: Readonly<Record<(typeof BOWS)[number], number[]>> = {
  none: [],
  '2': [2],
  '4': [4],
  '2, then 4': [2, 4],
  '4, then 8': [4, 8],
};

/** Edits an item of a session: its part, its time, and its ladder; the rest is set once and seldom changed. */
export function ItemFields({ item, number, tell, onChange, onRemove, onUp }: ItemFieldsProps) {
  const { title } = item.practised;
  const name = `${title}, ${partText(item.practised, tell)}`;
  return (
    <li className="border-b border-line py-2">
      <div className="flex flex-wrap items-baseline gap-x-3">
        <strong className="grow">
          {number}. {title}
          <span className="font-normal text-dove-dark">, {partText(item.practised, tell)}</span>
        </strong>
        {onUp && (
          <Button aria-label={`Earlier: ${name}`} onClick={onUp}>
            Earlier
          </Button>
        )}
        <Button aria-label={`Take out: ${name}`} onClick={onRemove}>
          Take out
        </Button>
      </div>
      <ItemLadder item={item} onChange={onChange} />
    </li>
  );
}

type PartProps = Pick<ItemFieldsProps, 'item' | 'onChange'>;

/** Edits the time of an item, its ladder, and the settings that seldom change. */
export function ItemLadder({ item, onChange }: PartProps) {
  const { minutes, ladder, grouping } = item;
  const climb = (next: Partial<PracticeItem['ladder']>): void => onChange({ ...item, ladder: { ...ladder, ...next } });
  return (
    <>
      <div className="mt-1 flex flex-wrap items-end gap-x-4 gap-y-1">
        <NumberInput label="Minutes" value={minutes} {...ITEM_MINUTES} onChange={(next) => onChange({ ...item, minutes: next })} />
        <NumberInput label="From ♩ =" value={ladder.from} least={20} most={240} onChange={(from) => climb({ from })} />
        <NumberInput label="To ♩ =" value={ladder.to} least={20} most={240} onChange={(to) => climb({ to })} />
        <NumberInput label="By" value={ladder.step} least={1} most={60} onChange={(step) => climb({ step })} />
        <LabelledChoice
          label="Grouped"
          value={grouping}
          among={GROUPINGS}
          nameOf={(value) => GROUPING_WORDS[value]}
          onChoose={(next) => onChange({ ...item, grouping: next })}
        />
      </div>
      <LadderLength item={item} />
      <OpenedSection title="Set, ladder and sound">{() => <MoreFields item={item} onChange={onChange} />}</OpenedSection>
    </>
  );
}

/** Shows the time of the ladder, and any message about the fingering. */
function LadderLength({ item }: Pick<ItemFieldsProps, 'item'>) {
  const asked = useLoadedItem(item);
  return (
    <p className="mt-1 text-[14px] text-dove-dark">
      <Answered asked={asked}>
        {(loaded) => {
          if (!loaded) return 'This piece is no longer in the studio, or no hand plays it: the item is left out.';
          const seconds = secondsOfLadder(loaded.plan, notesOfPart(loaded.plan, item.practised.part), item.ladder, item.set.wanted);
          return (
            <>
              The whole ladder takes {clockText(seconds)} without rests, if every set is clean at once.
              {loaded.otherWhenSlow &&
                ` At ${tempoText(item.ladder.from)} alone another fingering would come out; the one for ${tempoText(item.ladder.to)} is practised.`}
            </>
          );
        }}
      </Answered>
    </p>
  );
}

function MoreFields({ item, onChange }: PartProps) {
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-1">
      <SetFields item={item} onChange={onChange} />
      <SoundFields item={item} onChange={onChange} />
    </div>
  );
}

/** Edits how a set is counted and what moves the ladder. */
function SetFields({ item, onChange }: PartProps) {
  const { ladder, set } = item;
  const climb = (next: Partial<PracticeItem['ladder']>): void => onChange({ ...item, ladder: { ...ladder, ...next } });
  const count = (next: Partial<PracticeItem['set']>): void => onChange({ ...item, set: { ...set, ...next } });
  const runs = runsOfSet(set, null);
  const spoils = set.spoils ?? [...MISSES_SAID];
  const bows = BOWS.find((bow) => BOW_LISTS[bow].join() === ladder.bows.join()) ?? 'none';
  return (
    <>
      <NumberInput
        label="Good ones to a set"
        value={set.wanted}
        least={1}
        most={20}
        onChange={(wanted) => count({ wanted, runs: Math.max(wanted, runs) })}
      />
      <NumberInput label="Of how many runs" value={runs} least={set.wanted} most={MOST_RUNS} onChange={(next) => count({ runs: next })} />
      <LabelledChoice
        label="Counted"
        value={set.counted}
        among={SET_RULES}
        nameOf={(value) => COUNTED_WORDS[value]}
        onChoose={(counted) => count({ counted })}
      />
      <LabelledChoice
        label="Ladder"
        value={ladder.rule}
        among={LADDER_RULES}
        nameOf={(value) => LADDER_RULE_WORDS[value]}
        onChoose={(rule) => climb({ rule })}
      />
      <LabelledChoice
        label="Notes to a bow at the end"
        value={bows}
        among={BOWS}
        nameOf={String}
        onChoose={(value) => climb({ bows: BOW_LISTS[value] })}
      />
      <fieldset className="flex flex-wrap gap-x-4">
        <legend className="text-[14px] text-dove-dark">A run is spoilt by</legend>
        {MISSES_SAID.map((miss) => (
          <CheckField
            key={miss}
            label={MISS_WORDS[miss]}
            checked={spoils.includes(miss)}
            onChange={(isSpoilt) => count({ spoils: MISSES_SAID.filter((known) => (known === miss ? isSpoilt : spoils.includes(known))) })}
          />
        ))}
      </fieldset>
      <CheckField label="Each note held 4, 2, 1 beats first" checked={ladder.heldFirst} onChange={(heldFirst) => climb({ heldFirst })} />
    </>
  );
}

/** Edits the sounds that go along. */
function SoundFields({ item, onChange }: PartProps) {
  const { along } = item;
  const sound = (next: Partial<PracticeItem['along']>): void => onChange({ ...item, along: { ...along, ...next } });
  const strings = answerOf(useLoadedItem(item))?.plan.brief.instrument.kind;
  return (
    <>
      <LabelledChoice
        label="Model"
        value={along.model}
        among={MODELS}
        nameOf={(value) => MODEL_WORDS[value]}
        onChoose={(model) => sound({ model })}
      />
      <LabelledChoice
        label="Drone"
        value={along.drone}
        among={[...new Set(['none', 'tonic', ...(strings ? TUNINGS[strings] : []), along.drone])]}
        nameOf={droneText}
        onChoose={(drone) => sound({ drone })}
      />
      <LabelledChoice
        label="Clicks to a beat"
        value={along.subdivision}
        among={SUBDIVISIONS}
        nameOf={String}
        onChoose={(subdivision) => sound({ subdivision })}
      />
      <CheckField label="Metronome" checked={along.metronome} onChange={(metronome) => sound({ metronome })} />
      <CheckField
        label="Every other measure silent"
        checked={along.silentMeasures}
        onChange={(silentMeasures) => sound({ silentMeasures })}
      />
      <CheckField label="Model with vibrato" checked={along.vibrato} onChange={(vibrato) => sound({ vibrato })} />
    </>
  );
}
