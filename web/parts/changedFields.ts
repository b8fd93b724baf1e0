// What a form changes of a record: only the fields that are other than they were. What was emptied is not known any more.

export const changedFields = (was: object, is: object): Record<string, unknown> =>
  Object.fromEntries(
    [...new Set([...Object.keys(was), ...Object.keys(is)])]
      .map((field) => [field, (was as Record<string, unknown>)[field], (is as Record<string, unknown>)[field]] as const)
      .filter(([, before, now]) => JSON.stringify(before) !== JSON.stringify(now))
      .map(([field, , now]) => [field, now ?? null]),
  );
