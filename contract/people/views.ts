// What the screens read of who works here and who stands at the door. Instants are UTC ms, quantities SI.
import type { Role } from '#core/roles/index.ts';

export type Person = { id: string; name: string; title: string; role: Role };

/** Before sign-in: who may tap their name. `pin` only in a demo house. */
export type DoorView = {
  house: {
    name: string;
    demo: boolean;
    /** The journal is empty: the first lead may set it up. */
    empty: boolean;
    /** Asked of a first lead on another machine: the code that the server printed when it started. */
    code?: boolean;
    /** The directory in which nothing of any house was found; nothing is written there yet. */
    nothingIn?: string;
  };
  people: (Pick<Person, 'id' | 'name' | 'title'> & { pin?: string })[];
};
