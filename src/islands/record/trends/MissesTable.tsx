import { useMemo, useState } from 'react';
import { COUNTED_BY, type CountedBy, missesBy, type Week } from '#core/trends';
import { LabelledChoice } from '../../../ui/fields/index.ts';
import { Heading } from '../../../ui/Heading.tsx';
import { Table } from '../../../ui/Table.tsx';
import { COUNTED_BY_WORDS, groupText, missCountsText, TRENDS_WORDS, weekText } from '../../../words/practice/trends.ts';
import type { TrendsRead } from './read-trends.ts';

interface MissesTableProps {
  readonly read: Pick<TrendsRead, 'arrivals' | 'now'>;
  readonly weeks: readonly Week[];
}

/** Shows misses out of tune, week by week: by finger, string, position, or kind of shift. */
export function MissesTable({ read: { arrivals, now }, weeks }: MissesTableProps) {
  const [by, setBy] = useState<CountedBy>('finger');
  const rows = useMemo(() => missesBy(by, arrivals, now, weeks.length), [by, arrivals, now, weeks.length]);
  return (
    <section aria-label={TRENDS_WORDS.misses}>
      <Heading>{TRENDS_WORDS.misses}</Heading>
      <div className="w-64">
        <LabelledChoice label="Counted by" value={by} among={COUNTED_BY} nameOf={(value) => COUNTED_BY_WORDS[value]} onChoose={setBy} />
      </div>
      <Table className="mt-2">
        <caption className="sr-only">
          {TRENDS_WORDS.misses}, by {COUNTED_BY_WORDS[by]}
        </caption>
        <thead>
          <tr>
            <th scope="col" className="min-w-36 first-letter:uppercase">
              {COUNTED_BY_WORDS[by]}
            </th>
            <th scope="col">Played</th>
            <th scope="col">All weeks</th>
            {weeks.map((week) => (
              <th key={week.begins} scope="col" className="whitespace-nowrap">
                {weekText(week)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(({ group, all, weeks: counts }) => (
            <tr key={group}>
              <th scope="row">{groupText(by, group)}</th>
              <td>{all.played}</td>
              <td className="whitespace-nowrap">{missCountsText(all)}</td>
              {counts.map((row, order) => (
                <td key={weeks[order]?.begins ?? order}>{missCountsText(row)}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </Table>
      <p className="text-[14px] text-dove-dark">{TRENDS_WORDS.missesHow}</p>
    </section>
  );
}
