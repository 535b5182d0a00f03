import assert from 'node:assert/strict';
import { describe, it } from 'node:test';
import { engravingOf } from '#core/notation';
import type { Plan } from '#core/plan/describe';
import { curvePath, curvesOf, curveYAt } from '../../../src/engraving/curves.ts';
import type { Head } from '../../../src/engraving/draw-measures.ts';
import { clefAfter, clefBefore, layoutStaff } from '../../../src/engraving/layout.ts';
import { systemsOf } from '../../../src/engraving/systems.ts';
import {
  bandsOf,
  BEAD_RADIUS,
  beadsOf,
  dropTargets,
  ghostsOf,
  linksOf,
  nearestTarget,
  pathScale,
  slopesOf,
  stretchesOf,
  yOfMm,
} from '../../../src/path/path-geometry.ts';
import { bandNames } from '../../../src/path/band-names.ts';
import { highestMmOf, smallPath } from '../../../src/path/small-path.ts';
import { lineBrief, planBest } from '../../support/briefs.ts';
import { headAt } from './heads.ts';

/** Places heads thirty apart under every note of a plan. */
function headsOf(plan: Plan): readonly Head[] {
  return plan.notes.map((note, index) => headAt(index, 30 * (index + 1), { rest: note.kind === 'rest' }));
}

const shifting = planBest(
  lineBrief('violin', ['E4', 'F#4', 'G4', 'A4', 'B4', 'C#5', 'D5', 'E5'], { limits: { strings: ['D4'], openStrings: 'none' } }, 'D major'),
);

describe('the path', () => {
  const scale = pathScale(shifting, 300);
  const beads = beadsOf(shifting, headsOf(shifting), scale);

  it('puts each bead under its head and at its millimetres', () => {
    for (const bead of beads) {
      assert.equal(bead.x, 30 * (bead.index + 1));
      assert.equal(bead.y, scale.nutY - bead.note.stops[0].mmFromNut * scale.pxPerMm);
    }
  });

  it('fits all the hand covers into its height, nut at the bottom', () => {
    for (const stay of shifting.stays) assert.ok(yOfMm(scale, stay.highestMm) >= 0);
    assert.ok(yOfMm(scale, 0) < 300);
    assert.equal(yOfMm(scale, 0), scale.nutY);
  });

  it('has a band for each stay, around all its beads', () => {
    const bands = bandsOf(shifting, beads, scale);
    assert.equal(bands.length, shifting.stays.length);
    for (const band of bands) {
      const inside = beads.filter((bead) => bead.index >= band.stay.from && bead.index <= band.stay.to);
      for (const bead of inside) {
        assert.ok(bead.x - BEAD_RADIUS >= band.x && bead.x + BEAD_RADIUS <= band.x + band.width);
        assert.ok(bead.y >= band.top && bead.y <= band.top + band.height);
      }
    }
  });

  it('names each stay by what does not run into the next: a row of thumb octaves by its notes alone', () => {
    const names = (plan: Plan, apart: number): readonly (string | null)[] =>
      bandNames(
        bandsOf(
          plan,
          beadsOf(
            plan,
            headsOf(plan).map((one, order) => ({ ...one, x: apart * (order + 1) })),
            pathScale(plan, 150),
          ),
          pathScale(plan, 150),
        ),
      );
    const octaves = planBest({
      instrument: { kind: 'cello' },
      player: { school: 'thumb' },
      material: { kind: 'double-stops', interval: 'octaves', type: 'major', tonic: 'D4', octaves: 1, direction: 'up' },
    });
    assert.deepEqual(names(octaves, 100).slice(0, 2), ['thumb on D4', 'thumb on E4']);
    assert.deepEqual(names(octaves, 60).slice(0, 3), ['D4', 'E4', 'F♯4']);
    assert.deepEqual(names(octaves, 15).slice(0, 2), [null, null]);
  });

  it('has a slope for each shift, as high as finger 1 travels', () => {
    const slopes = slopesOf(shifting, beads, scale);
    assert.equal(slopes.length, shifting.shifts.length);
    assert.ok(slopes.length > 0);
    for (const slope of slopes) assert.ok(Math.abs(Math.abs(slope.toY - slope.fromY) - slope.shift.handMm * scale.pxPerMm) < 1e-9);
  });

  it('draws nothing of what is not engraved', () => {
    assert.deepEqual(beadsOf(shifting, [], scale), []);
    assert.deepEqual(slopesOf(shifting, beads.slice(0, 1), scale), []);
  });

  it('joins beads by the string they go to, and tells a crossing', () => {
    const plan = planBest(lineBrief('violin', ['D4', 'E4', 'A4'], { limits: { openStrings: 'prefer' } }));
    const links = linksOf(beadsOf(plan, headsOf(plan), pathScale(plan, 300)));
    assert.deepEqual(
      links.map((link) => link.crossesString),
      [false, true],
    );
    assert.ok((links[0]?.width ?? 0) > (links[1]?.width ?? 0));
  });
});

