export { DIVISIONS } from './divisions.ts';
export { CSV_COLUMNS, toCsv } from './to-csv.ts';
export { at, childOf, childrenOf, element, numberOf, type ReadElement, textOf, type XmlElement } from './xml.ts';
