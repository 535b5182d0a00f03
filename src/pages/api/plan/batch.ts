import type { APIRoute } from 'astro';
import { answerInBatch, batchLines, briefsIn, countAsked, only } from '../../../endpoints/index.ts';

/** Plans many briefs, and answers with a line for each as it is ready. */
export const POST: APIRoute = (context) =>
  answerInBatch(context, {
    read: briefsIn,
    notOne: 'This is not a batch of briefs',
    lines: (briefs, { planner, gone, ...batch }) =>
      batchLines({ briefs, alternatives: countAsked(context.url, 'alternatives', 0), ...batch }, planner, gone),
  });

/** Refuses any other method. */
export const ALL = only('POST');
