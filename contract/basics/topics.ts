// What a change touches and a view reads. After a commit the topics go out; views that read one fetch again.
export const TOPICS = ['house', 'people', 'species', 'stock', 'dock', 'bench', 'rounds', 'water', 'today', 'moves', 'exposure'] as const;
export type Topic = (typeof TOPICS)[number];
/** The topics that each of these views reads. */
export type TopicsOf<Views> = { [V in keyof Views]: readonly Topic[] };
