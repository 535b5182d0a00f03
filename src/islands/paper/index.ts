export { PaperPage } from './PaperPage.tsx';
export { VariantChoice, VariantFields } from './VariantChoice.tsx';
