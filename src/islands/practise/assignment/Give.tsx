import { useState } from 'react';
import { countText } from '#core/messages';
import { FIRST_TOLERANCE } from '#core/trends';
import { downloadText, fileNameOf } from '../../../files/index.ts';
import { BOOKS } from '../../../state/books/index.ts';
import { sameFor, TO_GIVE, type ToGive, unplayableIn } from '../../../state/practice/index.ts';
import { PIECES, useStored } from '../../../state/reading/index.ts';
import type { PieceRecord, PlayerRecord } from '../../../records/record.ts';
import { answerOf } from '../../../engine/index.ts';
import { assignmentText, type GivenToPupil, piecesIn, piecesThatStay, withoutPieces } from '../../../state/exchange/index.ts';
import type { Studio } from '../../../records/studio.ts';
import { Button, ButtonLink } from '../../../ui/Button.tsx';
import { CheckField } from '../../../ui/fields/index.ts';
import { Heading } from '../../../ui/Heading.tsx';
import { Answered, Notice } from '../../../ui/states/index.ts';
import { pieceTitle } from '../../../words/piece/pieces.ts';
import { BOOKS_PAGE } from '../../../words/studio/books.ts';
import { ASSIGNMENT_WORDS, givenText, namedText, staysText, unplayableText } from '../../../words/practice/assignment.ts';
import { INSTRUMENT_LABELS } from '../../../words/studio/instruments.ts';
import { dayText } from '../../../words/practice/record.ts';
import { type Run, SheetsLink } from '../../parts/index.ts';
import { InFile } from './InFile.tsx';

interface GiveProps {
  readonly player: PlayerRecord;
  readonly studio: Studio;
  readonly run: Run;
}

/** Gives out an assignment: its content, its pupils, and its files. */
export function Give({ player, studio, run }: GiveProps) {
  return (
    <section aria-label={ASSIGNMENT_WORDS.give} className="mt-3">
      <Heading as="h3">{ASSIGNMENT_WORDS.give}</Heading>
      <p className="max-w-[70ch] text-dove-dark">{ASSIGNMENT_WORDS.giveHow}</p>
      <Answered asked={useStored(TO_GIVE, player.id)} waiting="Looking for what there is …">
        {(there) =>
          there.week === null && there.sessions.length === 0 ? (
            <p className="mt-1 flex flex-wrap items-center gap-2">
              {ASSIGNMENT_WORDS.nothing}
              <ButtonLink href={`/practise/week?player=${player.id}`}>Plan a week</ButtonLink>
              <ButtonLink href={`/practise?player=${player.id}`}>Prepare a session</ButtonLink>
            </p>
          ) : (
            <GiveForm there={there} player={player} studio={studio} run={run} />
          )
        }
      </Answered>
    </section>
  );
}

function GiveForm({ there, player, studio, run }: GiveProps & { readonly there: ToGive }) {
  const { week, sessions } = there;
  const [chosen, setChosen] = useState<readonly string[]>((week ? [week] : sessions.slice(0, 1)).map(({ id }) => id));
  const [pupils, setPupils] = useState<readonly string[]>([player.id]);
  const all: GivenToPupil = {
    player,
    week: week && chosen.includes(week.id) ? week : null,
    sessions: sessions.filter(({ id }) => chosen.includes(id)),
  };
  const to = studio.players.filter(({ id }) => pupils.includes(id));
  const pieces = answerOf(useStored(PIECES))?.records ?? [];
  const { given, stay } = useWhatGoes(all, pieces);
  const named = namedInIt(given, { pieces, aim: there.set.aim, players: studio.players }).filter(({ id }) =>
    to.some((pupil) => pupil.id !== id),
  );
  const isNothing = to.length === 0 || (given.week === null && given.sessions.length === 0);
  const save = (apart: boolean): void =>
    run(async () => {
      const same: GivenToPupil[] = [];
      for (const group of to) same.push(await sameFor(group, given, studio));
      for (const pupils of apart ? same.map((one) => [one]) : [same]) {
        const names = pupils.map(({ player: { document } }) => document.name).join(' ');
        downloadText(fileNameOf(`assignment ${names}`.slice(0, 80), 'json'), 'application/json', await assignmentText(pupils));
      }
      const names = to.map(({ document }) => document.name);
      return [givenText(names, apart ? same.length : 1), ...(await unplayableTexts(same))].join(' ');
    });
  return (
    <>
      <div className="mt-1 grid gap-x-10 sm:grid-cols-2">
        <What there={there} player={player} chosen={chosen} onChoose={setChosen} />
        <ForWhom player={player} studio={studio} pupils={pupils} onChoose={setPupils} />
      </div>
      <InFile given={given} set={there.set} pieces={pieces} to={to} />
      <Staying pieces={stay} />
      {named.map(({ text, name }) => (
        <Notice key={`${text} ${name}`} className="mt-2">
          {namedText(text, name)}
        </Notice>
      ))}
      <p className="mt-2 flex flex-wrap items-center gap-2">
        {to.length > 1 && (
          <Button disabled={isNothing} onClick={() => save(true)}>
            Save a file for each
          </Button>
        )}
        <Button disabled={isNothing} onClick={() => save(false)}>
          {to.length > 1 ? 'Save one file for all of them' : 'Save it as a file'}
        </Button>
        <SheetsLink pieces={[...piecesIn(given)]}>Print its pieces</SheetsLink>
        {to.length > 1 && <span className="text-[14px] text-dove-dark">{ASSIGNMENT_WORDS.oneForAll}</span>}
      </p>
    </>
  );
}

