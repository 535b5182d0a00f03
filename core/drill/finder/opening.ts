import type { Alteration, DrillFor } from '#core/drill';
import { type DrillFamily, type DrillRequest, writeDrill } from '#core/drill/families';
import { catalogue } from './catalogue.ts';

/**
 * Finds the drill with which a form opens: the one that is asked for where this hand plays it as it is, else the first of its family that
 * this hand plays; the one asked for where there is none in the key.
 */
export function openingDrill(player: DrillFor, request: DrillRequest): DrillRequest {
  const others = catalogue(player, request.key).flatMap(({ asks }): readonly DrillFamily[] => {
    if (asks.family === request.asks.family) return [asks];
    // The drill with the in-between note is about the same shifts as their study.
    return request.asks.family === 'guide' && asks.family === 'shift' ? [{ family: 'guide', shift: asks.shift }] : [];
  });
  const tried = [request.asks, ...others].map((asks): DrillRequest => ({ ...request, asks }));
  return tried.find((request) => isPlayedAsAsked(player, request)) ?? tried.find((request) => writeDrill(player, request).ok) ?? request;
}

/** Tells whether a drill is played by this hand as it is asked for, with no other fingers, distance or string in its place. */
export function isPlayedAsAsked(player: DrillFor, request: DrillRequest): boolean {
  const drill = writeDrill(player, request);
  return drill.ok && drill.value.altered.every(({ what }) => !OTHER_THAN_ASKED.includes(what));
}

/** The alterations that turn a drill into another than the one asked for. */
const OTHER_THAN_ASKED: readonly Alteration['what'][] = ['other-fingers', 'other-distance', 'other-string', 'measures-left-out'];
