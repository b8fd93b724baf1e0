export { makeChance, normal } from './chance.ts';
