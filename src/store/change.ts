import type { Brief } from '#core/plan';

type Actions = typeof import('./bench-actions.ts');
type Edits = typeof import('./brief-edits.ts');

/** Brings what changes a piece: with the first change, or when the bench stands and has time; it is drawn without. */
export function bringActions(): Promise<readonly [Actions, Edits]> {
  return Promise.all([import('./bench-actions.ts'), import('./brief-edits.ts')]);
}

/** Does something to the piece on the bench; one thing after the other, in the order asked. */
export function act(what: (actions: Actions) => unknown): void {
  void bringActions().then(([actions]) => what(actions));
}

/** Changes single notes of the piece on the bench, or what is written at them. */
export function actOnLine(what: (actions: typeof import('./line-actions.ts')) => unknown): void {
  void import('./line-actions.ts').then(what);
}

/** Changes the brief. */
export function change(how: (now: Brief, edits: Edits) => Brief): void {
  void bringActions().then(([actions, edits]) => actions.changeBrief((now) => how(now, edits)));
}

/** Changes the brief in what a typed line depends on, and reads the line again. */
export function changeAndReadLine(how: (now: Brief, edits: Edits) => Brief): void {
  void bringActions().then(([actions, edits]) => actions.changeBriefAndReadLine((now) => how(now, edits)));
}