describe('a slur', () => {
  const slurred = [
    headAt(0, 10, { slur: 'begins' }),
    headAt(1, 40, { slur: 'continues', y: 30, top: 25 }),
    headAt(2, 70, { slur: 'ends' }),
  ];

  it('lies above where stems go down, and clears the highest head', () => {
    const [curve] = curvesOf(slurred);
    assert.ok(curve?.above);
    assert.ok(curveYAt(curve, 40) < 25);
    assert.equal(curveYAt(curve, 10), curve.fromY);
    assert.match(curvePath(curve), /^M10 40C.*Z$/);
  });

  it('lies below where all stems go up', () => {
    const [curve] = curvesOf(slurred.map((head) => ({ ...head, stemUp: true })));
    assert.ok(curve && !curve.above && curve.controlY > curve.fromY);
  });

  it('whose end is not engraved is left out, and so is a tie', () => {
    assert.deepEqual(curvesOf(slurred.slice(0, 2)), []);
    assert.deepEqual(curvesOf([headAt(0, 10, { tiedToNext: true })]), []);
    assert.equal(curvesOf([headAt(0, 10, { tiedToNext: true }), headAt(0, 40, { tiedFromBefore: true })])[0]?.kind, 'tie');
  });

  it('goes on over the end of a system, and so does a tie', () => {
    const ends = { left: 80, right: 500 };
    const begun = curvesOf([headAt(0, 400, { slur: 'begins' }), headAt(1, 450, { slur: 'continues' })], ends);
    assert.deepEqual(
      begun.map(({ fromX, toX }) => [fromX, toX]),
      [[400, 500]],
    );
    const ended = curvesOf([headAt(2, 120, { slur: 'continues' }), headAt(3, 160, { slur: 'ends' }), headAt(4, 200)], ends);
    assert.deepEqual(
      ended.map(({ fromX, toX }) => [fromX, toX]),
      [[80, 160]],
    );
    const tied = curvesOf([headAt(0, 120, { tiedFromBefore: true }), headAt(1, 450, { tiedToNext: true })], ends);
    assert.deepEqual(
      tied.map(({ kind, fromX, toX }) => [kind, fromX, toX]),
      [
        ['tie', 90, 114],
        ['tie', 456, 500],
      ],
    );
  });
});

describe('the staff’s layout', () => {
  const plan = planBest({
    instrument: { kind: 'violin' },
    material: { kind: 'scale', type: 'major', tonic: 'Ab3', octaves: 3, direction: 'up-down' },
    rhythm: { noteValue: '1/8' },
  });
  const engraving = engravingOf('violin', plan.line);

  it('leaves room for a bead under each head', () => {
    const { offsets, headWidth } = layoutStaff(engraving, engraving.measures, { available: 0, first: true });
    for (const [index, measure] of engraving.measures.entries()) {
      const width = (offsets[index + 1] ?? 0) - (offsets[index] ?? 0) - (index === 0 ? headWidth : 0);
      assert.ok(width / measure.symbols.length >= 2 * BEAD_RADIUS);
    }
  });

  it('fills the width it is given with a short line', () => {
    const [first, ...others] = engraving.measures;
    assert.ok(first && others.length > 0);
    const { offsets } = layoutStaff(engraving, engraving.measures.slice(0, 2), { available: 700, first: true });
    assert.ok(Math.abs((offsets.at(-1) ?? 0) - 700) < 1e-9);
  });

  it('puts the numbers above and the string numerals below the staff', () => {
    const { fingerRowY, staffTopY, stringRowY, height } = layoutStaff(engraving, engraving.measures, { available: 900, first: true });
    assert.ok(fingerRowY < staffTopY && staffTopY + 40 < stringRowY && stringRowY < height);
  });

  it('breaks into systems that lose no measure and fit the page', () => {
    const systems = systemsOf(engraving, 680);
    assert.deepEqual(systems.flat(), engraving.measures);
    assert.ok(systems.length > 1);
    for (const [index, measures] of systems.entries())
      assert.ok((layoutStaff(engraving, measures, { available: 0, first: index === 0 }).offsets.at(-1) ?? 0) <= 680);
  });
});

describe('stretches on the path', () => {
  const planWithReach = (comfortMm: number, maxMm: number): Plan =>
    planBest(
      lineBrief('violin', ['A3', 'B3', 'C4', 'D4'], {
        limits: { strings: ['G3'] },
        player: { hand: { firstToFourth: { comfortMm, maxMm } } },
      }),
    );
  const draw = (plan: Plan) => {
    const scale = pathScale(plan, 300);
    return { scale, stretches: stretchesOf(plan, beadsOf(plan, headsOf(plan), scale), scale) };
  };

  it('are none for a hand that has room', () => {
    assert.deepEqual(draw(planWithReach(90, 100)).stretches, []);
  });

  it('reach from the lowest to the highest finger that must stand, in true millimetres', () => {
    const plan = planWithReach(60, 100);
    const { scale, stretches } = draw(plan);
    assert.ok(stretches.length > 0);
    for (const { top, bottom, needMm, beyond } of stretches) {
      assert.ok(Math.abs((bottom - top) / scale.pxPerMm - needMm) < 1e-6);
      assert.equal(beyond, false);
    }
  });

  it('bear their millimetres once where they follow each other', () => {
    const { stretches } = draw(planWithReach(60, 100));
    const firsts = stretches.filter((stretch) => stretch.first);
    assert.equal(firsts[0], stretches[0]);
    for (const [order, stretch] of stretches.entries()) {
      const before = stretches[order - 1];
      assert.equal(stretch.first, before?.index !== stretch.index - 1 || before.needMm !== stretch.needMm);
    }
  });
});

