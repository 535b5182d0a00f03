import { type Brief, intonationSystemOf } from '#core/brief';
import { differingWays } from '#core/brief/edits';
import { limitsSet } from '#core/brief/parts/limits';
import { PURPOSE_LABELS } from '#core/brief/parts/rules';
import { SYSTEM_LABELS } from '../intonation/intonation.ts';
import { instrumentLabel } from '../studio/instruments.ts';
import { materialLabel } from './pieces.ts';
import { wishLabels } from './wishes.ts';
import { variantLabels } from '../line/rhythm.ts';
import { waysLabels } from '../studio/school.ts';

/** Writes the whole brief as one line of print. */
export function briefLine(brief: Brief): string {
  const player = brief.player?.name ? `for ${brief.player.name}, ` : '';
  const tempo = brief.tempo === undefined ? '' : `, ♩ = ${brief.tempo}`;
  const told = [
    ...variantLabels(brief.rhythm ?? {}),
    ...limitsSet(brief.limits).map(({ part, value }) => (part.stands.in === 'sentence' ? part.words.inPrint(value) : '')),
    brief.purpose ? PURPOSE_LABELS[brief.purpose] : '',
    intonationSystemOf(brief) !== 'equal' ? `aiming at ${SYSTEM_LABELS[intonationSystemOf(brief)]}` : '',
    ...wishLabels(brief),
    ...waysLabels(differingWays(brief)),
  ].filter((text) => text !== '');
  const limited = told.length === 0 ? '' : `; ${told.join('; ')}`;
  const what = materialLabel(brief);
  return `${what.charAt(0).toUpperCase()}${what.slice(1)}, ${player}on a ${instrumentLabel(brief)}${tempo}${limited}`;
}
