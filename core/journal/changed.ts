// What a change of a record sends: only the changed fields, and the latest entry on it that the maker saw.

export type Change<Fields> = { basedOn: string; fields: Partial<Fields> };
