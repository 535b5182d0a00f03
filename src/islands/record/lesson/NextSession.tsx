import type { SessionRecord } from '../../../records/record.ts';
import { todaysSession } from '../../../state/practice/index.ts';
import { useTellNote } from '../../../state/note-places.ts';
import { Heading } from '../../../ui/Heading.tsx';
import { SheetsLink } from '../../parts/index.ts';
import { dayText } from '../../../words/practice/record.ts';
import { itemText } from '../../../words/practice/session.ts';

interface NextSessionProps {
  readonly sessions: readonly SessionRecord[];
  /** The address of the player's sessions. */
  readonly practise: string;
}

/** Shows the session that is prepared: its items and their minutes. */
export function NextSession({ sessions, practise }: NextSessionProps) {
  const session = todaysSession(sessions.toSorted((one, other) => other.createdAt - one.createdAt));
  const tell = useTellNote();
  return (
    <section aria-label="Next session">
      <Heading as="h3">Next session</Heading>
      {!session && <p className="text-dove-dark">None is prepared yet.</p>}
      {session && (
        <>
          <p>
            <a href={`${practise}${practise.includes('?') ? '&' : '?'}session=${session.id}`}>
              {session.document.name || 'Without an aim yet'}
            </a>
            <span className="text-dove-dark">, {dayText(session.document.day)}</span>
          </p>
          <ol className="list-decimal pl-5 text-[15px]">
            {session.document.items.map((item, order) => (
              <li key={order}>
                {itemText(item.practised, tell)}, {item.minutes} min
              </li>
            ))}
          </ol>
          <p className="no-print mt-1">
            <SheetsLink pieces={session.document.items.map(({ practised }) => practised.piece)} title={session.document.name}>
              Print its pieces
            </SheetsLink>
          </p>
        </>
      )}
    </section>
  );
}
