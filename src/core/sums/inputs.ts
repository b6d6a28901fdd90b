import type { ObjectSchema } from 'yup';
import type { ChoiceField, FlagField, LengthsField, NumberField, ValuesOf } from '../form/field';
import { shapeOf } from '../form/schema-of';
import { startsOf } from '../form/start-of';
import type { LengthUnit } from '../units/parse-length';

/** What a sum asks: fields of the kit whose values are plain. */
export type InputSpec = NumberField | ChoiceField<string> | FlagField | LengthsField;
export type InputFields = Record<string, InputSpec>;
export type InputValue = number | string | boolean | null | number[];
export type Inputs = Record<string, InputValue>;
/** What a sum's fields come to once they are filled in. */
export type InputsOf<F extends InputFields> = ValuesOf<F>;

/** The Yup schema of a sum's inputs: strict, nothing missing, nothing unknown. */
export const inputSchema = (fields: InputFields): ObjectSchema<Record<string, unknown>> => shapeOf(fields);

/** What a form shows before anybody typed. @example startInputs(fields, 'inch') */
export const startInputs = (fields: InputFields, unit: LengthUnit): Inputs => startsOf(fields, unit) as Inputs;
