import { Printer, Undo2 } from '../../ui/icons.ts';
import { type ReactNode, useRef, useState } from 'react';
import { hotSpotsOf } from '#core/drill/hot-spots';
import { ringingNotes } from '#core/fit/intoned';
import { plan } from '#core/plan';
import type { Head } from '../../engraving/index.ts';
import { Answered, EmptyState, Notice, Progress } from '../../ui/states/index.ts';
import { Button } from '../../ui/Button.tsx';
import { Dialog } from '../../ui/Dialog.tsx';
import { Fact, FactList } from '../../ui/FactList.tsx';
import { CheckField, SelectField, SENTENCE_PART, TextField } from '../../ui/fields/index.ts';
import { Figure } from '../../ui/Figure.tsx';
import { Heading } from '../../ui/Heading.tsx';
import { Popover } from '../../ui/Popover.tsx';
import { Table } from '../../ui/Table.tsx';
import { Tabs } from '../../ui/Tabs.tsx';
import { PathDrawing, SemitoneLines } from '../score/index.ts';
import { beadsOf, pathScale } from '../../path/index.ts';

/** Shows every part of the interface, in every state, on both papers. */
export function Samples() {
  return (
    <main className="grid lg:grid-cols-2">
      <Paper name="Light paper" className="light-paper" />
      <Paper name="Dark paper" className="dark-paper" />
    </main>
  );
}

function Paper({ name, className }: { readonly name: string; readonly className: string }) {
  return (
    <div className={`${className} bg-paper px-6 py-5 text-ink`}>
      <h1 className="text-2xl font-semibold">{name}</h1>
      <Sample name="Colours">
        <Colours />
      </Sample>
      <Sample name="Type">
        <Type />
      </Sample>
      <Sample name="Buttons">
        <Buttons />
      </Sample>
      <Sample name="Parts of the sentence">
        <SentenceParts />
      </Sample>
      <Sample name="Fields">
        <Fields paper={name} />
      </Sample>
      <Sample name="Tabs and tables">
        <TabsAndTables />
      </Sample>
      <Sample name="What one should know">
        <Notices />
      </Sample>
      <Sample name="Facts and nothing yet">
        <FactList>
          <Fact name="Position">third position</Fact>
          <Fact name="From the nut">90 mm</Fact>
        </FactList>
        <EmptyState title="Choose a note">What to do so that something stands here.</EmptyState>
      </Sample>
      <Sample name="What opens">
        <Openings paper={name} />
      </Sample>
      <Sample name="The path">
        <SamplePath />
      </Sample>
    </div>
  );
}

function Colours() {
  return (
    <>
      <div className="grid grid-cols-4 gap-2 text-sm">
        {COLOURS.map(({ token, name: colour, use }) => (
          <div key={token}>
            <svg className="h-8 w-full border border-line" aria-hidden="true">
              <rect width="100%" height="100%" fill={`var(--color-${token})`} />
            </svg>
            <strong>{colour}</strong> <span className="text-dove-dark">{use}</span>
          </div>
        ))}
      </div>
    </>
  );
}

function Type() {
  return (
    <>
      <p className="font-serif text-2xl font-semibold">A heading with character</p>
      <p className="font-serif text-[19px]">A sentence of the brief, in serif</p>
      <p>Words of explanation, in a plain sans</p>
      <p className="text-sm text-dove-dark">Small words, 0 1 2 3 4 5 6 7 8 9 mm, ♭ ♯ ♩</p>
      <Heading as="span">A small heading</Heading>
    </>
  );
}

function Buttons() {
  return (
    <>
      <p className="flex flex-wrap gap-2">
        <Button>
          <Printer size={15} aria-hidden="true" /> at rest
        </Button>
        <Button data-pointed>pointed at</Button>
        <Button data-focused>with the focus</Button>
        <Button aria-pressed="true">pressed</Button>
        <Button disabled>
          <Undo2 size={15} aria-hidden="true" /> cannot be done
        </Button>
        <Button outside>outside the limits</Button>
      </p>
    </>
  );
}

function SentenceParts() {
  return (
    <>
      <p className="font-serif text-[19px]">
        A{' '}
        <button type="button" className={SENTENCE_PART}>
          part at rest
        </button>
        , one{' '}
        <button type="button" className={SENTENCE_PART} data-pointed>
          pointed at
        </button>
        , one{' '}
        <button type="button" className={SENTENCE_PART} data-focused>
          with the focus
        </button>
        , and a number <Figure how="The frame in first position: from the first to the fourth finger.">73 mm</Figure> that says how it came
        about.
      </p>
    </>
  );
}

function Fields({ paper }: { readonly paper: string }) {
  const [chosen, setChosen] = useState('one');
  return (
    <>
      <div className="flex flex-wrap items-baseline gap-2">
        <TextField aria-label={`Field, ${paper}`} defaultValue="typed" />
        <TextField aria-label={`Empty field, ${paper}`} placeholder="nothing typed yet" />
        <TextField data-focused aria-label={`Field with the focus, ${paper}`} defaultValue="with the focus" />
        <SelectField
          aria-label={`Choice, ${paper}`}
          value={chosen}
          options={[
            { value: 'one', name: 'one' },
            { value: 'another', name: 'another' },
          ]}
          onChoose={setChosen}
        />
        <CheckField label="Chosen" hint="and what it does" checked onChange={() => undefined} />
      </div>
    </>
  );
}

