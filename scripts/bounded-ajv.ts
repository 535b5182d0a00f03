import { _, Ajv, type Options } from 'ajv';
import { LONGEST_AS_TEXT } from '#core/documents';

/** Makes a validator that also knows the bound on what is kept of unknown fields. */
export function boundedAjv(options: Options): Ajv {
  const ajv = new Ajv(options);
  return ajv.addKeyword({
    keyword: LONGEST_AS_TEXT,
    schemaType: 'number',
    code: (context) => context.fail(_`JSON.stringify(${context.data}).length > ${context.schema}`),
  });
}
