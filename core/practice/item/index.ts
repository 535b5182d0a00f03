export { groupsOf, type NoteGroup } from './groups.ts';
export {
  Along,
  type Grouping,
  GROUPINGS,
  ITEM_MINUTES,
  MODELS,
  MOST_IN_SESSION,
  PLAIN_ALONG,
  PracticeItem,
  PracticePart,
  Practised,
  practisedKey,
  SESSION_FIELDS,
  SUBDIVISIONS,
} from './item.ts';
export { modelOf, voicesApart } from './model.ts';
