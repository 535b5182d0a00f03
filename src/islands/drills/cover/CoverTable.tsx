import type { ShiftCover, ShiftNeed } from '#core/drill/cover';
import { Heading } from '../../../ui/Heading.tsx';
import { PageButtons, usePager } from '../../../ui/Pager.tsx';
import { Table, TableHead } from '../../../ui/Table.tsx';
import { COVER } from '../../../words/drills/cover.ts';
import { drillTitle, shiftClassText } from '../../../words/drills/families.ts';

interface CoverTableProps {
  readonly cover: ShiftCover;
  /** Gives the title of a piece by its id. */
  readonly titleOf: (id: string) => string;
}

/** Lists every kind of shift in the pieces: how often it stands there, in which, how often it was missed, and the drill that has it. */
export function CoverTable({ cover, titleOf }: CoverTableProps) {
  const pager = usePager(cover.needs.length);
  const drillFor = (index: number): string => {
    const drill = cover.drills.find(({ needs }) => needs.includes(index))?.drill;
    if (!drill) return '–';
    return drill.kind === 'made' ? drillTitle(drill.request) : titleOf(drill.piece);
  };
  return (
    <section aria-label={COVER.shifts} className="mt-5">
      <Heading>{COVER.shifts}</Heading>
      {cover.covered < cover.shifts && <p className="text-[14px] text-dove-dark">– {COVER.left}</p>}
      <Table className="mt-1">
        <TableHead columns={COVER.columns} />
        <tbody>
          {cover.needs.slice(pager.from, pager.to).map((need, order) => (
            <tr key={shiftClassText(need.shiftClass)}>
              <th scope="row">{shiftClassText(need.shiftClass)}</th>
              <td>
                {need.places.length}: <Places need={need} titleOf={titleOf} />
              </td>
              <td>{need.missed}</td>
              <td>{drillFor(pager.from + order)}</td>
            </tr>
          ))}
        </tbody>
      </Table>
      <PageButtons pager={pager} />
    </section>
  );
}

/** Leads to the first place of a kind of shift in each piece that has it. */
function Places({ need, titleOf }: { readonly need: ShiftNeed } & Pick<CoverTableProps, 'titleOf'>) {
  const pieces = [...new Map(need.places.toReversed().map(({ piece, note }) => [piece, note]))];
  return pieces.map(([piece, note], order) => (
    <span key={piece}>
      {order > 0 && ', '}
      <a className="underline" href={`/drills?piece=${piece}&shift=${note}`}>
        {titleOf(piece)}
      </a>
    </span>
  ));
}
