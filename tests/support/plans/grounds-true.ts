import type { Ground } from '#core/explain';
import { parsePitch, semitonesOf } from '#core/pitch';
import { canPlayAlone, soundAt } from './plans-asked.ts';
import type { Of, Told, Untrue } from './told.ts';

function semitonesIn(text: string): number {
  const pitch = parsePitch(text);
  return pitch.ok ? semitonesOf(pitch.value) : NaN;
}

/** The checks of a reason's musical ground, by kind: each gives what is not true. */
export const GROUNDS: { readonly [Kind in Ground['kind']]: (told: Told, ground: Of<Ground, 'kind', Kind>) => Untrue } = {
  beyond: ({ best, reason }, { written, position }) => {
    const later = best.notes.slice(reason.note).find((note) => note.kind === 'note' && note.stops[0].written === written);
    if (later?.kind !== 'note') return `no ${written} follows`;
    return canPlayAlone(
      best,
      later.stops.map(({ pitch }) => pitch),
      { position: position.label },
      position,
    )
      ? `${written} lies in ${position.label}`
      : null;
  },
  'lies-in': ({ best, reason }, { position, until }) => {
    const stay = best.stays.find(({ from, to }) => from <= reason.note && reason.note <= to);
    if (!stay) return 'no hand stands there';
    const last = best.notes.slice(reason.note, stay.to + 1).findLast((note) => note.kind === 'note');
    if (last?.kind !== 'note' || last.stops[0].written !== until) return `the hand stays to another note than ${until}`;
    const { label, alteration } = stay.position;
    return label === position.label && alteration === position.alteration ? null : `it stands in ${label}`;
  },
  moment: ({ best, reason }, { moment }) => {
    const before = best.notes.slice(0, reason.note).findLast((note) => note.kind === 'note');
    const here = soundAt(best, reason.note);
    if (before?.kind !== 'note' || !here) return 'no note before';
    const holds = {
      rest: best.notes[reason.note - 1]?.kind === 'rest',
      'open-string': before.stops[0].finger === '0',
      semitone: Math.abs(semitonesIn(before.stops[0].pitch) - semitonesIn(here.stops[0].pitch)) === 1,
    };
    return holds[moment] ? null : `no ${moment}`;
  },
  'below-open': ({ best, reason }, { string }) => {
    const here = soundAt(best, reason.note);
    return here && semitonesIn(here.stops[0].pitch) < semitonesIn(string) ? null : `it does not lie below ${string}`;
  },
  'lowest-string': ({ best, reason }) => {
    const here = soundAt(best, reason.note)?.stops[0];
    return here?.finger === '0' && here.open === best.strings.at(-1)?.name ? null : 'it is not the lowest string';
  },
  spans: ({ best, reason }, { low, high, finger }) => {
    const around = best.notes
      .slice(Math.max(0, reason.note - 6), reason.note + 7)
      .flatMap((note) => (note.kind === 'note' ? [note.stops[0]] : []));
    const string = soundAt(best, reason.note)?.stops[0].string;
    const on = around.filter((stop) => stop.string === string);
    const [one, other] = [
      on.find((stop) => stop.finger === '1' && stop.written === low),
      on.find((stop) => stop.finger === finger && stop.written === high),
    ];
    if (!one || !other) return `no 1 on ${low} or ${finger} on ${high}`;
    return other.semitonesAboveOpen - one.semitonesAboveOpen > Number(finger) - 1 ? null : 'a closed hand holds it';
  },
  'not-under-hand': ({ best, reason }, { string, position }) => {
    const here = soundAt(best, reason.note);
    if (!here) return 'no note';
    return canPlayAlone(
      best,
      here.stops.map(({ pitch }) => pitch),
      { string, position: position.label },
      position,
    )
      ? `it lies under the hand on ${string}`
      : null;
  },
};
