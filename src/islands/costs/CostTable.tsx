import { useState } from 'react';
import { INSTRUMENT_KINDS, type InstrumentKind } from '#core/instrument';
import { changedWeights, WEIGHTS, type WeightUnit, type WeightValue, weightsFor } from '#core/weights';
import type { SchoolRecord } from '../../records/record.ts';
import { TextField } from '../../ui/fields/index.ts';
import { Table } from '../../ui/Table.tsx';
import { COST_TERMS } from '../../words/explain/cost-terms.ts';
import { INSTRUMENT_LABELS } from '../../words/studio/instruments.ts';
import { UNIT_LABELS, WEIGHT_REASONS, weightName } from '../../words/explain/weights.ts';

interface CostTableProps {
  /** The school whose costs are edited; null for the usual ones, which are only shown. */
  readonly school: SchoolRecord | null;
  readonly kind: InstrumentKind;
  readonly onChange: (school: SchoolRecord) => void;
}

/** Lists every weight with its reason: on each instrument, or on one as a school has it. */
export function CostTable({ school, kind, onChange }: CostTableProps) {
  const kinds = school === null ? INSTRUMENT_KINDS : [kind];
  return (
    <div className="mt-4 overflow-x-auto" tabIndex={0} role="group" aria-label="Table of costs">
      <Table>
        <thead>
          <tr>
            <th scope="col">Cost</th>
            <th scope="col">Why it is there</th>
            <th scope="col">Counted</th>
            {kinds.map((kind) => (
              <th key={kind} scope="col">
                {school === null ? INSTRUMENT_LABELS[kind] : 'Usual'}
              </th>
            ))}
            {school && <th scope="col">In this school</th>}
            <th scope="col">From, to</th>
          </tr>
        </thead>
        <tbody>
          {Object.entries(WEIGHTS).map(([name, { term, unit, defaults, range }]) => (
            <tr key={name} id={name} className="align-top">
              <th scope="row" className="text-left font-normal">
                {weightName(name)}
                <span className="block text-sm text-dove-dark">{COST_TERMS[term].says}</span>
              </th>
              <td className="max-w-[34ch]">{reasonOf(name)}</td>
              <td>{UNIT_LABELS[unit]}</td>
              {kinds.map((kind) => (
                <td key={kind} className="tabular-nums">
                  {valueText(defaults[kind], unit)}
                </td>
              ))}
              {school && (
                <td>
                  <WeightField name={name} unit={unit} school={school} kind={kind} onChange={onChange} />
                </td>
              )}
              <td className="whitespace-nowrap">
                {valueText(range[0], unit)} to {valueText(range[1], unit)}
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
    </div>
  );
}

interface WeightFieldProps extends CostTableProps {
  readonly name: string;
  readonly unit: WeightUnit;
  readonly school: SchoolRecord;
}

/** Edits one weight as the school has it; empty where it is the usual one. An impossible value is reported, and the text stays. */
function WeightField({ name, unit, school, kind, onChange }: WeightFieldProps) {
  const changes = school.document.school.weights?.[kind] ?? {};
  const own = changes[name];
  const [text, setText] = useState(own === undefined ? '' : valueText(own, unit));
  const typed = typedWeight(text, unit);
  const read = typed === null ? null : changedWeights(weightsFor(kind), { [name]: typed });
  const take = (next: string): void => {
    setText(next);
    const value = typedWeight(next, unit);
    if (value !== null && !changedWeights(weightsFor(kind), { [name]: value }).ok) return;
    const { [name]: _, ...others } = changes;
    const weights = { ...school.document.school.weights, [kind]: value === null ? others : { ...others, [name]: value } };
    onChange({ ...school, document: { ...school.document, school: { ...school.document.school, weights } } });
  };
  const wrong = read && !read.ok ? read.issues[0] : undefined;
  return (
    <>
      <TextField
        className="w-36"
        aria-label={`${weightName(name)} in this school`}
        aria-invalid={wrong !== undefined}
        value={text}
        onChange={(event) => take(event.target.value)}
      />
      {wrong && (
        <p className="max-w-[28ch] text-sm text-ochre">
          {wrong.message} {wrong.hint}
        </p>
      )}
    </>
  );
}

/** Reads a weight as it is typed, "0.25" or "0 · 0.1 · 0.2 · 0.3 · 0.4"; null for nothing. */
function typedWeight(text: string, unit: WeightUnit): WeightValue | null {
  const values = text
    .replaceAll('−', '-')
    .split(/[^\d.-]+/)
    .filter((part) => part !== '')
    .map((part) => Math.round(Number(part) * scaleOf(unit) * 1000) / 1000);
  const [first] = values;
  if (first === undefined) return null;
  return values.length === 1 ? first : values;
}

/** Writes a value; thousandths are shown in whole units, shares and semitones as they are. */
function valueText(value: WeightValue, unit: WeightUnit): string {
  const inUnit = (value: number): string => String(value / scaleOf(unit)).replace('-', '−');
  return typeof value === 'number' ? inUnit(value) : value.map(inUnit).join(' · ');
}

function scaleOf(unit: WeightUnit): number {
  return unit === 'share' || unit === 'semitones' ? 1 : 1000;
}

function reasonOf(name: string): string {
  return Object.entries(WEIGHT_REASONS).find(([named]) => named === name)?.[1] ?? '';
}
