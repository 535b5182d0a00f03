import { useForm, type UseFormRegister, type UseFormReturn, useWatch } from 'react-hook-form';
import { PURPOSE_LABELS, PURPOSES } from '#core/brief/parts/rules';
import { questionNamed, sideNames, sideOf } from '#core/brief/parts/school';
import type { PlayerDocument, SchoolDocument } from '#core/documents';
import { handOf, LOWEST_THUMB, USUAL_THUMB } from '#core/hand/models';
import { schoolsOf } from '#core/hand';
import { FINGER_DISTANCE_MM, FOURTH_FINGERS, HAND_PRESETS, HOME_FRAME, readPlayerHand, verdictOf } from '#core/hand/reach';
import { type Instrument, INSTRUMENT_KINDS } from '#core/instrument';
import { mmFromNut } from '#core/instrument/geometry';
import { countText, type Issue, positionWords } from '#core/messages';
import type { InstrumentRecord, PlayerRecord, SchoolRecord } from '../../records/record.ts';
import { FIELD_ROW, TextField } from '../../ui/fields/index.ts';
import { ButtonLink } from '../../ui/Button.tsx';
import { Figure } from '../../ui/Figure.tsx';
import { OpenedSection } from '../../ui/OpenedSection.tsx';
import { HAND_LABELS, REACH_LABELS, SCHOOL_LABELS } from '../../words/hand/hands.ts';
import { INSTRUMENT_LABELS } from '../../words/studio/instruments.ts';
import { homeFrameDerivation, spanDerivation } from '../../words/explain/setup-derivations.ts';
import { mmText } from '../../words/plan-words.ts';
import { FOURTH_FINGER_LABELS, measureAgainText } from '../../words/studio/setup.ts';
import { HandGuide } from './HandGuide.tsx';
import { UsedBy } from './UsedBy.tsx';
import { Field, FormHead, issueAt, LabelledSelect } from './fields.tsx';
import {
  estimatedSpans,
  HAND_SOURCES,
  instrumentForPlayer,
  playerFields,
  playerQuestions,
  type PlayerFields,
  playerUntouched,
  readPlayerFields,
  SPANS,
  TAUGHT,
} from './player-fields.ts';
import { useKeptAsTyped } from './use-kept-as-typed.ts';
import { fieldsTypedBefore, useTyped } from '../../state/typed.ts';
import type { StudioActions } from './use-studio.ts';

const SPAN_LABELS: Readonly<Record<(typeof SPANS)[number], string>> = {
  firstToFourth: 'First to fourth',
  firstToSecond: 'First to second, opened',
  thumbToThird: 'Thumb to third',
};

interface PlayerFormProps {
  readonly record: PlayerRecord;
  readonly instruments: readonly InstrumentRecord[];
  readonly schools: readonly SchoolRecord[];
  readonly actions: StudioActions;
}

/** Edits one player: the instrument, the hand, the school, the known positions, and the purpose. */
export function PlayerForm({ record, instruments, schools, actions }: PlayerFormProps) {
  const form = useForm<PlayerFields>({ defaultValues: fieldsTypedBefore(record.id, playerFields(record.document, record)) });
  useWatch({ control: form.control });
  const fields = form.getValues();
  const own = instruments.find((instrument) => instrument.id === fields.instrumentId);
  const school = schools.find((school) => school.id === fields.schoolId);
  const instrument = instrumentForPlayer(fields.kind, own?.document.instrument ?? null);
  const { document, issues } = readPlayerFields(fields, instrument);
  const links = { instrumentId: record.instrumentId, schoolId: record.schoolId };
  const untouched = playerUntouched(record, instruments);
  useKeptAsTyped(
    {
      stored: { document: record.document, ...links },
      untouched: untouched && { document: untouched, ...links },
      typed: document && { document, instrumentId: own?.id ?? null, schoolId: school?.id ?? null },
    },
    // The form knows nothing of the sheets that are kept for the player.
    ({ document: typed, ...uses }) => actions.keepPlayer({ ...record, ...uses, document: { ...record.document, ...typed } }, record),
  );
  useTyped(record.id, fields, document !== null);
  const part = { form, fields, instrument };
  return (
    <section aria-label="Player">
      <FormHead what="player" document={record.document} onDelete={() => actions.remove({ kind: 'player', record })}>
        <ButtonLink href={`/?new&player=${record.id}`}>Start a piece</ButtonLink>
      </FormHead>
      <div className="mt-3 grid gap-x-10 xl:grid-cols-[minmax(0,1fr)_460px]">
        <form className="grid content-start gap-y-2" onSubmit={(event) => event.preventDefault()}>
          <WhoFields {...part} instruments={instruments} />
          <HandFields {...part} issues={issues} />
          {document && fields.source !== 'none' && <HomeFrame instrument={instrument} document={document} />}
          <SchoolFields {...part} schools={schools} />
          <PlayerWays {...part} school={school?.document ?? null} />
        </form>
        <div className="mt-4 xl:mt-0">
          <HandGuide kind={instrument.kind} />
          <UsedBy field="playerId" id={record.id} />
        </div>
      </div>
    </section>
  );
}

