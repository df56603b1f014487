// Mutation tests run the same statements thousands of times: on so many generated pieces each.
globalThis.ROUTE_CASES = 4;
