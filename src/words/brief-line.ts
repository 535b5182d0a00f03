import type { Brief } from '#core/plan';
import { SYSTEM_LABELS } from './intonation.ts';
import { instrumentLabel, materialLabel, noteLabel, OPEN_STRING_LABELS, PURPOSE_LABELS, wishLabels } from './labels.ts';

/** The whole brief as one line of print. */
export function briefLine(brief: Brief): string {
  const player = brief.player?.name ? `for ${brief.player.name}, ` : '';
  const tempo = brief.tempo === undefined ? '' : `, ♩ = ${brief.tempo}`;
  const limits = brief.limits ?? {};
  const told = [
    limits.positions ? `positions ${limits.positions.join(', ')}` : '',
    limits.strings ? `strings ${limits.strings.map(noteLabel).join(', ')}` : '',
    limits.fingers ? `fingers ${limits.fingers.join(', ')}` : '',
    limits.openStrings && limits.openStrings !== 'allow' ? `open strings ${OPEN_STRING_LABELS[limits.openStrings]}` : '',
    brief.purpose ? PURPOSE_LABELS[brief.purpose] : '',
    brief.intonation?.system && brief.intonation.system !== 'equal' ? `aiming at ${SYSTEM_LABELS[brief.intonation.system]}` : '',
    ...wishLabels(brief),
  ].filter((text) => text !== '');
  const limited = told.length === 0 ? '' : `; ${told.join('; ')}`;
  const what = materialLabel(brief);
  return `${what.charAt(0).toUpperCase()}${what.slice(1)}, ${player}on a ${instrumentLabel(brief)}${tempo}${limited}`;
}
