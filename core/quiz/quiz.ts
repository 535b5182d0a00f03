import { positionMaps } from '#core/atlas';
import type { DrillFor } from '#core/drill';
import { intervalQuestions, shiftQuestions } from './shifts-and-intervals.ts';
import { questionsInPosition } from './in-position.ts';
import { letterFingerQuestions, otherNameQuestions } from './names.ts';
import type { QuizKind, QuizQuestion } from './question.ts';

/** A key in which a position is asked for. */
export interface QuizPart {
  /** The key, documents' form. */
  readonly key: string;
  /** The position, as the school names it. */
  readonly position: string;
}

/** A question of a quiz. */
export type Quizzed = QuizQuestion & {
  /** Whether it comes from the player's own pieces, keys and positions. */
  readonly own: boolean;
};

/** The choice of what a quiz asks. */
export interface QuizChoice {
  /** The keys and positions. */
  readonly parts: readonly (QuizPart & { readonly own: boolean })[];
  /** The kinds of questions. */
  readonly kinds: readonly QuizKind[];
}

/** Lists every question of some keys and positions, for a player; a question is there once, the player's own first. */
export function quizOf(player: DrillFor, { parts, kinds }: QuizChoice): readonly Quizzed[] {
  const keys = [...new Set(parts.map(({ key }) => key))];
  const asked = keys.flatMap((key) =>
    inKey(
      player,
      key,
      parts.filter((part) => part.key === key),
    ),
  );
  const wanted = asked.filter(({ kind }) => kinds.includes(kind)).toSorted((one, other) => Number(other.own) - Number(one.own));
  return [...new Map(wanted.toReversed().map((question) => [question.id, question])).values()].toReversed();
}

function inKey(player: DrillFor, key: string, parts: QuizChoice['parts']): readonly Quizzed[] {
  const of = { kind: player.instrument.kind, key };
  const maps = positionMaps(player, key);
  const here = parts.flatMap((part) => {
    const map = maps.find(({ position }) => position === part.position);
    return map ? [{ map, own: part.own }] : [];
  });
  const asQuizzed = (own: boolean, questions: readonly QuizQuestion[]): readonly Quizzed[] =>
    questions.map((question) => ({ ...question, own }));
  const shifts = here.flatMap((from) =>
    here.flatMap((to) => (from === to ? [] : asQuizzed(from.own && to.own, shiftQuestions(of, from.map, to.map)))),
  );
  return [
    ...here.flatMap(({ map, own }) => asQuizzed(own, questionsInPosition(of, map))),
    ...here.flatMap(({ map, own }) => asQuizzed(own, letterFingerQuestions(of, player.instrument, map.position))),
    ...shifts,
    ...asQuizzed(
      here.some(({ own }) => own),
      intervalQuestions(of, maps),
    ),
    ...asQuizzed(false, otherNameQuestions(of)),
  ];
}
