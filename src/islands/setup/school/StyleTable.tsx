import { type School, sideNames, STYLES } from '#core/brief/parts/school';
import { PREFERENCES, wishPart } from '#core/brief/parts/wishes';
import { Button } from '../../../ui/Button.tsx';
import { SelectField } from '../../../ui/fields/index.ts';
import { Table } from '../../../ui/Table.tsx';
import { STRENGTHS } from '../../../words/piece/wishes.ts';
import { STYLE_LABELS } from '../../../words/studio/school.ts';

type Styles = NonNullable<School['styles']>;

interface StyleTableProps {
  readonly styles: Styles;
  readonly onChange: (styles: Styles) => void;
}

const STYLE_NAMES = sideNames(STYLES);

/** Edits the wishes of each style, with their strength. */
export function StyleTable({ styles, onChange }: StyleTableProps) {
  return (
    <>
      <Table className="mt-2">
        <thead>
          <tr>
            <th scope="col">Preference</th>
            {STYLE_NAMES.map((style) => (
              <th key={style} scope="col">
                {STYLE_LABELS[style]}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {PREFERENCES.map((wish) => (
            <tr key={wish}>
              <th scope="row" className="text-left font-normal">
                {wishPart(wish).label}
              </th>
              {STYLE_NAMES.map((style) => {
                const wishes = styles[style] ?? STYLES[style];
                return (
                  <td key={style}>
                    <SelectField
                      aria-label={`${STYLE_LABELS[style]}: ${wishPart(wish).label}`}
                      value={wishes[wish] ?? 0}
                      options={STRENGTHS}
                      onChoose={(strength) => onChange({ ...styles, [style]: { ...wishes, [wish]: strength } })}
                    />
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </Table>
      <Button className="mt-2" disabled={Object.keys(styles).length === 0} onClick={() => onChange({})}>
        Back to the usual preferences
      </Button>
    </>
  );
}
