export {
  addFractions,
  asNumber,
  compareFractions,
  formatFraction,
  fraction,
  type Fraction,
  multiplyFractions,
  parseFraction,
  subtractFractions,
  ZERO,
} from './fraction.ts';
