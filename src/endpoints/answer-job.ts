import type { Brief } from '#core/brief';
import { bestFingerings, plan } from '#core/plan';
import { finish, type Reading } from '#core/result';
import { answerTo, openSession } from '#core/session';
import { readRequest } from '../validation/request.ts';
import { reasonText } from '../words/explain/reasons.ts';
import type { FaceFiles } from '../printing/index.ts';
import { bindBook } from './book/bind-book.ts';
import { setKeyOfBook } from './book/key-of-book.ts';
import { exportPlan } from './export.ts';
import { importScore } from './import.ts';
import type { JobAnswer, Job } from './job.ts';
import { answerWith, problemOf, answerUnplanned } from './problem.ts';
import { readJson } from './request-body.ts';

/** Does the work of a request, from its body to the body of its answer; `faces` gives the files of the faces that a PDF carries along. */
export async function answerJob(job: Job, faces: () => FaceFiles): Promise<JobAnswer> {
  switch (job.kind) {
    case 'import':
      return await importScore(job.bytes, job.asked);
    case 'key-of-book': {
      const { packed, ...set } = await setKeyOfBook(job.asked);
      return { status: 200, contentType: 'application/gzip', body: packed, set };
    }
    case 'bind-book': {
      const { pdf, pages } = await bindBook(job.asked, faces());
      return { status: 200, contentType: 'application/pdf', body: pdf, set: { pages, unplayable: [] } };
    }
    case 'plan':
    case 'fingerings':
    case 'reasons':
    case 'export':
      return answerBrief(job);
  }
}

/** A job that begins with a brief. */
type BriefJob = Exclude<Job, { kind: 'import' | 'key-of-book' | 'bind-book' }>;

function answerBrief(job: BriefJob): JobAnswer {
  const json = readJson(job.body);
  if (!json.ok) return problemOf(400, 'The request could not be read', json.issues);
  const brief: Reading<Brief> = readRequest(json.value);
  return brief.ok ? answerFor(job, brief.value) : problemOf(400, 'This is not a brief', brief.issues);
}

function answerFor(job: BriefJob, brief: Brief): JobAnswer {
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
