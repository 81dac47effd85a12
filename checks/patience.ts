/** A machine that is busy takes seconds for a new house. */
jest.setTimeout(30_000);
