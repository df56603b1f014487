/**
 * Of a normal distribution one in ten lies further out than so many standard deviations on one side, and
 * so eight in ten within them on both: the quantile of 0.9 (any table of it).
 */
export const ONE_IN_TEN_SIGMA = 1.2816;