describe('another fingering over the path', () => {
  const scale = pathScale(shifting, 300);
  const beads = beadsOf(shifting, headsOf(shifting), scale);
  const other = planBest(lineBrief('violin', ['E4', 'F#4', 'G4', 'A4', 'B4', 'C#5', 'D5', 'E5'], {}, 'D major'));
  const others = beadsOf(other, headsOf(other), scale);

  it('has a ghost where it differs, above the bead it would cover', () => {
    const differs = new Set([4, 5]);
    const ghosts = ghostsOf(beads, others, differs);
    assert.deepEqual(
      ghosts.map(({ bead }) => bead.index),
      [4, 5],
    );
    for (const { bead, x, y } of ghosts) {
      const drawn = beads.find((value) => value.index === bead.index);
      assert.ok(drawn && Math.hypot(drawn.x - x, drawn.y - y) >= 12);
    }
    assert.ok(ghostsOf(beads, beads, differs).every(({ y }, order) => y < (beads[4 + order]?.y ?? 0) - 12));
  });

  it('fits into the height with the plan below it', () => {
    const high = planBest(lineBrief('violin', ['E6'], {}, 'D major'));
    const both = pathScale(other, 300, high);
    for (const stay of high.stays) assert.ok(yOfMm(both, stay.highestMm) >= 0);
  });

  it('is drawn small, every note in its place and every shift a stroke', () => {
    const highest = highestMmOf([shifting, other]);
    const small = smallPath(shifting, { width: 120, height: 40, highestMm: highest });
    assert.equal(small.dots.length, 8);
    assert.equal(small.shifts.length, shifting.shifts.length);
    for (const { x, y } of small.dots) assert.ok(x > 0 && x < 120 && y >= 0 && y <= 40);
  });
});

describe('a dragged bead', () => {
  const scale = pathScale(shifting, 300);
  const bead = beadsOf(shifting, headsOf(shifting), scale)[3];
  const ways = [
    { open: 'A4', finger: '0' },
    { open: 'D4', finger: '3' },
    { open: 'D4', finger: '4' },
    { open: 'G3', finger: '4' },
  ];

  it('may go to every string by height and every finger sideways, its own place where it is', () => {
    assert.ok(bead);
    const targets = dropTargets(
      bead,
      ways,
      (open) => ({ A4: 0, D4: 7, G3: 14 })[open] ?? 0,
      (semitones) => 280 - 10 * semitones,
    );
    assert.deepEqual(
      targets.map(({ y }) => y),
      [280, 210, 210, 140],
    );
    const own = targets.findIndex(({ way }) => way.open === bead.note.stops[0].open && way.finger === bead.note.stops[0].finger);
    assert.equal(targets[own]?.x ?? bead.x, bead.x);
    assert.notEqual(targets[1]?.x, targets[2]?.x);
    assert.equal(nearestTarget(targets, bead.x + 3, 143)?.way.open, 'G3');
    assert.equal(nearestTarget(targets, bead.x + 300, 20), null);
  });
});

describe('a staff that changes its clef', () => {
  const up = ['Bb2', 'C3', 'D3', 'Eb3', 'F3', 'G3', 'A3', 'Bb3', 'C4', 'D4', 'Eb4', 'F4', 'G4', 'A4', 'Bb4'];
  const { line } = planBest(lineBrief('cello', [...up, ...up.toReversed()], {}, 'Bb major'));
  const engraving = engravingOf('cello', line);

  it('says so at the end of the measure before, with room for it', () => {
    const changes = engraving.measures.flatMap((measure) => clefAfter(engraving, measure)?.name ?? []);
    assert.deepEqual(changes, ['tenor', 'bass']);
    assert.ok(
      engraving.measures.every((measure) => measure.symbols.every((_, order) => order === 0 || clefBefore(measure, order) === null)),
    );
    const layout = layoutStaff(engraving, engraving.measures, { available: 0, first: true });
    const widths = engraving.measures.map((_, index) => (layout.offsets[index + 1] ?? 0) - (layout.offsets[index] ?? 0));
    const changing = engraving.measures.findIndex((measure) => clefAfter(engraving, measure) !== null);
    assert.ok((widths[changing] ?? 0) > (widths[changing + 1] ?? 0));
  });

  it('is lower where the other clef saves ledger lines, and higher with room for bows and cues', () => {
    const plain = layoutStaff(engraving, engraving.measures, { available: 0, first: true });
    const written = layoutStaff(engraving, engraving.measures, {
      available: 0,
      first: true,
      written: { bows: true, ornaments: false, cues: true },
    });
    assert.ok(written.staffTopY > plain.staffTopY && written.height > plain.height + 20);
    assert.ok(written.cueRowY > written.stringRowY);
  });
});
