import type { PartControl as Control, PartSetting } from '#core/brief/parts';
import { Button } from '../../../ui/Button.tsx';
import { CheckField, OptionChoice, SelectField, TextField } from '../../../ui/fields/index.ts';
import { Heading } from '../../../ui/Heading.tsx';

interface PartControlProps<Value> {
  /** The name of the part: "Positions". */
  readonly name: string;
  /** The words for nothing asked: "any position". */
  readonly none: string;
  readonly control: Control<Value>;
  /** The value in the brief now; undefined for none. */
  readonly value: Value | undefined;
  readonly setting: PartSetting;
  readonly onSet: (value: Value | null) => void;
}

/** Shows a part of the brief, by the kind of control it asks for. */
export function PartControl<Value>({ control, ...setting }: PartControlProps<Value>) {
  const { name, value, onSet } = setting;
  switch (control.kind) {
    case 'choice':
      return (
        <OptionChoice
          label={name}
          value={control.chosen(value)}
          options={control.options}
          onChange={(chosen) => onSet(control.choose(chosen))}
        />
      );
    case 'switch':
      return (
        <CheckField label={control.label} hint={control.hint} checked={control.isOn(value)} onChange={(on) => onSet(control.turn(on))} />
      );
    case 'subset':
      return <Subset control={control} {...setting} />;
    case 'count':
      return <Count control={control} {...setting} />;
    case 'rows':
      return <Rows control={control} {...setting} />;
  }
}

type Of<Value, Kind extends Control<Value>['kind']> = PartControlProps<Value> & {
  readonly control: Extract<Control<Value>, { kind: Kind }>;
};

/** Shows all options, each allowed or not; all of them, or none, is no limit. */
function Subset<Value>({ name, none, control, value, setting, onSet }: Of<Value, 'subset'>) {
  const all = control.all(setting);
  const chosen = control.chosen(value);
  const allowed = chosen ?? all;
  const toggle = (option: string): void => {
    const next = all.filter((other) => (other === option ? !allowed.includes(other) : allowed.includes(other)));
    onSet(control.choose(next.length === 0 || next.length === all.length ? null : next));
  };
  return (
    <>
      <fieldset>
        <Heading as="legend" className="mb-2">
          {name} allowed
        </Heading>
        {all.map((option) => (
          <div key={option} className="flex items-center justify-between gap-8 py-0.5">
            <label className="flex items-center gap-2">
              <input type="checkbox" className="size-4 accent-ink" checked={allowed.includes(option)} onChange={() => toggle(option)} />
              {control.nameOf(option)}
            </label>
            <button
              type="button"
              className="text-sm text-dove-dark underline"
              aria-label={`only ${control.nameOf(option)}`}
              onClick={() => onSet(control.choose([option]))}
            >
              only
            </button>
          </div>
        ))}
      </fieldset>
      <Button className="mt-3" disabled={chosen === null} onClick={() => onSet(control.choose(null))}>
        {none}
      </Button>
    </>
  );
}

function Count<Value>({ control, value, onSet }: Of<Value, 'count'>) {
  const read = (text: string): number | null => {
    const count = Number.parseInt(text, 10);
    return Number.isNaN(count) ? null : Math.max(0, Math.min(control.most, count));
  };
  return (
    <label className="flex items-baseline gap-2 py-1">
      {control.around[0]}
      <TextField
        className="w-16"
        inputMode="numeric"
        placeholder="any"
        aria-label={control.label}
        value={control.count(value) ?? ''}
        onChange={(event) => onSet(control.set(read(event.target.value)))}
      />
      {control.around[1]}
    </label>
  );
}

function Rows<Value>({ control, value, setting, onSet }: Of<Value, 'rows'>) {
  return (
    <fieldset className="py-1">
      <legend>{control.label}</legend>
      {control.rows(setting, value).map((row) => (
        <label key={row.value} className="flex items-baseline justify-between gap-4 py-0.5 pl-4">
          {row.name}
          <SelectField
            value={control.chosen(value, row.value)}
            options={row.options}
            onChoose={(option) => onSet(control.choose(value, row.value, option))}
          />
        </label>
      ))}
    </fieldset>
  );
}
