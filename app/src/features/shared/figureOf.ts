/** A figure as somebody typed it, with a point or a comma; NaN where it is none. */
export const figureOf = (typed: string): number => Number(typed.trim().replace(',', '.') || NaN);
