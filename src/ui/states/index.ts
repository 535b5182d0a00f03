export { Answered } from './Answered.tsx';
export { guardIsland, Part } from './Boundary.tsx';
export { EmptyState } from './EmptyState.tsx';
export { loadLater } from './load-later.tsx';
export { Notice } from './Notice.tsx';
export { Progress } from './Progress.tsx';
export { Question } from './Question.tsx';
