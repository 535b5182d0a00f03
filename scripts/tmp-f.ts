import { rangeInKey, scaleSteps } from '#core/fit';
import { planned } from '../tests/support/briefs.ts';
const sc = (kind: any, tonic: string, octaves: any, more: any = {}): any => ({ instrument: { kind }, material: { kind: 'scale', type: 'major', tonic, octaves, direction: 'up-down' }, ...more });
for (const b of [sc('violin', 'Ab3', 3), sc('violin', 'F4', 2), sc('violin', 'Bb3', 2, { limits: { positions: ['1'] } }), sc('violin', 'A3', 2, { limits: { positions: ['3'], strings: ['A4', 'E5'] } }), sc('cello', 'Eb2', 2, { limits: { positions: ['half', '1'] } }), sc('bass', 'F1', 1, { limits: { positions: ['half', 'I'] } })]) {
  console.log(JSON.stringify(rangeInKey(b)));
  try { const s = scaleSteps(planned(b)); console.log(JSON.stringify(s.start), s.steps.join(' '), s.tetrachords.map((t) => t.from + 1 + '-' + (t.to + 1)).join(' ')); } catch (e) { console.log('no plan'); }
}