interface PartProps {
  readonly form: UseFormReturn<PlayerFields>;
  readonly fields: PlayerFields;
  readonly instrument: Instrument;
}

function WhoFields({ form: { register, setValue }, instrument, instruments }: PartProps & Pick<PlayerFormProps, 'instruments'>) {
  const changeKind = register('kind', {
    onChange: () => {
      setValue('instrumentId', '');
      setValue('school', TAUGHT);
      setValue('ways', {});
      setValue('positions', []);
    },
  });
  const owned = instruments.filter((value) => value.document.instrument.kind === instrument.kind);
  return (
    <>
      <Field label="Name" register={register('name', { maxLength: 80 })} placeholder="Wren" />
      <LabelledSelect label="Plays" options={INSTRUMENT_KINDS.map((kind) => [kind, INSTRUMENT_LABELS[kind]])} register={changeKind} />
      <LabelledSelect
        label="On"
        options={[
          ['', `any ${INSTRUMENT_LABELS[instrument.kind]}`],
          ...owned.map((record) => [record.id, record.document.name || 'Unnamed instrument'] as const),
        ]}
        register={register('instrumentId')}
      />
    </>
  );
}

function HandFields({ form: { register, setValue }, fields, instrument, issues }: PartProps & { readonly issues: readonly Issue[] }) {
  const changeSource = register('source', {
    onChange: (event: { target: { value: string } }) => {
      // Measuring begins with the estimate on the screen, so that the fields show what is asked.
      const preset = HAND_PRESETS.find((preset) => preset === fields.source) ?? 'average';
      if (event.target.value === 'measured' && fields.spans.firstToFourth.comfort === '')
        setValue('spans', estimatedSpans(preset, instrument));
    },
  });
  const low = instrument.kind === 'cello' || instrument.kind === 'bass';
  return (
    <>
      <LabelledSelect
        label="Hand"
        options={HAND_SOURCES.map((source) => [source, sourceLabel(source)])}
        hint={sourceHint(fields.source)}
        register={changeSource}
      />
      {fields.source === 'measured' &&
        SPANS.filter((span) => span !== 'thumbToThird' || low).map((span) => (
          <SpanRow key={span} span={span} register={register} issue={issueAt(issues, `/player/hand/${span}`)} />
        ))}
      {fields.source !== 'none' && (
        <Field
          label="Two fingers side by side"
          unit="mm, middle to middle"
          numeric
          placeholder={String(FINGER_DISTANCE_MM)}
          hint={`Empty: ${FINGER_DISTANCE_MM} mm, an adult’s; a child’s are about 8 mm.`}
          issue={issueAt(issues, '/player/hand/fingerDistanceMm')}
          register={register('fingerDistance')}
        />
      )}
      {fields.source !== 'none' && <HandRemarkFields register={register} fields={fields} issues={issues} />}
    </>
  );
}

