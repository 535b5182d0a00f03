export { PaperPage } from './PaperPage.tsx';
