import { useState } from 'react';
import { issuesText } from '#core/messages';
import { downloadText, fileNameOf } from '../../../files/index.ts';
import type { PlayerRecord } from '../../../records/record.ts';
import { addToLog, type LogBrought, logText, readLogText } from '../../../state/exchange/index.ts';
import { Button } from '../../../ui/Button.tsx';
import { Heading } from '../../../ui/Heading.tsx';
import { OpenFileButton } from '../../../ui/OpenFileButton.tsx';
import { ASSIGNMENT_WORDS, damagedPartsText, mergedText } from '../../../words/practice/assignment.ts';
import { PlayerChoice, type Run } from '../../parts/index.ts';
import { useTaught } from '../../../state/taught.ts';

interface SaveLogProps {
  /** The player whose log goes out; null for nobody of the studio. */
  readonly player: PlayerRecord | null;
  readonly run: Run;
}

/** Gives out the log, for the teacher. */
export function SaveLog({ player, run }: SaveLogProps) {
  const name = player?.document.name ?? '';
  const save = (): void =>
    run(async () => {
      downloadText(fileNameOf(`log ${name}`, 'json'), 'application/json', await logText(player?.id ?? null));
      return null;
    });
  return (
    <section aria-label={ASSIGNMENT_WORDS.log} className="mt-6">
      <Heading as="h3">{ASSIGNMENT_WORDS.log}</Heading>
      <p className="mb-1 max-w-[70ch] text-dove-dark">{ASSIGNMENT_WORDS.logHow}</p>
      <Button onClick={save}>{name === '' ? 'Save the log' : `Save the log of ${name}`}</Button>
    </section>
  );
}

interface BringLogProps {
  readonly players: readonly PlayerRecord[];
  readonly run: Run;
}

/** Takes in a log: it goes to the player of the same id; for one who is not known here the teacher says whose it is. */
export function BringLog({ players, run }: BringLogProps) {
  const [unknown, setUnknown] = useState<readonly LogBrought[]>([]);
  const [asked] = unknown;
  const [whose, setWhose] = useState<PlayerRecord | null>(useTaught(players));
  const merge = async (log: LogBrought, to: PlayerRecord | null): Promise<string> =>
    mergedText(to?.document.name || 'nobody of the studio', await addToLog(to, log));
  const open = (file: File): void =>
    run(async () => {
      setUnknown([]);
      const reading = await readLogText(await file.text());
      if (!reading.ok) throw new Error(`${file.name}: ${issuesText(reading.issues)}`);
      const { logs, damaged } = reading.value;
      const told: string[] = [];
      for (const log of logs) {
        const to = players.find(({ id }) => id === log.playerId);
        if (to) told.push(await merge(log, to));
      }
      setUnknown(logs.filter(({ playerId }) => !players.some(({ id }) => id === playerId)));
      if (logs.length === 0) throw new Error(`${file.name}: ${ASSIGNMENT_WORDS.nobodyInIt} ${damagedPartsText(damaged)}`.trim());
      return [...told, damagedPartsText(damaged)].filter((text) => text !== '').join(' ') || null;
    });
  return (
    <section aria-label={ASSIGNMENT_WORDS.bring} className="mt-6">
      <Heading as="h3" className="mb-1">
        {ASSIGNMENT_WORDS.bring}
      </Heading>
      <OpenFileButton label="Log of a pupil" onFile={open} />
      {asked && (
        <div role="group" aria-label="Whose log is it?" className="mt-2 flex flex-wrap items-end gap-2">
          <p className="w-full">{asked.name || 'Somebody without a name'} is not a player of this studio. Whose log is it?</p>
          <PlayerChoice players={players} chosen={whose} onChoose={(id) => setWhose(players.find((player) => player.id === id) ?? null)} />
          <Button
            onClick={() =>
              run(async () => {
                const text = await merge(asked, whose);
                setUnknown(unknown.slice(1));
                return text;
              })
            }
          >
            Add it to this log
          </Button>
          <Button onClick={() => setUnknown(unknown.slice(1))}>Leave it out</Button>
        </div>
      )}
    </section>
  );
}
