// What the screens read of notes about fish that are well. Instants are UTC ms.
import type { Certainty } from '#core/lots/index.ts';
import type { Arranged, Behaviour } from '#core/noted/index.ts';

export type BehaviourCard = { what: Behaviour[]; atMs: number; by: string; tankCode: string; note?: string };
export type SexesCard = { males: number; females: number; sure: Certainty; atMs: number; by: string; note?: string };
export type ArrangementCard = { did: Arranged[]; atMs: number; by: string; note?: string };