interface HandRemarkFieldsProps extends Pick<PartProps, 'fields'> {
  readonly register: UseFormRegister<PlayerFields>;
  readonly issues: readonly Issue[];
}

/** Edits the remarks on the hand beside its spans: they are shown beside them, and nothing is judged by them. */
function HandRemarkFields({ register, fields, issues }: HandRemarkFieldsProps) {
  const again = measureAgainText(fields.measuredOn, new Date());
  return (
    <>
      <Field
        label="Measured on"
        placeholder="2026-09-01"
        hint={again ?? 'Year, month, day. After a term you are asked to measure again.'}
        issue={issueAt(issues, '/player/hand/measuredOn')}
        register={register('measuredOn')}
      />
      <LabelledSelect
        label="Fourth finger"
        options={(['usual', ...FOURTH_FINGERS] as const).map((value) => [value, FOURTH_FINGER_LABELS[value]])}
        register={register('fourthFinger')}
      />
      <Field label="Arm" unit="mm, armpit to fingertips" numeric issue={issueAt(issues, '/player/hand/armMm')} register={register('arm')} />
      <Field label="Nails" placeholder="a remark, if any" register={register('nails')} />
    </>
  );
}

interface SpanRowProps {
  readonly span: (typeof SPANS)[number];
  readonly register: UseFormRegister<PlayerFields>;
  readonly issue: Issue | undefined;
}

function SpanRow({ span, register, issue }: SpanRowProps) {
  return (
    <div className={FIELD_ROW}>
      <span>{SPAN_LABELS[span]}</span>
      <div>
        {(['comfort', 'most'] as const).map((which) => (
          <span key={which} className="mr-3 whitespace-nowrap">
            <TextField
              className="w-14"
              inputMode="decimal"
              aria-label={`${SPAN_LABELS[span]}, ${MEASURED[which]}, mm`}
              aria-invalid={issue !== undefined}
              {...register(`spans.${span}.${which}`)}
            />{' '}
            <span className="text-dove-dark">mm {MEASURED[which]}</span>
          </span>
        ))}
        {issue && (
          <p className="mt-0.5 text-sm text-ochre">
            {issue.message} {issue.hint}
          </p>
        )}
      </div>
    </div>
  );
}

const MEASURED = { comfort: 'comfortable', most: 'at most' } as const;

function SchoolFields({ form: { register }, fields, instrument, schools }: PartProps & Pick<PlayerFormProps, 'schools'>) {
  const hands = schoolsOf(instrument.kind);
  const hand = hands.find((hand) => hand === fields.school) ?? hands[0];
  return (
    <>
      <LabelledSelect
        label="Follows"
        options={[[TAUGHT, 'no school'], ...schools.map((school) => [school.id, school.document.name || 'Unnamed school'] as const)]}
        register={register('schoolId')}
      />
      {hands.length > 1 && (
        <LabelledSelect
          label="Left hand"
          options={[
            [TAUGHT, instrument.kind === 'bass' ? 'as the school teaches' : SCHOOL_LABELS[hands[0]]],
            ...hands.filter((hand) => instrument.kind === 'bass' || hand !== hands[0]).map((hand) => [hand, SCHOOL_LABELS[hand]] as const),
          ]}
          register={register('school')}
        />
      )}
      {hand === 'thumb' && <LabelledSelect label="Thumb from" options={THUMB_PLACES} register={register('thumbFrom')} />}
      {instrument.kind === 'bass' && (
        <label className={FIELD_ROW}>
          <span>Pivots</span>
          <span>
            <input type="checkbox" {...register('pivots')} /> the hand may roll a semitone around its thumb
          </span>
        </label>
      )}
      <LabelledSelect
        label="Purpose"
        options={(['none', ...PURPOSES] as const).map((purpose) => [purpose, PURPOSE_LABELS[purpose]])}
        register={register('purpose')}
      />
      <fieldset className={FIELD_ROW}>
        <legend className="contents">
          <span>Positions known</span>
        </legend>
        <div>
          <div className="flex flex-wrap gap-x-4 gap-y-1">
            {handOf(instrument.kind, hand).positionLabels.map((label) => (
              <label key={label} className="whitespace-nowrap">
                <input type="checkbox" value={label} {...register('positions')} /> {positionWords({ label, alteration: null })}
              </label>
            ))}
          </div>
          <p className="mt-0.5 text-sm text-dove-dark">None marked: all may be used.</p>
        </div>
      </fieldset>
    </>
  );
}

