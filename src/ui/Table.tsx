import type { TableHTMLAttributes } from 'react';
import { Scrolls } from './Scrolls.tsx';

/** A table with a line under each row. `className` places it. */
export function Table({ className = '', ...attributes }: TableHTMLAttributes<HTMLTableElement>) {
  return (
    <Scrolls what="Table" className={className}>
      <table
        className="w-full border-collapse text-[14px] [&_td]:border-b [&_td]:border-line [&_td]:py-[3px] [&_td]:pr-3.5 [&_td]:align-top [&_th]:border-b [&_th]:border-line [&_th]:py-[3px] [&_th]:pr-3.5 [&_th]:text-left [&_th]:align-top [&_th]:font-semibold [&_th]:text-dove-dark"
        {...attributes}
      />
    </Scrolls>
  );
}

/** The head of a table: the names of its columns. */
export function TableHead({ columns }: { readonly columns: readonly string[] }) {
  return (
    <thead>
      <tr>
        {columns.map((name) => (
          <th key={name} scope="col">
            {name}
          </th>
        ))}
      </tr>
    </thead>
  );
}
