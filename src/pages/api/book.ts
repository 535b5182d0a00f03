import type { APIRoute } from 'astro';
import { answerInBatch, bookLines, only, readBookBody } from '../../endpoints/index.ts';

/** Plans, sets and binds a scale book, and answers with a line for each key as it is ready; the last has the PDF. */
export const POST: APIRoute = (context) =>
  answerInBatch(context, {
    read: readBookBody,
    notOne: 'This is not a scale book',
    lines: (book, { planner, gone, ...batch }) => bookLines({ book, ...batch }, planner, gone),
  });

/** Refuses any other method. */
export const ALL = only('POST');
