export { Choice, OptionChoice } from './Choice.tsx';
export { CheckField, FieldRow, SelectField, TextField } from './Field.tsx';
export { FieldsAgain, FormAgain } from './FieldsAgain.tsx';
export { LabelledChoice } from './LabelledChoice.tsx';
export { type Option, Select } from './Select.tsx';
export { SuggestedField } from './SuggestedField.tsx';
export { FIELD, FIELD_ROW } from './field-look.ts';
export { SENTENCE_PART } from './sentence-part.ts';
export { typedNumber } from './typed-number.ts';
