import { fingeredOtherwise } from '#core/explain';
import { QUESTION_NAMES, QUESTIONS, questionNamed, sideNames } from '#core/brief/parts/school';
import type { Brief } from '#core/brief';
import { planned } from '../tests/support/briefs.ts';
const scale = (kind: any, type: any, tonic: string, octaves: any, direction: any = 'up-down', more: any = {}): Brief => ({ instrument: { kind }, material: { kind: 'scale', type, tonic, octaves, direction }, ...more });
const P: Record<string, Brief> = {
  'violin G2': scale('violin', 'major', 'G3', 2),
  'violin A3': scale('violin', 'major', 'A3', 3),
  'violin Bb2': scale('violin', 'major', 'Bb3', 2),
  'violin D2': scale('violin', 'major', 'D4', 2),
  'violin chrom': scale('violin', 'chromatic', 'A3', 2, 'up'),
  'violin arp': { instrument: { kind: 'violin' }, material: { kind: 'arpeggio', type: 'major', tonic: 'G3', octaves: 3, direction: 'up-down' } },
  'viola D2': scale('viola', 'major', 'D3', 2),
  'viola F3': scale('viola', 'major', 'F3', 3),
  'cello D2': scale('cello', 'major', 'D2', 2),
  'cello E3': scale('cello', 'major', 'E2', 3),
  'cello chrom': scale('cello', 'chromatic', 'C2', 2, 'up'),
  'bass F2': scale('bass', 'major', 'F1', 2),
  'bass chrom': scale('bass', 'chromatic', 'E1', 2, 'up'),
};
const plans = Object.fromEntries(Object.entries(P).map(([n, b]) => [n, planned(b)]));
const fing = (b: any) => planned(b).notes.map((n: any) => n.kind === 'note' ? n.stops.map((s: any) => s.open[0] + s.finger).join('+') : 'r').join(' ');
for (const q of QUESTION_NAMES) { if (questionNamed(q).toldAt) continue;
  for (const side of sideNames(QUESTIONS[q].sides)) {
    const moved = Object.entries(P).flatMap(([n, b]) => { const d = fingeredOtherwise(plans[n]!, planned({ ...b, school: { ways: { [q]: side } } })); return d.length ? [`${n} ${d.length}`] : []; });
    console.log(q, side, '::', moved.join(', '));
    if (process.argv[2] === `${q}/${side}`) for (const [n, b] of Object.entries(P)) { const o = fing(b), x = fing({ ...b, school: { ways: { [q]: side } } }); if (o !== x) console.log('   ', n, '\n      ', o, '\n      ', x); }
  } }
