import { useCallback, useEffect, useRef, useState } from 'react';
import type { Brief } from '#core/brief';
import { type ClassMember, type ClassScore, classScore, type MemberWays, type Sounding, unisonOctaves } from '#core/class-score';
import { engine } from '../../engine/index.ts';

/** A class and its line, as they are asked for. */
export interface ClassAsked {
  readonly line: Brief;
  readonly members: readonly ClassMember[];
  readonly sounding: Sounding;
  /** The name of the line. */
  readonly title: string;
}

/** A score that is made, with what it was made for. */
export interface ScoreMade {
  readonly score: ClassScore;
  readonly asked: ClassAsked;
}

/** The state of a class score. */
export interface ClassScoreNow {
  readonly state: 'idle' | 'under way' | 'stopped' | 'made' | 'failed';
  /** The number of players whose part is found. */
  readonly done: number;
  /** The number of players. */
  readonly total: number;
  /** The score; null until one is made. */
  readonly made: ScoreMade | null;
  /** The number of scores made so far. */
  readonly edition: number;
}

const IDLE: ClassScoreNow = { state: 'idle', done: 0, total: 0, made: null, edition: 0 };

/** Makes class scores, a player at a time in the worker. It can be stopped. */
export function useClassScore(): ClassScoreNow & { readonly begin: (asked: ClassAsked) => void; readonly stop: () => void } {
  const [now, setNow] = useState(IDLE);
  const aborting = useRef(new AbortController());
  useEffect(() => () => aborting.current.abort(), []);
  const begin = useCallback((asked: ClassAsked): void => {
    aborting.current.abort();
    aborting.current = new AbortController();
    const { signal } = aborting.current;
    const change = (next: Partial<ClassScoreNow>): void => {
      if (!signal.aborted) setNow((was) => ({ ...was, ...next }));
    };
    change({ state: 'under way', done: 0, total: asked.members.length });
    void makeScore(asked, signal, (done) => change({ done })).then(
      (score) => {
        if (!signal.aborted) setNow((was) => ({ ...was, state: 'made', made: { score, asked }, edition: was.edition + 1 }));
      },
      () => change({ state: 'failed' }),
    );
  }, []);
  const stop = (): void => {
    aborting.current.abort();
    setNow((was) => ({ ...was, state: 'stopped' }));
  };
  return { ...now, begin, stop };
}

async function makeScore(
  { line, members, sounding }: ClassAsked,
  signal: AbortSignal,
  report: (done: number) => void,
): Promise<ClassScore> {
  const partFor = async (member: ClassMember, octaves: number | null): Promise<MemberWays> => ({
    member,
    ways: await engine.ask(member.base, { kind: 'in-class', line, share: member.share, octaves }, { signal }),
  });
  const players: MemberWays[] = [];
  for (const member of members) {
    players.push(await partFor(member, null));
    report(players.length);
  }
  if (sounding === 'octaves') return classScore(players);
  const octaves = unisonOctaves(players) ?? 0;
  const inUnison: MemberWays[] = [];
  for (const { member } of players) inUnison.push(await partFor(member, octaves));
  return classScore(inUnison);
}