/** Edits where this player is taught differently from the school. */
function PlayerWays({ form: { register }, fields, instrument, school }: PartProps & { readonly school: SchoolDocument | null }) {
  const questions = playerQuestions(instrument.kind);
  const own = questions.filter((name) => (fields.ways[name] ?? TAUGHT) !== TAUGHT).length;
  return (
    <OpenedSection title={own === 0 ? 'Taught as the school teaches' : `Taught differently in ${countText(own, 'question', 'questions')}`}>
      {() => (
        <div className="mt-2 grid gap-y-2">
          {questions.map((name) => (
            <LabelledSelect
              key={name}
              label={questionNamed(name).title}
              options={[
                [TAUGHT, `as the school teaches: ${sideOf(name, school?.school.ways?.[name] ?? TAUGHT).label}`],
                ...sideNames(questionNamed(name).sides).map((side) => [side, sideOf(name, side).label] as const),
              ]}
              hint={sideOf(name, fields.ways[name] ?? TAUGHT).gains}
              register={register(`ways.${name}`)}
            />
          ))}
        </div>
      )}
    </OpenedSection>
  );
}

const THUMB_PLACES = [
  ['', `the half-string harmonic (${USUAL_THUMB} semitones)`],
  ...Array.from({ length: USUAL_THUMB - LOWEST_THUMB }, (_, index) => {
    const semitones = String(LOWEST_THUMB + index);
    return [semitones, `${semitones} semitones above the open string`] as const;
  }),
] as const;

/** Shows what the measurements mean where every pupil begins: the hand at rest in first position. */
function HomeFrame({ instrument, document }: { readonly instrument: Instrument; readonly document: PlayerDocument }) {
  const hand = readPlayerHand(document.profile.player.hand ?? {}, instrument);
  if (!hand.ok) return null;
  const [lowest, highest] = HOME_FRAME[instrument.kind];
  const needMm = mmFromNut(instrument.stringLengthMm, highest) - mmFromNut(instrument.stringLengthMm, lowest);
  const { comfortMm, maxMm } = hand.value.firstToFourth;
  const estimated = document.profile.player.hand?.firstToFourth === undefined;
  const verdict = verdictOf({ needMm, span: hand.value.firstToFourth });
  return (
    <p className="text-sm sm:ml-[164px] text-dove-dark">
      First position at rest asks for{' '}
      <Figure how={homeFrameDerivation(instrument.kind, instrument.stringLengthMm)}>{mmText(needMm)}</Figure> on a string of{' '}
      {instrument.stringLengthMm} mm; this hand spans{' '}
      <Figure how={spanDerivation(estimated, comfortMm, needMm)}>{mmText(comfortMm)}</Figure> comfortably and{' '}
      <Figure how={spanDerivation(estimated, maxMm, needMm)}>{mmText(maxMm)}</Figure> at most:{' '}
      <strong className={verdict === 'comfort' ? 'text-ink' : 'text-ochre'}>{REACH_LABELS[verdict]}</strong>.
    </p>
  );
}

function sourceLabel(source: (typeof HAND_SOURCES)[number]): string {
  switch (source) {
    case 'none':
      return 'not measured';
    case 'measured':
      return 'measured with the ruler';
    case 'small':
    case 'average':
    case 'large':
      return `${HAND_LABELS[source]} (estimate)`;
  }
}

function sourceHint(source: string): string {
  if (source === 'none') return 'Reach is given in mm but not judged; double stops are judged for a large hand.';
  if (source === 'measured') return 'Leave a line empty where you have not measured.';
  return 'An estimate in shares of this instrument’s first position: take the ruler when you can.';
}
