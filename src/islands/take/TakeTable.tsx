import type { NoteMiss } from '#core/listening/report';
import type { Plan } from '#core/plan/describe';
import { Button } from '../../ui/Button.tsx';
import { Heading } from '../../ui/Heading.tsx';
import { Volume2 } from '../../ui/icons.ts';
import { PageButtons, usePager } from '../../ui/Pager.tsx';
import { Table, TableHead } from '../../ui/Table.tsx';
import { centsText, signedMmText } from '../../words/intonation/intonation.ts';
import { arrivalText, SIDE_LABELS } from '../../words/intonation/takes.ts';
import { noteAtText, tellNotesOfPlan } from '../../words/line/note-places.ts';
import { fingeringText } from '../../words/plan-words.ts';

const COLUMNS = ['Note', 'Fingering', 'Arrives', 'Cents', 'On the string', 'Lies', 'Vibrato', 'Hear'];

interface TakeTableProps {
  readonly plan: Plan;
  readonly misses: readonly NoteMiss[];
  readonly onHear: (miss: NoteMiss) => void;
}

/** Lists the notes of a take. */
export function TakeTable({ plan, misses, onHear }: TakeTableProps) {
  const pager = usePager(misses.length);
  const tell = tellNotesOfPlan(plan);
  return (
    <>
      <Table className="mt-3">
        <caption className="text-left">
          <Heading as="span">Note by note</Heading>
        </caption>
        <TableHead columns={COLUMNS} />
        <tbody>
          {misses.slice(pager.from, pager.to).map((miss) => (
            <tr key={miss.heard.at}>
              <td>{noteAtText(tell(miss.note), miss.note)}</td>
              <MissCells plan={plan} miss={miss} />
              <td>
                <Button aria-label={`Hear ${noteAtText(tell(miss.note), miss.note)} beside its target`} onClick={() => onHear(miss)}>
                  <Volume2 size={14} aria-hidden="true" />
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
      <PageButtons pager={pager} />
    </>
  );
}

/** Shows what was read of a note; of another note than the one due, or an unclear one, nothing is judged. */
function MissCells({ plan, miss }: { readonly plan: Plan; readonly miss: NoteMiss }) {
  const { note, heard, side, mm, doubtful } = miss;
  const planned = plan.notes[note];
  const fingering = planned?.kind === 'note' ? fingeringText(planned) : '';
  const isJudged = side !== null && !doubtful;
  return (
    <>
      <td>{fingering}</td>
      <td>{arrivalText(miss)}</td>
      <td>{isJudged ? centsText(heard.cents) : '–'}</td>
      <td>{isJudged && mm !== null ? signedMmText(mm) : '–'}</td>
      <td>
        {doubtful ? 'unclear' : side === null ? 'another note' : SIDE_LABELS[side]}
        {heard.again ? ', again' : ''}
      </td>
      <td>{heard.vibrato > 0 ? `± ${Math.round(heard.vibrato)} cents` : ''}</td>
    </>
  );
}
