import type * as v from 'valibot'

type Read<S extends v.GenericSchema> = v.InferOutput<S>
/** The fields that one has and the other has not. */
type Unlike<A, B> = Exclude<keyof A, keyof B> | Exclude<keyof B, keyof A>
type Agrees<T, S extends v.GenericSchema> = [Unlike<T, Read<S>>] extends [never]
  ? T extends Read<S>
    ? Read<S> extends T
      ? S
      : { 'is read with something that the type does not allow': Read<S> }
    : { 'is read without something that the type allows': T }
  : { 'only one of both has': Unlike<T, Read<S>> }

/**
 * A schema that reads just what a type of `core/project` says: a field that one has and the other has not does not
 * compile.
 * @example shaped<FigureGroup>()(v.object({ id, name }))
 */
export const shaped =
  <T>() =>
  <S extends v.GenericSchema>(schema: S & Agrees<T, S>): S =>
    schema
