import { DOCUMENT_KINDS, withHead, type SchoolDocument } from '#core/documents';

/** The school of the made-up studio; its players follow it. */
export const DEMO_SCHOOL: SchoolDocument = withHead(DOCUMENT_KINDS.school, {
  name: 'Dovecote studio',
  school: {
    ways: { guide: 'old-finger', fingers: 'held', vibrato: 'off', slideSpeed: 'slowing', judging: 'ear' },
  },
});
