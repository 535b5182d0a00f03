import { dequal } from 'dequal';
import { withInstrument } from '#core/brief/edits';
import { lineTextOf, withOctavesMoved } from '#core/brief/lines';
import { withoutLocks } from '#core/brief/locks';
import type { Brief } from '#core/brief';
import { fits } from '#core/format/foreign';
import type { InstrumentKind } from '#core/instrument';
import { parsePitch, semitonesOf } from '#core/pitch';
import type { PracticeItem } from '#core/practice/item';
import { FIRST_WEEK, withItems } from '#core/week';
import { database } from '../../storage/database/index.ts';
import type { PieceRecord, PlayerRecord, SessionRecord, WeekRecord } from '../../records/record.ts';
import { giveTo } from '../../records/for-briefs.ts';
import { type GivenToPupil, piecesIn } from '../exchange/index.ts';
import { carriedAlong, pieceOf } from '../../records/piece-documents.ts';
import { loadSessions, loadWeek } from '../../storage/reading/index.ts';
import { newPieceRecord } from '../../records/new-records.ts';
import { newSession, newWeek } from '../../records/new-practice-records.ts';
import { excerptOf } from '../books/index.ts';
import { keepOrThrow } from '../keeping/index.ts';
import type { Studio } from '../../records/studio.ts';

/**
 * Makes the same for another pupil of a class: every piece on this pupil's own instrument, with this pupil's own fingering, in unison or
 * octaves; the list is added to what this pupil has to practise already. New records are kept in the studio, so that the pupil's log is
 * known here when it comes back.
 */
export async function sameFor(player: PlayerRecord, given: GivenToPupil, studio: Studio): Promise<GivenToPupil> {
  if (player.id === given.player.id) return given;
  const copies = new Map<string, Copy>();
  for (const id of piecesIn(given)) {
    const piece = await database.pieces.get(id);
    if (piece) copies.set(id, { piece: await copyFor(player, piece, studio), from: piece.document.brief.instrument.kind });
  }
  const week = given.week && (await weekFor(player, given.week, copies));
  const sessions: SessionRecord[] = [];
  for (const session of given.sessions) sessions.push(await sessionFor(player, session, copies));
  return { player, week, sessions };
}

/** A piece copied for another pupil, and the instrument that it was written for before. */
interface Copy {
  readonly piece: PieceRecord;
  readonly from: InstrumentKind;
}

/** Gives the piece for another pupil: the one this pupil has of the same name and notes, else a new one. */
async function copyFor(player: PlayerRecord, { document, instrumentId }: PieceRecord, studio: Studio): Promise<PieceRecord> {
  const kind = player.document.profile.kind;
  const { brief, ...uses } = giveTo(player, { brief: onInstrument(document.brief, kind), instrumentId }, studio);
  const along = { ...carriedAlong(document), inBook: excerptOf(document.inBook) };
  const copy = newPieceRecord(pieceOf(document.name, brief, lineTextOf(brief), along), false, uses);
  const there = await database.pieces
    .filter(
      (other) =>
        other.playerId === player.id && other.document.name === document.name && dequal(other.document.brief.material, brief.material),
    )
    .first();
  return there ?? (await keepOrThrow('piece', copy)).record;
}

/** Moves a brief to an instrument of another kind: without its fingerings, and an octave or two lower for one that sounds lower. */
function onInstrument(brief: Brief, kind: InstrumentKind): Brief {
  if (brief.instrument.kind === kind) return brief;
  const usual = SOUNDS_LOWER[brief.instrument.kind] - SOUNDS_LOWER[kind];
  const moved = withInstrument(withOctavesMoved(withoutLocks(brief), usual), kind);
  const range = rangeOf(moved);
  return range ? withOctavesMoved(moved, fits(range, [kind])[0]?.octaves ?? 0) : moved;
}

/** The octaves by which instruments sound lower in a class: the cello one below the violin, and the double bass two. */
const SOUNDS_LOWER: Readonly<Record<InstrumentKind, number>> = { violin: 0, viola: 0, cello: 1, bass: 2 };

/** Gives the lowest and the highest note of a line, semitones; null for other material. */
function rangeOf({ material }: Brief): readonly [number, number] | null {
  if (material.kind !== 'line') return null;
  const all = material.notes
    .flatMap((note) => ('rest' in note ? [] : note.pitches))
    .flatMap((text) => {
      const pitch = parsePitch(text);
      return pitch.ok ? [semitonesOf(pitch.value)] : [];
    });
  return all.length === 0 ? null : [all.reduce((low, value) => Math.min(low, value)), all.reduce((high, value) => Math.max(high, value))];
}

/** Makes an item of the copy: notes of a line are the same notes; of other material, and of a shift, all of it is practised. */
function itemFor(item: PracticeItem, copies: ReadonlyMap<string, Copy>): readonly PracticeItem[] {
  const { practised, along } = item;
  const copy = copies.get(practised.piece);
  if (!copy) return [];
  const { document } = copy.piece;
  const isSameLine = practised.part.part === 'passage' && document.brief.material.kind === 'line';
  const isSameInstrument = document.brief.instrument.kind === copy.from;
  return [
    {
      ...item,
      practised: { ...practised, piece: copy.piece.id, part: isSameLine ? practised.part : { part: 'whole' } },
      along: isSameInstrument || along.drone === 'none' ? along : { ...along, drone: 'tonic' },
    },
  ];
}

async function weekFor(player: PlayerRecord, { document }: WeekRecord, copies: ReadonlyMap<string, Copy>): Promise<WeekRecord> {
  const whose = { playerId: player.id, name: player.document.name };
  const there = await loadWeek(player.id);
  const now = there ?? newWeek(whose, { ...FIRST_WEEK, minutes: document.minutes, order: document.order });
  const asked = document.items.filter((item) => item.asked).flatMap(({ item }) => itemFor(item, copies));
  const items = withItems(
    now.document.items,
    document.items.flatMap(({ item }) => itemFor(item, copies)),
  ).map((item) => ({
    ...item,
    asked: item.asked || asked.some(({ practised }) => dequal(practised, item.item.practised)),
  }));
  const next = { ...now, document: { ...now.document, items, goal: now.document.goal ?? document.goal }, updatedAt: Date.now() };
  return dequal(next.document, there?.document) ? now : (await keepOrThrow('week', next, there)).record;
}

async function sessionFor(player: PlayerRecord, { document }: SessionRecord, copies: ReadonlyMap<string, Copy>): Promise<SessionRecord> {
  const { name, day, endCheck } = document;
  const items = document.items.flatMap((item) => itemFor(item, copies));
  const copy = newSession({ name, day, endCheck, items: [...items] }, player.id);
  const there = (await loadSessions(player.id)).find((other) => dequal(other.document, copy.document));
  return there ?? (await keepOrThrow('session', copy)).record;
}
