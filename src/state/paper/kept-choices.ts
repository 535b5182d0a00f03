import { keepBeside, textBeside } from '../../storage/beside/index.ts';

/** Choices that were kept beside the database, read by name; what is not known is left out. */
export interface KeptChoices {
  /** Gives one of some values; otherwise the one with which a first visit opens. */
  readonly one: <Value extends string | number>(name: string, values: readonly Value[], otherwise: Value) => Value;
  /** Gives those of some values that were chosen; where nothing was kept, those with which a first visit opens. */
  readonly some: <Value extends string | number>(name: string, values: readonly Value[], otherwise: readonly Value[]) => readonly Value[];
  /** Gives the texts of a name. */
  readonly texts: (name: string) => readonly string[];
}

/** Reads the choices of a page. */
export function readChoices(key: string): KeptChoices {
  const text = textBeside(key) ?? '';
  const words = new URLSearchParams(text);
  return {
    one: (name, values, otherwise) => values.find((value) => String(value) === words.get(name)) ?? otherwise,
    some: (name, values, otherwise) => (text === '' ? otherwise : values.filter((value) => words.getAll(name).includes(String(value)))),
    texts: (name) => words.getAll(name),
  };
}

/** Keeps the choices of a page for the next visit: each name with its value, or with several. */
export function keepChoices(
  key: string,
  choices: Readonly<Record<string, string | number | boolean | readonly (string | number)[]>>,
): void {
  const words = new URLSearchParams();
  for (const [name, value] of Object.entries(choices)) {
    for (const one of typeof value === 'object' ? value : [value]) words.append(name, String(one));
  }
  keepBeside(key, words.toString());
}
