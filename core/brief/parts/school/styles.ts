import type { Preferences } from '#core/brief/parts/wishes';

/** The name of a style. */
export type StyleName = 'older' | 'plain' | 'singing';

/** The style of a teacher who has not said any. */
export const USUAL_STYLE = 'plain' satisfies StyleName;

/** The wishes that a style stands for, unless the teacher has changed them. */
export const STYLES: Readonly<Record<StyleName, Preferences>> = {
  older: { 'low-positions': 0.7, 'open-strings-ring': 0.7 },
  plain: {},
  singing: { connected: 0.7, 'open-strings-covered': 0.35 },
};
