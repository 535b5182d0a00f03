import { fingeredOtherwise } from '#core/explain';
import { QUESTION_NAMES, questionNamed, sideNames } from '#core/brief/parts/school';
import type { Brief } from '#core/brief';
import { planned } from '../tests/support/briefs.ts';
const scale = (kind: any, type: any, tonic: string, octaves: any, direction: any = 'up-down', more: any = {}): Brief => ({ instrument: { kind }, material: { kind: 'scale', type, tonic, octaves, direction }, ...more });
const P: Record<string, Brief> = {
  'violin G': scale('violin', 'major', 'G3', 2),
  'violin A': scale('violin', 'major', 'A3', 3),
  'violin B♭': scale('violin', 'major', 'Bb3', 2),
  'violin semitones': scale('violin', 'chromatic', 'A3', 2, 'up'),
  'viola D': scale('viola', 'major', 'D3', 2),
  'viola F': scale('viola', 'major', 'F3', 3),
  'cello D': scale('cello', 'major', 'D2', 2),
  'cello E': scale('cello', 'major', 'E2', 3),
  'cello semitones': scale('cello', 'chromatic', 'C2', 2, 'up'),
  'bass F': scale('bass', 'major', 'F1', 2),
  'bass semitones': scale('bass', 'chromatic', 'E1', 2, 'up'),
};
const plans = Object.fromEntries(Object.entries(P).map(([n, b]) => [n, planned(b)]));
const fing = (b: any) => planned(b).notes.map((n: any) => n.kind === 'note' ? n.stops.map((s: any) => s.open[0] + s.finger).join('+') : 'r').join(' ');
for (const q of QUESTION_NAMES) { if (questionNamed(q).toldAt) continue;
  for (const side of sideNames(questionNamed(q).sides)) {
    const moved = Object.entries(P).flatMap(([n, b]) => { const d = fingeredOtherwise(plans[n]!, planned({ ...b, school: { ways: { [q]: side } } })); return d.length ? [`${n} ${d.length}`] : []; });
    console.log(q, side, '::', moved.join(', '));
    if (process.argv[2] === `${q}/${side}`) for (const [n, b] of Object.entries(P)) { const o = fing(b), x = fing({ ...b, school: { ways: { [q]: side } } }); if (o !== x) console.log('   ', n, '\n      ', o, '\n      ', x); }
  } }
