import { Printer, Undo2 } from 'lucide-react';
import type { ReactNode } from 'react';
import { plan, ringingNotes } from '#core/plan';
import type { Head } from '../../engraving/draw-measures.ts';
import { beadsOf, pathScale } from '../score/path-geometry.ts';
import { PathDrawing } from '../score/PathDrawing.tsx';
import { SemitoneLines } from '../score/SemitoneLines.tsx';

/** Every piece the interface is made of, in every state, on both papers. */
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
            <div className="h-8 border border-line" style={{ background: `var(--color-${token})` }} />
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
      <p className="small-heading">A small heading</p>
    </>
  );
}

function Buttons() {
  return (
    <>
      <p className="flex flex-wrap gap-2">
        <button type="button" className="quiet-button">
          <Printer size={15} aria-hidden="true" /> at rest
        </button>
        <button type="button" className="quiet-button as-pointed">
          pointed at
        </button>
        <button type="button" className="quiet-button as-focused">
          with the focus
        </button>
        <button type="button" className="quiet-button" aria-pressed="true">
          pressed
        </button>
        <button type="button" className="quiet-button" disabled>
          <Undo2 size={15} aria-hidden="true" /> cannot be done
        </button>
        <button type="button" className="quiet-button border-dashed text-dove-dark">
          outside the limits
        </button>
      </p>
    </>
  );
}

function SentenceParts() {
  return (
    <>
      <p className="font-serif text-[19px]">
        A{' '}
        <button type="button" className="sentence-part">
          part at rest
        </button>
        , one{' '}
        <button type="button" className="sentence-part as-pointed">
          pointed at
        </button>
        , one{' '}
        <button type="button" className="sentence-part as-focused">
          with the focus
        </button>
        , and a number{' '}
        <button type="button" className="figure">
          73 mm
        </button>{' '}
        that says how it came about.
      </p>
    </>
  );
}

function Fields({ paper }: { readonly paper: string }) {
  return (
    <>
      <p className="flex flex-wrap gap-2">
        <input className="field" aria-label={`Field, ${paper}`} defaultValue="typed" />
        <input className="field" aria-label={`Empty field, ${paper}`} placeholder="nothing typed yet" />
        <input className="field as-focused" aria-label={`Field with the focus, ${paper}`} defaultValue="with the focus" />
        <select className="field" aria-label={`Choice, ${paper}`} defaultValue="one">
          <option>one</option>
          <option>another</option>
        </select>
        <label className="flex items-center gap-1.5">
          <input type="checkbox" className="size-4 accent-ink" defaultChecked /> chosen
        </label>
      </p>
    </>
  );
}

function TabsAndTables() {
  return (
    <>
      <p className="flex gap-5 border-b border-line">
        <span className="tab" data-state="active">
          Chosen
        </span>
        <span className="tab">Another</span>
      </p>
      <table className="plain-table mt-2">
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
      </table>
    </>
  );
}

function Notices() {
  return (
    <>
      <p className="notice">Something to know, quietly.</p>
      <p className="notice notice-trouble mt-2">
        <strong>What is wrong, and where.</strong> What would help.
      </p>
    </>
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
      <h2 className="small-heading mb-1.5">{name}</h2>
      {children}
    </section>
  );
}

const PATH = { width: 540, height: 240, step: 36 } as const;

/** A short line with a shift, a ring, a fixed note, a stretch, an open string, and another fingering laid over it. */
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
  const [hard] = best.shifts;
  const notes = {
    ringing: ringingNotes(best),
    hardest: hard ? [{ note: hard.to, thousandths: 2000, terms: ['shift' as const] }] : [],
    refingered: [1],
    slides: true,
  };
  const over = other ? { plan: other.plan, beads: beadsOf(other.plan, heads, scale), differsAt: other.differsAt } : null;
  return (
    <svg
      width={PATH.width}
      height={PATH.height}
      role="img"
      aria-label="A path with a shift, a ring, a fixed note and another fingering laid over it"
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
  return { index, x, ...still, tiedFromBefore: false, tiedToNext: false, slur: null, octaveLine: false };
}
