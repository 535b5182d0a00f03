import { INSTRUMENT_KINDS } from '#core/instrument';
import { WEIGHTS, type WeightValue } from '#core/weights';
import { Table } from '../../ui/Table.tsx';
import { COST_TERMS } from '../../words/cost-terms.ts';
import { INSTRUMENT_LABELS } from '../../words/labels.ts';
import { UNIT_LABELS, WEIGHT_REASONS, weightName } from '../../words/weights.ts';

/** Every cost a fingering can have, with its weight on each instrument and the reason it is there. */
export function Costs() {
  return (
    <main className="px-6 pt-4 pb-8">
      <h1 className="text-2xl font-semibold">What a fingering costs</h1>
      <p className="mt-2 max-w-[70ch]">
        The best fingering is the one whose costs, added over the whole line, are least. A crossing of about 0.25 and a shift of one to two
        set the scale; what counts is how the costs compare. Wishes and the purpose of a brief move these weights, limits and fixed notes
        never give way to them.
      </p>
      <div className="mt-4 overflow-x-auto" tabIndex={0} role="group" aria-label="Table of costs">
        <Table>
          <thead>
            <tr>
              <th scope="col">Cost</th>
              <th scope="col">Why it is there</th>
              <th scope="col">Counted</th>
              {INSTRUMENT_KINDS.map((kind) => (
                <th key={kind} scope="col">
                  {INSTRUMENT_LABELS[kind]}
                </th>
              ))}
              <th scope="col">From, to</th>
            </tr>
          </thead>
          <tbody>
            {Object.entries(WEIGHTS).map(([name, entry]) => (
              <tr key={name} id={name} className="align-top">
                <th scope="row" className="text-left font-normal">
                  {weightName(name)}
                  <span className="block text-sm text-dove-dark">{COST_TERMS[entry.term].says}</span>
                </th>
                <td className="max-w-[34ch]">{reasonOf(name)}</td>
                <td>{UNIT_LABELS[entry.unit]}</td>
                {INSTRUMENT_KINDS.map((kind) => (
                  <td key={kind} className="tabular-nums">
                    {valueText(entry.defaults[kind], entry.unit)}
                  </td>
                ))}
                <td className="whitespace-nowrap">
                  {valueText(entry.range[0], entry.unit)} to {valueText(entry.range[1], entry.unit)}
                </td>
              </tr>
            ))}
          </tbody>
        </Table>
      </div>
    </main>
  );
}

/** Thousandths are shown in whole units; shares and semitones as they are. */
function valueText(value: WeightValue, unit: string): string {
  const shown = (each: number): string => String(unit === 'share' || unit === 'semitones' ? each : each / 1000).replace('-', '−');
  return typeof value === 'number' ? shown(value) : value.map(shown).join(' · ');
}

function reasonOf(name: string): string {
  return Object.entries(WEIGHT_REASONS).find(([named]) => named === name)?.[1] ?? '';
}
