export { PaperPage } from './PaperPage.tsx';
export { VariantChoice } from './VariantChoice.tsx';
