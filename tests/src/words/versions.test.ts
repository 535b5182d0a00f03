import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { DOCUMENT_KINDS, withHead, type StagesDocument } from '#core/documents';
import { ladderTo, USUAL_SET } from '#core/practice/ladder';
import { PLAIN_ALONG, type PracticeItem } from '#core/practice/item';
import { FIRST_WEEK, type WeekItem } from '#core/week';
import { sessionVersionText, stagesVersionText, weekVersionText } from '../../../src/words/practice/versions.ts';

function itemOf(title: string, minutes = 5): PracticeItem {
  const practised = { piece: title, title, part: { part: 'whole' } } as const;
  return { practised, minutes, ladder: ladderTo(60), set: USUAL_SET, along: PLAIN_ALONG, grouping: 'all' };
}

function inWeek(item: PracticeItem): WeekItem {
  return { item, asked: false, movedTo: null };
}

describe('what bringing an earlier version back would do', () => {
  it('to a week names items, minutes, days off and the date', () => {
    const was = withHead(DOCUMENT_KINDS.week, { name: 'Wren', ...FIRST_WEEK, items: [inWeek(itemOf('Air')), inWeek(itemOf('Scale'))] });
    const now = {
      ...was,
      items: [inWeek(itemOf('Scale', 10)), inWeek(itemOf('Canon'))],
      minutes: [30, 30, 45, 30, 30, 30, 0],
      daysOff: ['2026-03-09'],
      goal: { name: 'Audition', day: '2026-04-01' },
      order: 'hardest-last' as const,
    };
    assert.equal(
      weekVersionText(now, was),
      'goes back to: with “Air”; without “Canon”; otherwise: “Scale”; Wed 30 min; Mon 9 Mar not off; no date; in the order of the music',
    );
    assert.equal(weekVersionText(was, now).includes('until Wed 1 Apr, “Audition”'), true);
    assert.equal(weekVersionText(was, was), 'as it is now');
  });

  it('to a session names the aim, the items and the check', () => {
    const now = withHead(DOCUMENT_KINDS.session, { name: 'Calm', day: '2026-03-09', endCheck: '', items: [itemOf('Air')] });
    const was = { ...now, name: '', endCheck: 'Once more', items: ['A', 'B', 'C', 'D', 'E'].map((title) => itemOf(title)) };
    assert.equal(sessionVersionText(now, was), 'goes back to: no aim; with “A”, “B”, “C” and 2 more; without “Air”; the check “Once more”');
  });

  it('to stages names those of the shift that is looked at', () => {
    const now: StagesDocument = withHead(DOCUMENT_KINDS.stages, {
      name: 'Wren',
      shifts: [{ shift: 'up', states: [{ stage: 'slide', state: 'clean' }] }],
    });
    const was = { ...now, shifts: [] };
    assert.equal(stagesVersionText('up', now, was), 'goes back to: Slow slide: not yet');
    assert.equal(stagesVersionText('down', now, was), 'goes back to: other shifts');
  });
});
