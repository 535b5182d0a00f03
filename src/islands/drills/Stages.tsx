import { PUT_IN_WORDS } from '../../words/practice/put-in.ts';
import { useState } from 'react';
import { keyOfClass } from '#core/drill/shifts';
import { type ShiftApart, type Stage, STAGE_STATES, type StageName } from '#core/drill/apart';
import { isRecorded } from '#core/listening/stand';
import { issuesText } from '#core/messages';
import { answerOf, useEngine } from '../../engine/index.ts';
import { playPlan, silence, useSound } from '../../state/sound/index.ts';
import { useWork } from '../../state/bench/index.ts';
import { Button, ButtonLink } from '../../ui/Button.tsx';
import { SelectField } from '../../ui/fields/index.ts';
import { Heading } from '../../ui/Heading.tsx';
import { OpenedSection } from '../../ui/OpenedSection.tsx';
import { elsewhereText, STAGE_TAKE, STAGE_WORDS, STATE_WORDS } from '../../words/drills/stages.ts';
import { stagesVersionText } from '../../words/practice/versions.ts';
import { EarlierVersions } from '../opened-piece/index.ts';
import { KeptNotices } from '../frame/index.ts';
import { StageTake, type StageTakeProps } from './StageTake.tsx';
import type { StagesRecord } from '../../records/record.ts';
import { useStages } from './use-stages.ts';

const STATES = STAGE_STATES.map((value) => ({ value, name: STATE_WORDS[value] }));

/** Lists the stages in which a shift is learnt: each can be heard, and shows how far this player is with it. */
export function Stages({ apart }: { readonly apart: ShiftApart }) {
  const shift = apart.shiftClass ? keyOfClass(apart.shiftClass) : '';
  const { record, loaded, stateOf, set, bringBack, trouble, elsewhere } = useStages(shift);
  const [heard, setHeard] = useState<StageName | null>(null);
  const [recorded, setRecorded] = useState<StageName | null>(null);
  const pieceId = useWork((work) => work.pieceId);
  return (
    <section aria-label="Stages" className="mt-5">
      <Heading as="h3">Stages</Heading>
      <KeptNotices trouble={trouble} elsewhere={elsewhere} />
      <ol className="mt-1">
        {apart.stages.map((stage, order) => (
          <li key={stage.name} className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-line py-1.5 text-[15px]">
            <span className="w-4 text-dove-dark tabular-nums">{order + 1}</span>
            <span className="min-w-0 grow basis-72">
              <strong>{STAGE_WORDS[stage.name].name}.</strong> {STAGE_WORDS[stage.name].how}
              {stage.name === 'target' && elsewhereText(apart) !== '' && <span className="text-dove-dark"> {elsewhereText(apart)}.</span>}
            </span>
            {pieceId !== null && (
              <ButtonLink
                aria-label={`${PUT_IN_WORDS.session}: ${STAGE_WORDS[stage.name].name}`}
                href={`/practise?add=${pieceId}&note=${apart.shift.to}&stage=${stage.name}`}
              >
                Today’s session
              </ButtonLink>
            )}
            <HearStage stage={stage} heard={heard === stage.name} onHear={() => setHeard(stage.name)} />
            {isRecorded(stage.name) && (
              <Button
                aria-expanded={recorded === stage.name}
                aria-label={`${recorded === stage.name ? STAGE_TAKE.close : STAGE_TAKE.open}: ${STAGE_WORDS[stage.name].name}`}
                onClick={() => setRecorded(recorded === stage.name ? null : stage.name)}
              >
                {recorded === stage.name ? STAGE_TAKE.close : STAGE_TAKE.open}
              </Button>
            )}
            {apart.shiftClass && (
              <SelectField
                disabled={!loaded}
                aria-label={`${STAGE_WORDS[stage.name].name}: how far`}
                value={stateOf(stage.name)}
                options={STATES}
                onChoose={(state) => set(stage.name, state)}
              />
            )}
            {recorded === stage.name && <RecordStage stage={stage} state={stateOf(stage.name)} onClean={() => set(stage.name, 'clean')} />}
          </li>
        ))}
      </ol>
      {record && <VersionsOfStages record={record} shift={shift} onBack={bringBack} />}
    </section>
  );
}

interface VersionsOfStagesProps {
  readonly record: StagesRecord;
  /** The name of the class of shifts. */
  readonly shift: string;
  readonly onBack: (was: StagesRecord) => void;
}

function VersionsOfStages({ record: { id, document: now }, shift, onBack }: VersionsOfStagesProps) {
  return (
    <OpenedSection title="Earlier versions">
      {() => <EarlierVersions name="stages" id={id} differs={({ document }) => stagesVersionText(shift, now, document)} onBack={onBack} />}
    </OpenedSection>
  );
}

/** Records a stage once it is planned. */
function RecordStage({ stage, state, onClean }: Omit<StageTakeProps, 'plan'>) {
  const plan = answerOf(useEngine(stage.brief, { kind: 'plan' }));
  return plan?.ok ? <StageTake stage={stage} plan={plan.value.best} state={state} onClean={onClean} /> : null;
}

interface HearStageProps {
  readonly stage: Stage;
  /** Whether it was the last to be heard. */
  readonly heard: boolean;
  readonly onHear: () => void;
}

function HearStage({ stage, heard, onHear }: HearStageProps) {
  const playing = useSound(({ state }) => state !== 'silent') && heard;
  const plan = answerOf(useEngine(stage.brief, { kind: 'plan' }));
  if (plan && !plan.ok) return <span className="text-[14px] text-dove-dark">{issuesText(plan.issues)}</span>;
  const { name } = STAGE_WORDS[stage.name];
  const hear = (): void => {
    if (!plan?.ok) return;
    onHear();
    playPlan(plan.value.best, { pace: stage.pace, slides: stage.slides, loop: false });
  };
  return (
    <Button aria-label={`${playing ? 'Stop' : 'Hear it'}: ${name}`} disabled={!plan} onClick={() => (playing ? void silence() : hear())}>
      {playing ? 'Stop' : 'Hear it'}
    </Button>
  );
}
