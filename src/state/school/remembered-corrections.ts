import { type CorrectionMade, database } from '../../storage/database/index.ts';

/** The number of corrections of one kind after which the application offers to make a rule of it. */
export const ENOUGH = 3;

/** The number of corrections that are remembered. */
const MOST_KEPT = 300;

/** Remembers a correction; true when it is the one after which a rule is offered, once. One note counts once. */
export async function noteCorrection(made: Omit<CorrectionMade, 'offered'>): Promise<boolean> {
  return await database.transaction('rw', database.facts, async () => {
    const known = await corrections();
    const alike = known.filter((other) => isAlike(other, made));
    if (alike.some(({ offered }) => offered) || alike.some(({ pieceId, note }) => pieceId === made.pieceId && note === made.note))
      return false;
    const offers = alike.length + 1 >= ENOUGH;
    const all = [...known, { ...made, offered: false }].map((correctionMade) =>
      offers && isAlike(correctionMade, made) ? { ...correctionMade, offered: true } : correctionMade,
    );
    await database.facts.put({ key: 'corrections', value: all.slice(-MOST_KEPT) });
    return offers;
  });
}

async function corrections(): Promise<readonly CorrectionMade[]> {
  const fact = await database.facts.get('corrections');
  return fact?.key === 'corrections' ? fact.value : [];
}

function isAlike(one: Pick<CorrectionMade, 'question' | 'side'>, other: Pick<CorrectionMade, 'question' | 'side'>): boolean {
  return one.question === other.question && one.side === other.side;
}
