import { useQueryStates } from 'nuqs';
import { useMemo } from 'react';
import type { Brief } from '#core/brief';
import { KEYS_OFFERED } from '#core/brief/edits';
import { keyLabel } from '#core/key';
import type { QuizChoice } from '#core/quiz';
import { Choice } from '../../ui/fields/index.ts';
import { Notice } from '../../ui/states/index.ts';
import { PartTabs } from '../../ui/Tabs.tsx';
import { positionName } from '../../words/names/atlas.ts';
import { ABOUT_WORDS, CLOCK_WORDS, GROUP_WORDS, QUIZ_WORDS } from '../../words/names/quiz.ts';
import { ABOUT, ADDRESS, GROUPS, PARTS } from './address.ts';
import { briefFor } from './asked-of.ts';
import { EarPart } from './EarPart.tsx';
import { NamesPart } from './NamesPart.tsx';
import { QuestionsPart } from './QuestionsPart.tsx';
import { type Answers, useAnswers } from './use-answers.ts';
import { useChoice } from './use-choice.ts';
import { type Who, WhoOn } from './who.tsx';

/** Shows the questions for one player, and a sentence that says what is asked. */
export function OfPlayer({ who }: { readonly who: Who }) {
  const { player, measured, chosen } = who;
  const [{ part, about, key: wantedKey, position: wanted, ask, clock }, setAddress] = useQueryStates(ADDRESS);
  const musicKey = KEYS_OFFERED.find((known) => known === wantedKey) ?? ADDRESS.key.defaultValue;
  const brief = useMemo(() => briefFor(measured, chosen.spec, musicKey), [measured, chosen, musicKey]);
  const playerId = player?.id ?? null;
  const answers = useAnswers({ playerId, name: player?.document.name ?? '' });
  const own = about === 'own' && part !== 'names';
  const asked = { brief, playerId, instrument: chosen.spec, musicKey, position: wanted, ask, own };
  const { choice, positions, position, nothingOwn } = useChoice(asked);
  return (
    <>
      <div className="font-serif text-[19px] leading-[1.9]">
        Ask <WhoOn who={who} />
        {part !== 'names' && <AboutChoice />}
        {!own && <KeyAndPosition musicKey={musicKey} position={position} positions={positions} />}
        {part === 'questions' && <GroupChoice />}, <ClockChoice />.
      </div>
      <PartTabs
        label="Names"
        names={PARTS}
        nameOf={(value) => QUIZ_WORDS.parts[value]}
        chosen={part}
        onChoose={(next) => void setAddress({ part: next })}
      />
      {answers.trouble !== null && <Notice trouble>{answers.trouble}</Notice>}
      {nothingOwn && <Notice className="mt-3">{QUIZ_WORDS.noPieces}</Notice>}
      <Part part={part} brief={brief} musicKey={musicKey} position={position} choice={choice} answers={answers} clock={clock} />
    </>
  );
}

interface PartProps {
  readonly part: (typeof PARTS)[number];
  readonly brief: Brief;
  readonly musicKey: string;
  readonly position: string;
  /** The choice of questions; null while the player's own pieces are looked through. */
  readonly choice: QuizChoice | null;
  readonly answers: Answers;
  readonly clock: boolean;
}

function Part({ part, brief, musicKey, position, choice, answers, clock }: PartProps) {
  if (part === 'names') return <NamesPart brief={brief} musicKey={musicKey} position={position} answers={answers} clock={clock} />;
  if (choice === null) return <p className="mt-3">{QUIZ_WORDS.waiting}</p>;
  return part === 'ear' ? (
    <EarPart brief={brief} choice={choice} answers={answers} clock={clock} />
  ) : (
    <QuestionsPart brief={brief} choice={choice} answers={answers} clock={clock} />
  );
}

function ClockChoice() {
  const [{ clock }, setAddress] = useQueryStates(ADDRESS);
  return (
    <Choice
      label="Clock"
      value={String(clock)}
      values={['false', 'true']}
      name={(value) => CLOCK_WORDS[value === 'true' ? 'with' : 'without']}
      onChange={(next) => void setAddress({ clock: next === 'true' })}
    />
  );
}

function AboutChoice() {
  const [{ about }, setAddress] = useQueryStates(ADDRESS);
  return (
    <>
      {' '}
      about{' '}
      <Choice
        label="About"
        value={about}
        values={ABOUT}
        name={(value) => ABOUT_WORDS[value]}
        onChange={(next) => void setAddress({ about: next })}
      />
    </>
  );
}

interface KeyAndPositionProps {
  readonly musicKey: string;
  readonly position: string;
  readonly positions: readonly string[];
}

function KeyAndPosition({ musicKey, position, positions }: KeyAndPositionProps) {
  const [, setAddress] = useQueryStates(ADDRESS);
  return (
    <>
      , in <Choice label="Key" value={musicKey} values={KEYS_OFFERED} name={keyLabel} onChange={(next) => void setAddress({ key: next })} />
      , in{' '}
      <Choice
        label="Position"
        value={position}
        values={positions}
        name={positionName}
        onChange={(next) => void setAddress({ position: next })}
      />
    </>
  );
}

function GroupChoice() {
  const [{ ask }, setAddress] = useQueryStates(ADDRESS);
  return (
    <>
      :{' '}
      <Choice
        label="Questions"
        value={ask}
        values={GROUPS}
        name={(value) => GROUP_WORDS[value]}
        onChange={(next) => void setAddress({ ask: next })}
      />
    </>
  );
}
