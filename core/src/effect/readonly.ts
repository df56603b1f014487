/** The same data, not to be changed at any depth. */
export type DeepReadonly<T> = T extends string | number | boolean | null | undefined
  ? T
  : unknown extends T
    ? T
    : { readonly [Key in keyof T]: DeepReadonly<T[Key]> };
