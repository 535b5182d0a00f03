import { type NoteMiss, purityOf } from '#core/listening/report';
import type { Plan } from '#core/plan/describe';
import { Button } from '../../ui/Button.tsx';
import { Heading } from '../../ui/Heading.tsx';
import { Repeat, Volume2 } from '../../ui/icons.ts';
import { PageButtons, usePager } from '../../ui/Pager.tsx';
import { Table, TableHead } from '../../ui/Table.tsx';
import { centsText, signedMmText } from '../../words/intonation/intonation.ts';
import { arrivalText, purityText, SIDE_LABELS } from '../../words/intonation/takes.ts';
import { noteAtText, tellNotesOfPlan } from '../../words/line/note-places.ts';
import { stopText } from '../../words/plan-words.ts';

const COLUMNS = ['Note', 'Fingering', 'Arrives', 'Cents', 'On the string', 'Lies', 'Vibrato', 'Hear'];

interface TakeTableProps {
  readonly plan: Plan;
  readonly misses: readonly NoteMiss[];
  /** Whether a note sounds over and over, and which. */
  readonly looped: NoteMiss | null;
  readonly onHear: (miss: NoteMiss) => void;
  readonly onLoop: (miss: NoteMiss) => void;
}

/** Lists the notes of a take, each voice of a double stop in a row of its own. */
export function TakeTable({ plan, misses, looped, onHear, onLoop }: TakeTableProps) {
  const pager = usePager(misses.length);
  const tell = tellNotesOfPlan(plan);
  const isDouble = misses.some(({ due }) => due.stops.length > 1);
  return (
    <>
      <Table className="mt-3">
        <caption className="text-left">
          <Heading as="span">Note by note</Heading>
        </caption>
        <TableHead columns={isDouble ? [...COLUMNS.slice(0, -1), 'Against pure', 'Hear'] : COLUMNS} />
        <tbody>
          {misses.slice(pager.from, pager.to).map((miss) => {
            const where = noteAtText(tell(miss.note), miss.note);
            const voice = miss.due.stops.indexOf(miss.stop);
            return (
              <tr key={`${miss.heard.at} ${voice}`}>
                <td>{voice === 0 ? where : ''}</td>
                <MissCells miss={miss} />
                {isDouble && <td>{voice === 0 ? purityText(purityOf(miss.due, miss.heard)) : ''}</td>}
                <td className="whitespace-nowrap">
                  {voice === 0 && (
                    <>
                      <Button aria-label={`Hear ${where} beside its target`} onClick={() => onHear(miss)}>
                        <Volume2 size={14} aria-hidden="true" />
                      </Button>{' '}
                      <Button aria-label={`Repeat ${where}`} aria-pressed={looped === miss} onClick={() => onLoop(miss)}>
                        <Repeat size={14} aria-hidden="true" />
                      </Button>
                    </>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </Table>
      <PageButtons pager={pager} />
    </>
  );
}

/** Shows what was read of a note; of another note than the one due, or an unclear one, nothing is judged. */
function MissCells({ miss }: { readonly miss: NoteMiss }) {
  const { heard, stop, voice, cents, side, mm, doubtful } = miss;
  const isJudged = cents !== null && !doubtful;
  return (
    <>
      <td>{stopText(stop)}</td>
      <td>{arrivalText(miss)}</td>
      <td>{isJudged ? centsText(cents) : '–'}</td>
      <td>{isJudged && mm !== null ? signedMmText(mm) : '–'}</td>
      <td>
        {doubtful ? 'unclear' : heard.wrongBy !== 0 ? 'another note' : side === null ? 'not heard apart' : SIDE_LABELS[side]}
        {heard.again ? ', again' : ''}
      </td>
      <td>{voice.vibrato > 0 ? `± ${Math.round(voice.vibrato)} cents` : ''}</td>
    </>
  );
}
