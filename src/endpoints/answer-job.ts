import type { Brief } from '#core/brief';
import { bestFingerings, plan } from '#core/plan';
import { finish, type Reading } from '#core/result';
import { answerTo, openSession } from '#core/session';
import { readRequest } from '../validation/request.ts';
import { reasonText } from '../words/explain/reasons.ts';
import { exportPlan } from './export.ts';
import { importScore } from './import.ts';
import type { JobAnswer, Job } from './job.ts';
import { answerWith, problemOf, answerUnplanned } from './problem.ts';
import { readJson } from './request-body.ts';

/** Does the work of a request, from its body to the body of its answer. */
export async function answerJob(job: Job): Promise<JobAnswer> {
  if (job.kind === 'import') return await importScore(job.bytes, job.asked);
  const json = readJson(job.body);
  if (!json.ok) return problemOf(400, 'The request could not be read', json.issues);
  const brief: Reading<Brief> = readRequest(json.value);
  return brief.ok ? answerFor(job, brief.value) : problemOf(400, 'This is not a brief', brief.issues);
}

function answerFor(job: Exclude<Job, { kind: 'import' }>, brief: Brief): JobAnswer {
  switch (job.kind) {
    case 'plan': {
      const planned = plan(brief, { alternatives: job.alternatives });
      return planned.ok ? answerWith(planned.value) : answerUnplanned(planned.issues, { relaxed: planned.relaxed });
    }
    case 'fingerings': {
      const fingerings = bestFingerings(brief, job.most);
      return fingerings.ok ? answerWith({ fingerings: fingerings.value }) : answerUnplanned(fingerings.issues);
    }
    case 'reasons': {
      const session = openSession(brief);
      const reasons = finish(answerTo(session, 'reasons', { kind: 'reasons', note: null }));
      if (!reasons.ok) return answerUnplanned(reasons.issues);
      const strings = session.best()?.strings ?? [];
      return answerWith({ reasons: reasons.value.map((reason) => ({ ...reason, sentence: reasonText(reason, strings) })) });
    }
    case 'export':
      return exportPlan(brief, job.asked);
  }
}