function TabsAndTables() {
  return (
    <>
      <Tabs label="Two views" names={['Chosen', 'Another']} nameOf={(name) => name}>
        {(name) => <p className="mt-1">The view {name.toLowerCase()}.</p>}
      </Tabs>
      <Table className="mt-2">
        <thead>
          <tr>
            <th scope="col">Note</th>
            <th scope="col">Place</th>
          </tr>
        </thead>
        <tbody>
          <tr>
            <td>B♭5</td>
            <td>90 mm</td>
          </tr>
        </tbody>
      </Table>
    </>
  );
}

function Notices() {
  return (
    <>
      <Notice>Something to know, quietly.</Notice>
      <Notice className="mt-2" trouble>
        <strong>What is wrong, and where.</strong> What would help.
      </Notice>
      <Progress what="Planning a long line" done="laid out" share={0.4} onStop={() => undefined} />
      <div className="mt-2 grid gap-1">
        <Answered asked={{ state: 'waiting' }} waiting="Looking for other fingerings …">
          {() => null}
        </Answered>
        <Answered asked={{ state: 'failed', from: 'engine', message: '', again: () => undefined }}>{() => null}</Answered>
      </div>
    </>
  );
}

/** Shows what hangs from a button, and what stands over the page. */
function Openings({ paper }: { readonly paper: string }) {
  const [open, setOpen] = useState<'below' | 'over' | null>(null);
  const trigger = useRef<HTMLButtonElement>(null);
  const close = (): void => setOpen(null);
  return (
    <p className="flex gap-2">
      <Button ref={trigger} onClick={() => setOpen('below')} aria-label={`Below, ${paper}`}>
        opens below
      </Button>
      <Button onClick={() => setOpen('over')} aria-label={`Over the page, ${paper}`}>
        opens over the page
      </Button>
      {open === 'below' && (
        <Popover label="Below" anchor={trigger} width="" onClose={close}>
          What hangs from what was pressed.
        </Popover>
      )}
      {open === 'over' && (
        <Dialog title="Over the page" className="top-[20vh] p-6" onClose={close}>
          <Button onClick={close}>Close</Button>
        </Dialog>
      )}
    </p>
  );
}

const COLOURS = [
  { token: 'paper', name: 'paper', use: 'ground' },
  { token: 'paper-deep', name: 'deep paper', use: 'notices' },
  { token: 'ink', name: 'ink', use: 'words, beads' },
  { token: 'dove', name: 'dove', use: 'structure' },
  { token: 'dove-dark', name: 'dark dove', use: 'quiet words' },
  { token: 'madder', name: 'madder', use: 'shifts only' },
  { token: 'verdigris', name: 'verdigris', use: 'in tune, rings' },
  { token: 'ochre', name: 'ochre', use: 'stretch, trouble' },
] as const;

function Sample({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  return (
    <section className="mt-4">
      <Heading className="mb-1.5">{name}</Heading>
      {children}
    </section>
  );
}

const PATH = { width: 540, height: 240, step: 36 } as const;

/** Shows a short line with a shift, a ring, a locked note, a stretch, an open string, and another fingering overlaid. */
function SamplePath() {
  const brief = {
    instrument: { kind: 'violin', size: '3/4' },
    player: { hand: { firstToFourth: { comfortMm: 60, maxMm: 80 }, fingerDistanceMm: 9 } },
    material: { kind: 'scale', type: 'major', tonic: 'D4', octaves: 2, direction: 'up' },
    tempo: 72,
  } as const;
  const outcome = plan({ ...brief, locks: [{ note: 3, finger: '3' }] }, { alternatives: 1 });
  if (!outcome.ok) return null;
  const { best, alternatives } = outcome.value;
  const other = alternatives[0];
  const heads = best.notes.map((_, index): Head => headAt(index));
  const scale = pathScale(best, PATH.height, other?.plan);
  const notes = {
    ringing: ringingNotes(best),
    hotSpots: hotSpotsOf(best).slice(0, 1),
    refingered: [1],
    slides: true,
  };
  const over = other ? { plan: other.plan, beads: beadsOf(other.plan, heads, scale), differsAt: other.differsAt } : null;
  return (
    <svg
      width={PATH.width}
      height={PATH.height}
      role="img"
      aria-label="A path with a shift, a ring, a locked note and another fingering overlaid"
    >
      <SemitoneLines plan={best} scale={scale} from={0} to={PATH.width} />
      <PathDrawing
        plan={best}
        beads={beadsOf(best, heads, scale)}
        scale={scale}
        left={0}
        selected={6}
        notes={notes}
        over={over}
        onSelect={() => undefined}
      />
    </svg>
  );
}

function headAt(index: number): Head {
  const x = 20 + PATH.step * index;
  const still = { y: 0, left: x - 6, right: x + 6, top: 0, bottom: 0, stemUp: false, rest: false, accidental: false };
  return {
    index,
    x,
    ...still,
    tiedFromBefore: false,
    tiedToNext: false,
    slur: null,
    small: false,
    passedBy: null,
    octaveLine: false,
    tuplet: null,
    accent: null,
    articulation: null,
  };
}
