import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { createElement, type ReactNode } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import { Answered } from '../../../src/ui/states/Answered.tsx';
import { Button, ButtonLink } from '../../../src/ui/Button.tsx';
import { Choice, OptionChoice } from '../../../src/ui/fields/Choice.tsx';
import { EmptyState } from '../../../src/ui/states/EmptyState.tsx';
import { Fact, FactList } from '../../../src/ui/FactList.tsx';
import { CheckField, SelectField } from '../../../src/ui/fields/Field.tsx';
import { Heading } from '../../../src/ui/Heading.tsx';
import { Notice } from '../../../src/ui/states/Notice.tsx';
import { Progress } from '../../../src/ui/states/Progress.tsx';

const nothing = (): void => undefined;

/** Gives what stands in the page: tags and words, without the looks. */
function draw(node: ReactNode): string {
  return renderToStaticMarkup(node).replace(/ class="[^"]*"/g, '');
}

describe('a button', () => {
  it('submits nothing unless it is told to', () => {
    assert.equal(draw(createElement(Button, null, 'Play')), '<button type="button">Play</button>');
    assert.equal(draw(createElement(Button, { type: 'submit' }, 'Lock it')), '<button type="submit">Lock it</button>');
  });

  it('keeps where it stands beside how it looks', () => {
    assert.match(renderToStaticMarkup(createElement(Button, { className: 'mt-4' }, 'Close')), /rounded-\[5px\].* mt-4"/);
    assert.match(renderToStaticMarkup(createElement(Button, { outside: true }, '3')), /border-dashed/);
  });

  it('that leads somewhere is a link', () => {
    assert.equal(draw(createElement(ButtonLink, { href: '/?new' }, 'New')), '<a href="/?new">New</a>');
  });
});

describe('a choice', () => {
  const options = [
    { value: 'prefer', name: 'preferred' },
    { value: 'allow', name: 'allowed' },
  ];

  it('names its values as they stand in the sentence', () => {
    const choice = createElement(OptionChoice, { label: 'Open strings', value: 'allow', options, onChange: nothing });
    assert.equal(
      draw(choice),
      '<select aria-label="Open strings"><option value="prefer">preferred</option><option value="allow" selected="">allowed</option></select>',
    );
  });

  it('looks the same outside the sentence, but for its frame', () => {
    const [inside, outside] = [
      createElement(Choice<string>, { label: 'Meter', value: '4/4', values: ['4/4'], name: (meter: string) => meter, onChange: nothing }),
      createElement(SelectField<string>, {
        'aria-label': 'Meter',
        value: '4/4',
        options: [{ value: '4/4', name: '4/4' }],
        onChoose: nothing,
      }),
    ];
    assert.equal(draw(inside), draw(outside));
    assert.notEqual(renderToStaticMarkup(inside), renderToStaticMarkup(outside));
  });
});

describe('yes or no', () => {
  it('is told with what it does', () => {
    const field = createElement(CheckField, {
      label: 'Harmonics',
      hint: 'Touched lightly.',
      checked: true,
      disabled: true,
      onChange: nothing,
    });
    assert.match(
      draw(field),
      /<label><input type="checkbox" disabled="" aria-describedby="(\w+)" checked=""\/><span>Harmonics<\/span><\/label>/,
    );
    assert.match(draw(field), /aria-describedby="(\w+)".*<span id="\1">Touched lightly\.<\/span>/);
  });
});

describe('a notice', () => {
  it('is a place of the page where it is named, and an alarm where it must be', () => {
    assert.equal(draw(createElement(Notice, { children: 'Good' })), '<div>Good</div>');
    assert.equal(draw(createElement(Notice, { label: 'Changed', children: 'Good' })), '<div role="region" aria-label="Changed">Good</div>');
    assert.equal(draw(createElement(Notice, { role: 'alert', trouble: true, children: 'Bad' })), '<div role="alert">Bad</div>');
  });

  it('of long work tells how far it is, and stops it', () => {
    const told = draw(createElement(Progress, { what: 'Planning', done: 'laid out', share: 0.424, onStop: nothing }));
    assert.match(told, /Planning: 42 % laid out\.<\/span><button type="button">Stop<\/button>/);
  });
});

describe('an answer', () => {
  const show = (asked: Parameters<typeof Answered<number>>[0]['asked']): string =>
    draw(createElement(Answered<number>, { asked, waiting: 'Looking …', children: (value) => `It is ${value}.` }));

  it('is waited for, told, or offered again, and never the one before', () => {
    assert.equal(show({ state: 'waiting' }), '<span>Looking …</span>');
    assert.equal(show({ state: 'answered', value: 3 }), 'It is 3.');
    assert.match(
      show({ state: 'failed', from: 'engine', message: 'died', again: nothing }),
      /^<span role="alert">This could not .*Try again<\/button><\/span>$/,
    );
  });
});

describe('lists, headings and empty places', () => {
  it('are what a listener takes them for', () => {
    const fact = createElement(Fact, { name: 'Position', children: 'third' });
    assert.equal(draw(createElement(FactList, { children: fact })), '<dl><dt>Position</dt><dd>third</dd></dl>');
    assert.equal(draw(createElement(Heading, null, 'Notes')), '<h2>Notes</h2>');
    assert.equal(draw(createElement(Heading, { as: 'legend' }, 'Notes')), '<legend>Notes</legend>');
    assert.equal(draw(createElement(EmptyState, { title: 'Nothing', children: 'Begin.' })), '<h2>Nothing</h2><p>Begin.</p>');
  });
});
