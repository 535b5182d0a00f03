export { addressForCodes, addressSet, followAddress, setAddressForCodes } from './address-for-codes.ts';
export { CLASS_KINDS, CLASS_OCTAVES, CLASS_TEMPI, CLASS_VALUES, type ClassChoices, keepClass, useClassChoices } from './class-score.ts';
export { KEY_BEGINS, keepBook, type KeptBook, useKeptBook } from './scale-book.ts';