/** Parts what a teacher chose into what goes to pupils, and the pieces that stay here because of their book. */
function useWhatGoes(chosen: GivenToPupil, pieces: readonly PieceRecord[]) {
  const books = answerOf(useStored(BOOKS))?.books ?? [];
  const asked = piecesIn(chosen);
  const among = pieces.filter(({ id }) => asked.has(id));
  const stay = piecesThatStay(among, books);
  return { given: withoutPieces(chosen, new Set(stay.map(({ id }) => id))), stay };
}

function Staying({ pieces }: { readonly pieces: readonly PieceRecord[] }) {
  if (pieces.length === 0) return null;
  return (
    <Notice className="mt-2 flex flex-wrap items-center gap-3">
      <span>{staysText(pieces.map(({ document }) => pieceTitle(document)))}</span>
      <ButtonLink href="/books">{BOOKS_PAGE.title}</ButtonLink>
    </Notice>
  );
}

/** A name of something given that contains the name of a player. */
interface Named {
  readonly text: string;
  readonly name: string;
  /** The id of the player. */
  readonly id: string;
}

/** The studio from which something is given. */
interface GivenFrom {
  readonly pieces: readonly PieceRecord[];
  /** The next aim, which goes along; null where none is set. */
  readonly aim: string | null;
  readonly players: readonly PlayerRecord[];
}

/**
 * Finds the names of pieces, aims and dates in what is given that contain the name of a player: the player’s name is no part of them. A
 * piece goes along under the name that it has now.
 */
function namedInIt(given: GivenToPupil, { pieces, aim, players }: GivenFrom): readonly Named[] {
  const { week, sessions } = given;
  const goingAlong = piecesIn(given);
  const items = [...(week?.document.items ?? []).map(({ item }) => item), ...sessions.flatMap(({ document }) => document.items)];
  const texts = new Set([
    ...items.map(({ practised }) => practised.title),
    ...pieces.flatMap(({ id, document }) => (goingAlong.has(id) ? [document.name] : [])),
    aim ?? '',
    ...sessions.flatMap(({ document }) => [document.name, document.endCheck]),
    week?.document.goal?.name ?? '',
  ]);
  const words = (text: string): readonly string[] => text.split(/[^\p{L}]+/u);
  return [...texts].flatMap((text) => {
    const found = players.find(({ document: { name } }) => name !== '' && words(text).includes(name));
    return found ? [{ text, name: found.document.name, id: found.id }] : [];
  });
}

interface WhatProps extends Pick<GiveProps, 'player'> {
  readonly there: ToGive;
  /** The week and the sessions, by id. */
  readonly chosen: readonly string[];
  readonly onChoose: (chosen: readonly string[]) => void;
}

function What({ there: { week, sessions, set }, player, chosen, onChoose }: WhatProps) {
  const offered = [
    ...(week ? [{ id: week.id, label: `The week: ${countText(week.document.items.length, 'thing', 'things')} to practise` }] : []),
    ...sessions.map(({ id, document: { name, day } }) => ({ id, label: `Session: ${name || 'without an aim yet'}, ${dayText(day)}` })),
  ];
  return (
    <fieldset>
      <Heading as="legend">What goes with it</Heading>
      {offered.map(({ id, label }) => (
        <CheckField key={id} label={label} checked={chosen.includes(id)} onChange={(isChosen) => onChoose(toggle(chosen, id, isChosen))} />
      ))}
      <p className="mt-1 text-[14px] text-dove-dark">
        {set.aim === null ? 'No aim is set' : `Aim: ${set.aim}`}; tolerance {set.tolerance?.cents ?? FIRST_TOLERANCE} cents.{' '}
        <a className="underline underline-offset-3" href={`/record?player=${player.id}&part=lesson`}>
          Set them
        </a>
      </p>
    </fieldset>
  );
}

interface ForWhomProps extends Pick<GiveProps, 'player' | 'studio'> {
  readonly pupils: readonly string[];
  readonly onChoose: (pupils: readonly string[]) => void;
}

function ForWhom({ player, studio, pupils, onChoose }: ForWhomProps) {
  return (
    <fieldset>
      <Heading as="legend">For whom</Heading>
      {studio.players.map(({ id, document }) => (
        <CheckField
          key={id}
          label={`${document.name}, ${INSTRUMENT_LABELS[document.profile.kind]}`}
          checked={pupils.includes(id)}
          onChange={(isChosen) => onChoose(toggle(pupils, id, isChosen))}
        />
      ))}
      {pupils.some((id) => id !== player.id) && <p className="mt-1 text-[14px] text-dove-dark">{ASSIGNMENT_WORDS.classHow}</p>}
    </fieldset>
  );
}

/** Writes for each pupil what cannot be played as it is. */
async function unplayableTexts(all: readonly GivenToPupil[]): Promise<readonly string[]> {
  const texts: string[] = [];
  for (const pupil of all) {
    const pieces = await unplayableIn(pupil);
    if (pieces.length > 0) texts.push(unplayableText(pupil.player.document.name, pieces));
  }
  return texts;
}

function toggle(all: readonly string[], id: string, isChosen: boolean): readonly string[] {
  return isChosen ? [...all, id] : all.filter((other) => other !== id);
}
